'use client';

import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { roundTemperature } from '@/core/units/round-figure';
import { apart, stack } from '@/ui/layout/layout';
import { Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useId, useState } from 'react';
import { REFERENCE_METALS } from '@/reference/metals';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { MassField } from '@/ui/unit-field/MassField';
import { markText, weighedText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { ScrapFits } from './ScrapFits';
import { identifyByCasting, identifyInWater } from '@/model/metals/identify-scrap';
import styles from './metal.module.css';
import { inBackground } from '@/station-kit/in-background';

type Way = 'water' | 'casting';
const UNDECIDED = 'undecided';

/** What is this scrap? Two ways to its density, the metals that fit, and no more said than density can tell. */
export function IdentifyForm({ binId, onClose }: { binId: string; onClose: () => void }) {
  const sentence = useSentence();
  const { view, workshop } = useBench();
  const { mass, temperature } = useUnits();
  const [lotId, setLotId] = useState(binId);
  const [way, setWay] = useState<Way>('water');
  const [airG, setAirG] = useState<number | null>(null);
  const [submergedG, setSubmergedG] = useState<number | null>(null);
  const [waterC, setWaterC] = useState<number | null>(() => roundTemperature(18, temperature));
  const [scaleG, setScaleG] = useState<number | null>(mass === 'g' ? 0.1 : GRAMS_PER_OUNCE / 100);
  const [cavityId, setCavityId] = useState<string | null>(null);
  const [weighedG, setWeighedG] = useState<number | null>(null);
  const [count, setCount] = useState<number | null>(3);
  const [choice, setChoice] = useState<string>(UNDECIDED);
  const id = useId();
  const lot = view.metals.find((each) => each.id === lotId) ?? null;
  const bare = view.molds.flatMap((mold) =>
    mold.cavities
      .filter((cavity) => cavity.volumeBasis === 'weighed')
      .map((cavity) => ({ cavity, name: `${mold.name}, ${markText(cavity.nominalG, mass)}, no hook` })),
  );
  const cavity = bare.find((each) => each.cavity.id === cavityId)?.cavity ?? null;
  const read =
    way === 'water'
      ? airG !== null && submergedG !== null && waterC !== null && scaleG !== null && airG > 0
        ? identifyInWater(airG, submergedG, waterC, scaleG)
        : null
      : cavity && weighedG !== null && count !== null && count > 0 && scaleG !== null
        ? identifyByCasting(cavity, null, weighedG, count, scaleG)
        : null;
  const found = read?.ok ? read.value : null;
  const fitting = found?.fits.filter(({ fits }) => fits) ?? [];
  const write = (massG: number) => weighedText(massG, mass);

  const save = async () => {
    if (!lot || !found) return;
    const metal = REFERENCE_METALS.find(({ key }) => key === choice);
    await workshop.metals.identify({
      ...lot,
      densityGcm3: found.densityGcm3,
      densityBasis: 'weighed',
      composition: metal ? { ...metal.composition } : null,
      compositionBasis: 'guess',
      ...(metal ? { shrinkLinear: metal.shrinkLinear.value, shrinkBasis: 'reference' as const } : {}),
    });
    onClose();
  };

  return (
    <Dialog
      open
      title="What is this metal?"
      width={600}
      onCancel={onClose}
      onOk={() => inBackground(save())}
      okText="Save result"
      okButtonProps={{ disabled: !found || !lot }}
    >
      <div className={stack(10)}>
        <FieldShell id={`${id}lot`} label="Lot">
          <Select
            id={`${id}lot`}
            value={lotId}
            style={{ width: '100%' }}
            options={view.metals.map((each) => ({ value: each.id, label: each.name }))}
            onChange={setLotId}
          />
        </FieldShell>
        <Segmented<Way>
          aria-label="How it is weighed"
          block
          value={way}
          options={[
            { value: 'water', label: 'In air and in water' },
            { value: 'casting', label: 'Cast a cavity that is known' },
          ]}
          onChange={setWay}
        />
        {way === 'water' ? (
          <div className={apart(10, styles.bandRow)}>
            <MassField label="In air" value={airG} write={write} onChange={setAirG} />
            <MassField
              label="Hung in water"
              value={submergedG}
              write={write}
              onChange={setSubmergedG}
              hint="on a thread, clear of the cup"
            />
            <QuantityField
              label="The water"
              of="temperature"
              value={waterC}
              least={0}
              most={100}
              onChange={setWaterC}
            />
          </div>
        ) : (
          <div className={apart(10, styles.bandRow)}>
            <FieldShell id={`${id}cavity`} label="Cavity">
              <Select
                id={`${id}cavity`}
                showSearch
                optionFilterProp="label"
                value={cavityId}
                placeholder="one that was weighed in"
                style={{ width: '100%' }}
                options={bare.map(({ cavity: each, name }) => ({ value: each.id, label: name }))}
                onChange={setCavityId}
              />
            </FieldShell>
            <CountField label="Castings" value={count} onChange={setCount} />
            <MassField label="Weigh together" value={weighedG} write={write} onChange={setWeighedG} />
          </div>
        )}
        <MassField
          label="The scale reads to"
          value={scaleG}
          write={write}
          onChange={setScaleG}
          check={(massG) => (massG <= 0 ? 'Write its smallest step, such as 0.1 g or 0.01 oz.' : null)}
          width={160}
        />
      </div>
      {read && !read.ok ? <p className="stop">{sentence(read.problem)}</p> : null}
      {found ? (
        <ScrapFits found={found}>
          <FieldShell id={`${id}as`} label="Save as">
            <Select
              id={`${id}as`}
              value={choice}
              style={{ width: '100%' }}
              options={[
                { value: UNDECIDED, label: 'Unknown metal of this density' },
                ...fitting
                  .filter(({ key }) => REFERENCE_METALS.some((metal) => metal.key === key))
                  .map(({ key, name }) => ({ value: key, label: `${name}, my guess` })),
              ]}
              onChange={setChoice}
            />
          </FieldShell>
        </ScrapFits>
      ) : null}
    </Dialog>
  );
}
