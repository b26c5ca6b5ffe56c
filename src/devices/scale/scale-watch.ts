import { deviceStore, type DeviceWorld } from '../device-store';
import { settledMass, type ScaleReading } from './scale';
import { serialScale } from './serial-scale';
import { STAND_IN_STEP_G, standInScale } from './stand-in-scale';

/** What a scale has shown. */
export interface ScaleSeen {
  readonly massG: number | null;
  /** The weight it has settled on; null while it moves or is empty. */
  readonly settledG: number | null;
  /** How many loads have settled, and how heavy the last was. */
  readonly loads: number;
  readonly loadG: number;
  readonly recent: readonly number[];
  /** The load on the pan was counted already. */
  readonly isTaken: boolean;
}

export const UNSEEN: ScaleSeen = {
  massG: null,
  settledG: null,
  loads: 0,
  loadG: 0,
  recent: [],
  isTaken: false,
};
const KEPT = 8;
/** Under this the pan counts as empty, g; where pieces are counted, they may weigh next to nothing. */
const [EMPTY_G, EMPTY_COUNTING_G] = [0.2, 0.05];
/** What is poured on is a load of its own from so many steps on. */
const POURED_STEPS = 4;

/**
 * What a scale has shown after one reading more: each load is counted once, when it has settled. Where pieces are counted, more
 * is poured on what lies there: it counts again when it has settled anew.
 */
export function seeScale(seen: ScaleSeen, { massG }: ScaleReading, isCounting = false): ScaleSeen {
  const recent = [...seen.recent, massG].slice(-KEPT);
  const steady = settledMass(recent, STAND_IN_STEP_G);
  const emptyG = isCounting ? EMPTY_COUNTING_G : EMPTY_G;
  const settledG = steady !== null && steady > emptyG ? steady : null;
  const isPouredOn =
    isCounting && settledG !== null && Math.abs(settledG - seen.loadG) > POURED_STEPS * STAND_IN_STEP_G;
  const wasTaken = seen.isTaken && massG >= emptyG && !isPouredOn;
  const isNew = settledG !== null && !wasTaken;
  return {
    massG,
    settledG,
    recent,
    loads: seen.loads + (isNew ? 1 : 0),
    loadG: isNew ? settledG : seen.loadG,
    isTaken: wasTaken || isNew,
  };
}

/** A scale in hand: its readings, and each load once it has settled; for counting, what is poured on it too. */
export function scaleWatch(world: DeviceWorld, isCounting = false) {
  return deviceStore(
    {
      standIn: (ticks, _start: null) => standInScale(ticks),
      real: ({ serial }: DeviceWorld) => serialScale(serial()),
      unseen: UNSEEN,
      see: (seen: ScaleSeen, reading: ScaleReading) => seeScale(seen, reading, isCounting),
      keep: ({ loads, loadG }) => ({ ...UNSEEN, loads, loadG }),
    },
    world,
  );
}
