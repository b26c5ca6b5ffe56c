'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { volumeByCup, volumeByWeight } from '@/core/plastics/piece-volume';
import { plasticDensity } from '@/core/plastics/plastic-density';
import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';
import { NumberField } from '../unit-field/NumberField';
import { PLASTIC_GCM3 } from '@/reference/typical/densities';
import { numberText } from '@/text/number-text';
import { volumeText } from '@/text/quantity-text';
import { stack, wrap } from '../layout/layout';
import { CountField } from '../unit-field/CountField';
import { MassField } from '../unit-field/MassField';
import { QuantityField } from '../unit-field/QuantityField';
import { Figure } from '../figure/Figure';
import { useUnits } from '../units/use-units';

interface OneBaitProps {
  /** Of the mold: baits a shot, its runner, and what stays in cup and injector. */
  readonly cavities: number;
  readonly runnerCm3: number;
  readonly lossShare: number;
  /** The cup that its recipe is counted into, cm3. */
  readonly baseCm3: number;
  /** One bait was found to be so much, cm3. */
  readonly onFound: (pieceCm3: number) => void;
}

type Way = 'weigh' | 'cup';

/** Table salt, g/cm3. Source: common handbooks. */
const SALT_GCM3 = 2.16;

/** Whether a bait of so much floats, and how hard it is lifted or pressed down, where one's weight is known. */
function floatText(densityGcm3: number, eachG: number | null, unit: MassUnit): string {
  const does = densityGcm3 < 1 ? 'it floats' : 'it sinks';
  if (eachG === null) return `${does}.`;
  const liftG = eachG / densityGcm3 - eachG;
  return `${does}, ${liftG > 0 ? 'lifted' : 'pressed down'} with ${massText(Math.abs(liftG), unit)} in water: what is lifted stands a head’s tail up.`;
}

/** How much plastic one bait is, for who never measured it: some on the scale, or a cup that was shot empty. */
export function OneBait({ cavities, runnerCm3, lossShare, baseCm3, onFound }: OneBaitProps) {
  const { volume, mass } = useUnits();
  const [isOpen, setOpen] = useState(false);
  const [way, setWay] = useState<Way>('weigh');
  const [massG, setMassG] = useState<number | null>(null);
  const [cupCm3, setCupCm3] = useState<number | null>(null);
  const [baits, setBaits] = useState<number | null>(10);
  const [plasticGcm3, setPlasticGcm3] = useState<number | null>(PLASTIC_GCM3);
  const [saltG, setSaltG] = useState<number | null>(null);
  const mixed = plasticDensity(
    [
      { densityGcm3: plasticGcm3 ?? PLASTIC_GCM3, volumeCm3: baseCm3 },
      { densityGcm3: SALT_GCM3, massG: saltG ?? 0 },
    ],
    1,
  );
  const densityGcm3 = mixed.ok ? mixed.value.densityGcm3 : PLASTIC_GCM3;
  const found =
    baits === null
      ? null
      : way === 'weigh'
        ? massG && volumeByWeight(massG, baits, densityGcm3)
        : cupCm3 && volumeByCup({ cupCm3, lossShare, runnerCm3, cavities, baits });
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Find it
      </Button>
      {isOpen ? (
        <Dialog
          open
          title="How much plastic one bait is"
          okText="Take it"
          okButtonProps={{ disabled: !found }}
          onCancel={() => setOpen(false)}
          onOk={() => {
            if (found) onFound(Math.round(found * 1000) / 1000);
            setOpen(false);
          }}
        >
          <div className={stack(12)}>
            <Segmented<Way>
              aria-label="How it is found"
              value={way}
              options={[
                { value: 'weigh', label: 'Weigh some' },
                { value: 'cup', label: 'Count a cup' },
              ]}
              onChange={setWay}
            />
            <div className={wrap(12)}>
              <CountField label="Baits" value={baits} min={1} max={5000} onChange={setBaits} width={110} />
              {way === 'weigh' ? (
                <>
                  <MassField label="They weigh together" value={massG} onChange={setMassG} />
                  <NumberField
                    label="Plastic, g/cm³"
                    least={0.7}
                    most={1.4}
                    step={0.01}
                    value={plasticGcm3}
                    width={120}
                    onChange={setPlasticGcm3}
                  />
                  <MassField
                    label={`Salt in ${volumeText(baseCm3, volume)} of it`}
                    isOptional
                    value={saltG}
                    onChange={setSaltG}
                  />
                </>
              ) : (
                <QuantityField
                  label="The cup held"
                  of="volume"
                  least={1}
                  most={5000}
                  isOptional
                  value={cupCm3}
                  onChange={setCupCm3}
                />
              )}
            </div>
            <p className={found ? undefined : 'quiet'} role="status">
              {found && baits ? (
                <>
                  One is{' '}
                  <Figure
                    working={
                      way === 'weigh'
                        ? {
                            title: 'One bait',
                            steps: [
                              `${massText(massG ?? 0, mass)} ÷ ${baits} ÷ ${numberText(densityGcm3, 3)} g/cm³ = ${volumeText(found, volume)}`,
                            ],
                            inputs: [
                              { name: 'they weigh', value: massText(massG ?? 0, mass), basis: 'weighed' },
                              {
                                name: 'plastic, with its salt',
                                value: `${numberText(densityGcm3, 3)} g/cm³`,
                                basis: plasticGcm3 === PLASTIC_GCM3 ? 'usual' : 'given',
                              },
                            ],
                          }
                        : {
                            title: 'One bait',
                            steps: [
                              `${volumeText(cupCm3 ?? 0, volume)} × (1 − ${numberText(lossShare, 3)}), less a runner of ${volumeText(runnerCm3, volume)} a shot, ÷ ${baits} = ${volumeText(found, volume)}`,
                            ],
                            inputs: [
                              {
                                name: 'the cup held',
                                value: volumeText(cupCm3 ?? 0, volume),
                                basis: 'given',
                              },
                              { name: 'baits a shot', value: String(cavities), basis: 'given' },
                            ],
                          }
                    }
                  >
                    {volumeText(found, volume)}
                  </Figure>
                  .
                </>
              ) : found === null && way === 'cup' && cupCm3 !== null ? (
                'The runners alone take more than that: check the cup and the count.'
              ) : (
                'Ten are better than one.'
              )}
            </p>
            <p className="quiet">
              {way === 'weigh'
                ? `As it sets, ${numberText(densityGcm3, 3)} g/cm³: ${floatText(densityGcm3, massG && baits ? massG / baits : null, mass)} Most plastic is ${numberText(PLASTIC_GCM3, 3)}, floating plastic some 0.9.`
                : 'Less one runner a shot, and what stays in cup and injector as said below.'}
            </p>
          </div>
        </Dialog>
      ) : null}
    </>
  );
}
