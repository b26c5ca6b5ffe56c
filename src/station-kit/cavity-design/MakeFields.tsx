'use client';

import { Checkbox } from 'antd';
import type { MoldMake } from '@/core/molds/mold-make';
import { fields, stack } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { QuantityField } from '@/ui/unit-field/QuantityField';

interface MakeFieldsProps {
  readonly make: MoldMake;
  readonly onMake: (make: MoldMake) => void;
}

/** Walls that lean so steeply leave no body. */
const MOST_DRAFT = 12;

/** How the halves are made: their walls, how they come together, what they are held by. */
export function MakeFields({ make, onMake }: MakeFieldsProps) {
  const set = (change: Partial<MoldMake>) => onMake({ ...make, ...change });
  return (
    <div className={stack(8)}>
      <div className={fields(10)}>
        <QuantityField
          label="Mold round the cavity"
          of="length"
          value={make.wallMm}
          least={2}
          most={60}
          onChange={(wallMm) => wallMm !== null && set({ wallMm })}
        />
        <NumberField
          label="Walls lean, degrees"
          value={make.draftDegrees}
          least={0}
          most={MOST_DRAFT}
          onChange={(draftDegrees) => draftDegrees !== null && set({ draftDegrees })}
        />
        <QuantityField
          label="Room between parts that fit"
          of="length"
          value={make.clearanceMm}
          least={0}
          most={1}
          onChange={(clearanceMm) => clearanceMm !== null && set({ clearanceMm })}
        />
        <ChoiceField
          label="The halves meet by"
          value={make.pins}
          options={[
            { value: 'cones', label: 'cones and sockets' },
            { value: 'rods', label: 'holes for rods' },
          ]}
          onChange={(pins) => pins !== null && set({ pins: pins as MoldMake['pins'] })}
        />
        {make.pins === 'rods' ? (
          <QuantityField
            label="Rods"
            of="drill"
            value={make.rodMm}
            least={1}
            most={12}
            onChange={(rodMm) => rodMm !== null && set({ rodMm })}
          />
        ) : null}
      </div>
      <Checkbox checked={make.hasHandle} onChange={(event) => set({ hasHandle: event.target.checked })}>
        A groove over each back for a handle or clamp
      </Checkbox>
      <p className="quiet">
        Walls that lean let a casting drop out; its weight stays. Print the halves solid, in a resin or
        filament that stands the metal: most stand bismuth-tin, few stand lead. Follow the maker’s sheet.
      </p>
    </div>
  );
}
