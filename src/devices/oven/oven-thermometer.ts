import type { Device } from '../device';

/** What a thermometer in the oven shows at a moment, C: the air round the heads. */
export interface OvenReading {
  readonly ovenC: number;
}

export type OvenThermometer = Device<OvenReading>;
