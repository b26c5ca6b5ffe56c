'use client';

import { createContext, useContext } from 'react';
import type { MassUnit } from '@/core/units/write-mass';

/** The units that this screen writes in. */
export interface Units {
  readonly mass: MassUnit;
  readonly length: 'mm' | 'in';
  readonly temperature: 'C' | 'F';
}

const METRIC: Units = { mass: 'g', length: 'mm', temperature: 'C' };

/** Says in which units all within it is written; metric where nobody says. */
export const UnitsContext = createContext<Units>(METRIC);

/** The units to write in. */
export function useUnits(): Units {
  return useContext(UnitsContext);
}
