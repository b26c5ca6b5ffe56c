'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { roundLength } from '@/core/units/round-figure';
import { volumeText } from '@/text/quantity-text';
import { column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { castPlate } from '@/core/rigs/cast-plate';
import type { Rig } from '@/core/rigs/rig';
import { outlineOf } from '@/core/solids/solid-outline';
import { numberText } from '@/text/number-text';
import type { Mold } from '@/records/mold';
import { weightWorking } from '@/station-kit/figures/weight-working';
import { Figure } from '@/ui/figure/Figure';
import { PlateDrawing } from '@/ui/rig-drawing/PlateDrawing';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { lengthText, lotText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { usePreferences } from '@/station-kit/preferences-store';
import { usePrint } from '@/station-kit/use-print';
import type { RigDraft } from '@/model/rigs/rig-draft';
import { boardSheet } from '@/station-kit/print/print-board';
import { drillPattern } from '@/station-kit/print/rig-boards';
import styles from './rig.module.css';
import { inBackground } from '@/station-kit/in-background';

interface FeederPlateProps {
  readonly draft: RigDraft;
  readonly rig: Rig;
}

const LEAD = /lead/i;

/** The board that casts the plate, its rivet pins pulled. */
function plateMold(
  feeder: string,
  massG: number,
  rivets: number,
  plate: NonNullable<ReturnType<typeof castPlate>>,
): Omit<Mold, 'id'> {
  const pin = {
    name: 'rivet pin',
    count: rivets,
    massG: 0,
    volumeCm3: plate.pinCm3,
    embeddedShare: 1,
    removed: true,
  };
  return {
    name: `Board, ${feeder || 'feeder'} plate`,
    kind: 'board',
    spin: null,
    place: '',
    note: `For the feeder ${feeder}.`.trim(),
    secondsPerPour: 45,
    setupSeconds: 600,
    spruePerPourG: 5,
    copies: 1,
    maxPours: null,
    warmUpPours: 1,
    warmWork: null,
    cavities: [
      {
        id: '',
        style: 'plate',
        nominalG: massG,
        volumeCm3: plate.cavityCm3,
        volumeBasis: 'guess',
        standardErrorCm3: null,
        weighedCount: 0,
        hookSizes: [],
        hookShare: 0,
        hookNotes: {},
        spot: null,
        inserts: rivets > 0 ? [pin] : [],
        outline: outlineOf(plate.solid),
      },
    ],
  };
}

/** The plate that is riveted on: as heavy as wanted in this metal, drawn to scale, sent to Molds as a cavity. */
export function FeederPlate({ draft, rig }: FeederPlateProps) {
  const { view, workshop } = useBench();
  const print = usePrint();
  const { mass, length, volume, paper } = usePreferences();
  const router = useRouter();
  const body = rig.items.find(({ place }) => place === 'body')?.part;
  const [form, setForm] = useState<'oblong' | 'round'>('oblong');
  const [longMm, setLong] = useState(() =>
    roundLength(Math.round((body?.gauge.sizes.lengthMm ?? 34) * 0.9), length),
  );
  const [wideMm, setWide] = useState(() =>
    roundLength(Math.round((body?.gauge.sizes.diameterMm ?? 26) * 0.7), length),
  );
  const [holes, setHoles] = useState(2);
  const [holeMm, setHole] = useState(() => roundLength(3, length));
  const [metalId, setMetalId] = useState(
    () => (view.metals.find(({ name }) => LEAD.test(name)) ?? view.metals[0])?.id ?? null,
  );
  const metal = view.metals.find(({ id }) => id === metalId) ?? null;
  const massG = rig.wants.castG ?? 30;
  const question = metal && { form, longMm, wideMm, holes, holeMm, massG, metal };
  const plate = question && castPlate(question);
  const finishedG = massG + (body?.massG ?? 0);
  const send = async () => {
    if (!plate) return;
    await workshop.molds.save(plateMold(draft.name.trim(), massG, holes, plate));
    router.push('/molds');
  };
  const long = (
    label: string,
    value: number,
    set: (next: number) => void,
    [least, most]: readonly [number, number],
  ) => (
    <QuantityField
      of="length"
      {...{ label, value, least, most }}
      onChange={(next) => next !== null && set(next)}
    />
  );
  const size = (
    label: string,
    value: number,
    set: (next: number) => void,
    [least, most]: [number, number],
  ) => (
    <CountField
      label={label}
      min={least}
      max={most}
      value={value}
      onChange={(next) => next !== null && set(next)}
    />
  );
  return (
    <section className={column(12, styles.plate)} aria-label="Cast plate">
      <h3>Cast plate</h3>
      <div className={styles.fields}>
        <FieldShell id="plate-form" label="Plate">
          <Segmented
            id="plate-form"
            aria-label="Plate"
            value={form}
            options={[
              { value: 'oblong' as const, label: 'oblong' },
              { value: 'round' as const, label: 'round' },
            ]}
            onChange={setForm}
          />
        </FieldShell>
        {long(form === 'round' ? 'Plate across' : 'Plate long', longMm, setLong, [5, 200])}
        {form === 'round' ? null : long('Plate wide', wideMm, setWide, [4, 120])}
        {size('Rivets', holes, setHoles, [0, 6])}
        {long('Rivet hole', holeMm, setHole, [0.5, 12])}
        <ChoiceField
          label="Cast in"
          value={metalId}
          none="choose a metal"
          options={view.metals.map(({ id, name }) => ({ value: id, label: lotText(name) }))}
          onChange={setMetalId}
        />
      </div>
      {plate && question ? (
        <>
          <PlateDrawing {...question} thickMm={plate.thickMm} />
          <p>
            <Figure
              working={{
                title: 'How thick',
                steps: [
                  `${massText(massG, mass)} ÷ (${numberText(question.metal.densityGcm3, 4)} g/cm³ cast and shrunk) ÷ the face less its holes`,
                ],
                inputs: [
                  {
                    name: 'density',
                    value: `${numberText(question.metal.densityGcm3, 4)} g/cm³`,
                    basis: question.metal.densityBasis,
                  },
                ],
              }}
            >
              {lengthText(plate.thickMm, length)}
            </Figure>{' '}
            thick for {massText(massG, mass)}; with its body{' '}
            <Figure
              working={weightWorking(
                [
                  { name: 'the plate', massG, count: 1 },
                  { name: body?.name ?? 'the body', massG: body?.massG ?? null, count: 1 },
                ],
                finishedG,
                mass,
              )}
            >
              {massText(finishedG, mass)}
            </Figure>
            {body?.gauge.sizes.holdsCm3
              ? `, and it holds ${volumeText(body.gauge.sizes.holdsCm3, volume)} of bait`
              : ''}
            .
          </p>
        </>
      ) : (
        <p role="alert" className="wrong">
          {metal
            ? 'The holes leave no plate. Make them smaller, or the plate larger.'
            : 'Choose the metal it is cast in.'}
        </p>
      )}
      <div className={wrap(8)}>
        <Button type="primary" disabled={!plate} onClick={() => inBackground(send())}>
          Send it to Molds
        </Button>
        <Button
          disabled={!question || !plate}
          onClick={() =>
            question &&
            inBackground(
              print(boardSheet(drillPattern(draft.name.trim() || 'Feeder', question, length), paper)),
            )
          }
        >
          Print the drill pattern
        </Button>
      </div>
    </section>
  );
}
