import type { Device } from '../device';

/** What a thermocouple in the pot shows at a moment, C. */
export interface PotReading {
  readonly tempC: number;
}

export type Thermocouple = Device<PotReading>;
