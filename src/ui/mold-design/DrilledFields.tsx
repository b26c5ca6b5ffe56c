'use client';

import { useState } from 'react';
import { drilledCm3 } from '@/core/cavities/drilled-hole';
import { QuantityField } from '../unit-field/QuantityField';

interface DrilledFieldsProps {
  /** Both are known: so much the hole holds. */
  readonly onDrilled: (volumeCm3: number) => void;
}

/** A cavity of a board by the drill that made it and how deep it went. */
export function DrilledFields({ onDrilled }: DrilledFieldsProps) {
  const [bitMm, setBit] = useState<number | null>(null);
  const [deepMm, setDeep] = useState<number | null>(null);
  const drill = (bit: number | null, deep: number | null) => {
    setBit(bit);
    setDeep(deep);
    if (bit !== null && deep !== null) onDrilled(drilledCm3(bit, deep));
  };
  return (
    <>
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
    </>
  );
}
