'use client';

import { Button, Modal, Segmented } from 'antd';
import { useState } from 'react';
import { volumeByCup, volumeByWeight } from '@/core/plastics/piece-volume';
import { PLASTIC_GCM3 } from '@/reference/typical/densities';
import { numberText } from '@/text/number-text';
import { volumeText } from '@/text/quantity-text';
import { stack, wrap } from '../layout/layout';
import { CountField } from '../unit-field/CountField';
import { MassField } from '../unit-field/MassField';
import { QuantityField } from '../unit-field/QuantityField';
import { useUnits } from '../units/use-units';

interface OneBaitProps {
  /** Of the mold: baits a shot, its runner, and what stays in cup and injector. */
  readonly cavities: number;
  readonly runnerCm3: number;
  readonly lossShare: number;
  /** One bait was found to be so much, cm3. */
  readonly onFound: (pieceCm3: number) => void;
}

type Way = 'weigh' | 'cup';

/** How much plastic one bait is, for who never measured it: some on the scale, or a cup that was shot empty. */
export function OneBait({ cavities, runnerCm3, lossShare, onFound }: OneBaitProps) {
  const { volume } = useUnits();
  const [isOpen, setOpen] = useState(false);
  const [way, setWay] = useState<Way>('weigh');
  const [massG, setMassG] = useState<number | null>(null);
  const [cupCm3, setCupCm3] = useState<number | null>(null);
  const [baits, setBaits] = useState<number | null>(10);
  const found =
    baits === null
      ? null
      : way === 'weigh'
        ? massG && volumeByWeight(massG, baits, PLASTIC_GCM3)
        : cupCm3 && volumeByCup({ cupCm3, lossShare, runnerCm3, cavities, baits });
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Find it
      </Button>
      {isOpen ? (
        <Modal
          open
          title="How much plastic one bait is"
          okText="Take it"
          cancelText="Leave it"
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
                <MassField label="They weigh together" value={massG} onChange={setMassG} />
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
              {found
                ? `One is ${volumeText(found, volume)}.`
                : found === null && way === 'cup' && cupCm3 !== null
                  ? 'The runners alone take more than that: check the cup and the count.'
                  : 'Ten are better than one.'}
            </p>
            <p className="quiet">
              {way === 'weigh'
                ? `By plastic of ${numberText(PLASTIC_GCM3, 3)} g/cm³, as most of it is; salt and floating plastic are off by a tenth and more: count a cup then.`
                : 'Less one runner a shot, and what stays in cup and injector as said below.'}
            </p>
          </div>
        </Modal>
      ) : null}
    </>
  );
}
