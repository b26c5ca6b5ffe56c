'use client';

import { useState } from 'react';
import { drilledCm3 } from '@/core/cavities/drilled-hole';
import { castMetal } from '@/model/answers/cast-metals';
import { stack } from '@/ui/layout/layout';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import type { DraftCavity } from './mold-draft';
import styles from './molds.module.css';

interface DrilledFieldsProps {
  readonly onChange: (change: Partial<DraftCavity>) => void;
}

/** A cavity of a board by what drilled it: how much it holds, and what that weighs in soft lead, which is its mark. */
export function DrilledFields({ onChange }: DrilledFieldsProps) {
  const [bitMm, setBit] = useState<number | null>(null);
  const [deepMm, setDeep] = useState<number | null>(null);
  const drill = (bit: number | null, deep: number | null) => {
    setBit(bit);
    setDeep(deep);
    if (bit === null || deep === null) return;
    const volumeCm3 = drilledCm3(bit, deep);
    onChange({ volumeCm3, nominalG: volumeCm3 * castMetal('soft-lead').gPerCm3, volumeBasis: 'guess' });
  };
  return (
    <div className={stack(10, styles.cavityMore)}>
      <QuantityField
        label="Drilled with"
        of="length"
        least={1}
        most={80}
        isOptional
        value={bitMm}
        placeholder="across"
        onChange={(bit) => drill(bit, deepMm)}
      />
      <QuantityField
        label="Deep, to the tip"
        of="length"
        least={0.5}
        most={200}
        isOptional
        value={deepMm}
        onChange={(deep) => drill(bitMm, deep)}
      />
      <p className="quiet">
        A twist drill’s point is counted. Weigh a casting: no board is drilled to a hair. It must be bone dry
        before hot metal comes near it.
      </p>
    </div>
  );
}
