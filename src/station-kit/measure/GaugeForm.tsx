'use client';

import { column, line, stack } from '@/ui/layout/layout';
import { Button, Select, Slider } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import Link from 'next/link';
import { useState } from 'react';
import { BLADE_FORMS } from '@/core/builds/blades';
import type { BladeFormId } from '@/core/builds/blades/definition';
import { sizeInChart } from '@/core/builds/size-in-chart';
import {
  BENDS,
  findRole,
  LINE_FORMS,
  PART_ROLES,
  PLAIN_GAUGE,
  TRAILER_SHAPES,
  type Bend,
  type LineForm,
  type PartRoleId,
  type SizeId,
  type TrailerShape,
} from '@/core/parts/part-roles';
import { useUnits } from '@/ui/units/use-units';
import type { PartBin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { sizeText } from '@/text/words';
import { MeasureField } from '../put-down/MeasureField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '../BenchProvider';
import { usePreferences } from '../preferences-store';
import { CalibrateScreen } from '../true-size/CalibrateScreen';
import { measuredParts } from '@/model/baits/measured-parts';
import { pieceOf } from '@/model/baits/bait-facts';
import { partHex } from '../looks/look-of-build';
import { PartOutline } from '@/ui/bait-drawing/PartOutline';
import styles from './measure.module.css';
import { inBackground } from '../in-background';

const EMPTY: Gauge = { ...PLAIN_GAUGE, as: 'bead', sizes: {}, basis: 'measured' };

const LINE_WORDS: Record<LineForm, string> = {
  strand: 'one strand',
  cord: 'plaited cord',
  hollow: 'hollow cord',
  floss: 'floss, thread',
  cable: 'steel cable',
};

const SHAPE_WORDS: Record<TrailerShape, string> = {
  paddle: 'paddle tail',
  grub: 'grub, curly tail',
  worm: 'worm, stick',
  claw: 'claw',
  chunk: 'chunk',
  pork: 'pork',
};

const BEND_WORDS: Record<Bend, string> = {
  bent: 'V, for spinnerbaits',
  straight: 'straight, for in-line spinners',
  raised: 'up and back, for buzzbaits',
  under: 'short, under the head',
};

/** What a part is and its sizes, taken by calipers or laid on its outline of true size. */
export function GaugeForm({ bin }: { readonly bin: PartBin }) {
  const { view, workshop } = useBench();
  const { screenPxPerMm, length } = usePreferences();
  const [gauge, setGauge] = useState<Gauge>(bin.gauge ?? EMPTY);
  const [massG, setMassG] = useState(bin.massG);
  const [cost, setCost] = useState(bin.costEach);
  const [said, setSaid] = useState(false);
  const role = findRole(gauge.as);
  const chart = measuredParts(view).flatMap((each) =>
    each.id === bin.id ? [] : (pieceOf(each.id, view) ?? []),
  );
  const near = sizeInChart({ gauge }, chart);
  const setSize = (id: SizeId, value: number | null) => {
    const others = Object.fromEntries(Object.entries(gauge.sizes).filter(([key]) => key !== id));
    setSaid(false);
    setGauge({ ...gauge, sizes: value === null ? others : { ...others, [id]: value }, basis: 'measured' });
  };
  const setRole = (as: PartRoleId) => {
    setSaid(false);
    setGauge({
      ...EMPTY,
      as,
      form: as === 'blade' ? 'leaf' : null,
      plastic: as === 'trailer' ? 'soft' : null,
      bend: as === 'frame' ? 'bent' : null,
      line: as === 'line' ? 'strand' : null,
    });
  };
  return (
    <section className={column(16, styles.form)} aria-label={bin.name}>
      <header>
        <h2>{bin.name}</h2>
        <p className="quiet">
          {bin.place}.{' '}
          {near ? `By its measures nearest to ${near.piece.name}, ${sizeText(near.offMm, length)} off.` : ''}
        </p>
      </header>
      <div className={styles.fields}>
        <ChoiceField
          label="It is a"
          value={gauge.as}
          options={PART_ROLES.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(as) => as && setRole(as as PartRoleId)}
        />
        {gauge.as === 'blade' ? (
          <FieldShell id="blade-form" label="Form">
            <Select
              id="blade-form"
              value={gauge.form}
              style={{ width: '100%' }}
              options={BLADE_FORMS.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(form: BladeFormId) => setGauge({ ...gauge, form })}
            />
          </FieldShell>
        ) : null}
        {gauge.as === 'trailer' ? (
          <FieldShell id="trailer-plastic" label="Plastic">
            <Segmented
              id="trailer-plastic"
              value={gauge.plastic ?? 'soft'}
              options={[
                { value: 'soft', label: 'Soft' },
                { value: 'stretch', label: 'Stretchy' },
              ]}
              onChange={(plastic) => setGauge({ ...gauge, plastic: plastic as 'soft' | 'stretch' })}
            />
          </FieldShell>
        ) : null}
        {gauge.as === 'trailer' ? (
          <ChoiceField
            label="Shape"
            value={gauge.shape}
            none="not said"
            options={TRAILER_SHAPES.map((shape) => ({ value: shape, label: SHAPE_WORDS[shape] }))}
            onChange={(shape) => setGauge({ ...gauge, shape: shape as TrailerShape | null })}
          />
        ) : null}
        {gauge.as === 'frame' ? (
          <ChoiceField
            label="Bent as"
            value={gauge.bend}
            options={BENDS.map((bend) => ({ value: bend, label: BEND_WORDS[bend] }))}
            onChange={(bend) => setGauge({ ...gauge, bend: bend as Bend })}
          />
        ) : null}
        {gauge.as === 'line' ? (
          <ChoiceField
            label="Made of"
            value={gauge.line}
            options={LINE_FORMS.map((line) => ({ value: line, label: LINE_WORDS[line] }))}
            onChange={(line) => setGauge({ ...gauge, line: line as LineForm })}
          />
        ) : null}
        {role.sizes
          .filter(({ id }) => id !== 'hubMm' || gauge.form === 'wing')
          .map((size) => (
            <MeasureField
              key={`${gauge.as} ${size.id}`}
              role={size}
              value={gauge.sizes[size.id] ?? null}
              onChange={(value) => setSize(size.id, value)}
            />
          ))}
        <MassField label="Weighs each" value={massG} onChange={setMassG} />
        <NumberField label={`Costs each, ${view.bench.money.sign}`} value={cost} onChange={setCost} />
      </div>
      <figure className={styles.laid}>
        <div className={styles.plate}>
          <PartOutline
            gauge={gauge}
            hex={partHex(bin)}
            pxPerMm={screenPxPerMm ?? 96 / 25.4}
            name={`${bin.name}, true size`}
          />
        </div>
        <figcaption>
          Lay the part on its outline: raise or lower its sizes until it is covered.
          {gauge.as === 'blade' ? <BladeSliders sizes={gauge.sizes} onSize={setSize} /> : null}
        </figcaption>
      </figure>
      <CalibrateScreen />
      <p>
        <Link href="/shelf?part=mat" prefetch={false}>
          Have a picture measure it
        </Link>
        , laid on the printed mat.
      </p>
      <div className={line(12)}>
        <Button
          type="primary"
          disabled={Object.keys(gauge.sizes).length === 0}
          onClick={() =>
            inBackground(
              workshop.shelf.edit({ ...bin, gauge, massG, costEach: cost }).then(() => setSaid(true)),
            )
          }
        >
          Keep these measures
        </Button>
        {said ? <span role="status">Kept. Baits with it are drawn and judged by it.</span> : null}
      </div>
    </section>
  );
}

/** A blade's length and width, drawn over it until its outline is covered. */
function BladeSliders({
  sizes,
  onSize,
}: {
  readonly sizes: Gauge['sizes'];
  readonly onSize: (id: SizeId, mm: number) => void;
}) {
  const { length } = useUnits();
  return (
    <span className={stack(20, styles.sliders)}>
      {(['lengthMm', 'widthMm'] as const).map((id) => {
        const name = id === 'lengthMm' ? 'Length' : 'Width';
        return (
          <label key={id}>
            {name} {sizeText(sizes[id] ?? 0, length)}
            <Slider
              ariaLabelForHandle={`${name} on the screen`}
              min={5}
              max={100}
              step={0.1}
              tooltip={{ open: false }}
              value={sizes[id] ?? 20}
              onChange={(mm) => onSize(id, mm)}
            />
          </label>
        );
      })}
    </span>
  );
}
