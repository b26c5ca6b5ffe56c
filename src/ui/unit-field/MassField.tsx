'use client';

import type { ComponentProps } from 'react';
import { UnitField } from './UnitField';
import { useUnits } from '../units/use-units';
import { massText } from '@/text/words';

type MassFieldProps = Omit<ComponentProps<typeof UnitField>, 'quantity' | 'assume' | 'write'> & {
  /** How the mass is written where not as masses usually are. */
  readonly write?: (massG: number) => string;
};

/** A mass in the maker's own unit; any unit typed is taken. */
export function MassField({ write, ...field }: MassFieldProps) {
  const { mass } = useUnits();
  const written = write ?? ((massG: number) => massText(massG, mass));
  return <UnitField {...field} quantity="mass" assume={mass === 'g' ? 'g' : 'oz'} write={written} />;
}
