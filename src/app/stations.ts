import { build } from '@/stations/build/definition';
import { coat } from '@/stations/coat/definition';
import { cost } from '@/stations/cost/definition';
import { dress } from '@/stations/dress/definition';
import { metal } from '@/stations/metal/definition';
import { molds } from '@/stations/molds/definition';
import { pour } from '@/stations/pour/definition';
import { rig } from '@/stations/rig/definition';
import { shelf } from '@/stations/shelf/definition';
import { skirt } from '@/stations/skirt/definition';
import { ticket } from '@/stations/ticket/definition';
import { water } from '@/stations/water/definition';
import type { StationDefinition } from '@/station-kit/station-definition';

/** The stations in the order of the work: a new one is a folder of its own and its line here. */
export const STATIONS: readonly StationDefinition[] = [
  ticket,
  metal,
  molds,
  pour,
  dress,
  coat,
  skirt,
  build,
  rig,
  shelf,
  cost,
  water,
];
