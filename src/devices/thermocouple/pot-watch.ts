import { NO_WATCH, watchPot, type PotLimits } from '@/core/pours/watch-pot';
import { deviceStore, type DeviceSource, type DeviceWorld } from '../device-store';
import { serialThermocouple } from './serial-thermocouple';
import { standInThermocouple } from './stand-in-thermocouple';

/** A stand-in pot is first looked at when it stands so far under its aim, C: still coming up. */
const COMING_UP_C = 30;

interface PotStart {
  readonly massG: number;
  readonly aimC: number;
}

/** The thermocouple in the pot: its temperature as it streams, and the alarms of the band that is kept. */
export function potWatch(world: DeviceWorld) {
  let clock = (): number => 0;
  let limits: PotLimits = { coldUnderC: 0, hotOverC: Infinity };
  const store = deviceStore(
    {
      standIn: (ticks, { massG, aimC }: PotStart) =>
        standInThermocouple(ticks, { massG, startC: aimC - COMING_UP_C, dialC: aimC }),
      real: ({ serial }: DeviceWorld) => serialThermocouple(serial()),
      unseen: NO_WATCH,
      see: (watch, { tempC }) => watchPot(watch, { at: clock(), tempC }, limits),
      // What an earlier one told is kept; nothing sounds once it is off.
      keep: (watch, at) => (at === 'stop' ? { ...watch, sounding: null } : watch),
    },
    world,
  );
  return {
    ...store,
    /** Puts a thermocouple in, whose readings are dated by a clock. */
    start: (source: DeviceSource, now: () => number, start: PotStart): void => {
      clock = now;
      store.start(source, start);
    },
    /** The pot now, C; null where nothing reads it. */
    nowC: (): number | null => {
      const { fault, seen } = store.get();
      return fault === null ? (seen.latest?.tempC ?? null) : null;
    },
    /** The band that the alarms keep. */
    keepWithin: (next: PotLimits): void => {
      limits = next;
    },
  };
}
