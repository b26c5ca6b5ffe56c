import { followCure, type FollowedCure } from '@/core/coats/follow-cure';
import type { CureTime } from '@/core/coats/cures/definition';
import { deviceStore, type DeviceSource, type DeviceWorld } from '../device-store';
import type { OvenReading } from './oven-thermometer';
import { serialOven } from './serial-oven';
import { standInOven } from './stand-in-oven';

/** The rack that is followed to the thermometer. */
export interface FollowedRack {
  readonly id: string;
  readonly tauS: number;
  readonly cure: CureTime;
  readonly from: FollowedCure;
}

interface OvenPoint {
  readonly at: number;
  readonly tempC: number;
}

/** What the thermometer has told. */
export interface OvenSeen {
  readonly latest: OvenPoint | null;
  /** The last half hour, a point every five seconds. */
  readonly trace: readonly OvenPoint[];
  /** Which rack is followed, and how far it is by the readings. */
  readonly rack: FollowedRack | null;
  readonly followed: FollowedCure | null;
}

const UNSEEN: OvenSeen = { latest: null, trace: [], rack: null, followed: null };
const POINT_EVERY_MS = 5000;
const TRACE_MS = 1_800_000;

function read({ trace, rack, followed }: OvenSeen, at: number, { ovenC }: OvenReading): OvenSeen {
  const last = trace.at(-1);
  const latest = { at, tempC: ovenC };
  const isPoint = !last || at - last.at >= POINT_EVERY_MS || at < last.at;
  return {
    latest,
    trace: isPoint ? [...trace.filter((point) => point.at > at - TRACE_MS && point.at <= at), latest] : trace,
    rack,
    followed: rack ? followCure(followed ?? rack.from, { at, ovenC }, rack.tauS, rack.cure) : null,
  };
}

/** The thermometer in the oven. A stand-in oven stands at its heat already, or nearly. */
export function ovenWatch(world: DeviceWorld) {
  let clock = (): number => 0;
  const store = deviceStore(
    {
      standIn: (ticks, dialC: number) => standInOven(ticks, { startC: dialC, dialC }),
      real: ({ serial }: DeviceWorld) => serialOven(serial()),
      unseen: UNSEEN,
      see: (seen, reading) => read(seen, clock(), reading),
      keep: (seen, at) => (at === 'stop' ? { ...seen, latest: null, trace: [] } : seen),
    },
    world,
  );
  return {
    ...store,
    /** Puts a thermometer in, whose readings are dated by a clock; a stand-in's oven is set to `dialC`. */
    start: (source: DeviceSource, now: () => number, dialC: number): void => {
      clock = now;
      store.start(source, dialC);
    },
    /** Follows a rack to the readings, from where it is; null follows none. */
    follow: (rack: FollowedRack | null): void => {
      if (rack?.id !== store.get().seen.rack?.id) store.change((seen) => ({ ...seen, rack, followed: null }));
    },
  };
}
