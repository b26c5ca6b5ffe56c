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

const UNSEEN: ScaleSeen = { massG: null, settledG: null, loads: 0, loadG: 0, recent: [], isTaken: false };
const KEPT = 8;
/** Under this the pan counts as empty, g. */
const EMPTY_G = 0.2;

/** What a scale has shown after one reading more: each load is counted once, when it has settled. */
export function seeScale(seen: ScaleSeen, { massG }: ScaleReading): ScaleSeen {
  const recent = [...seen.recent, massG].slice(-KEPT);
  const steady = settledMass(recent, STAND_IN_STEP_G);
  const settledG = steady !== null && steady > EMPTY_G ? steady : null;
  const wasTaken = seen.isTaken && massG >= EMPTY_G;
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

/** A scale in hand: its readings, and each load once it has settled. */
export function scaleWatch(world: DeviceWorld) {
  return deviceStore(
    {
      standIn: (ticks, _start: null) => standInScale(ticks),
      real: serialScale,
      unseen: UNSEEN,
      see: seeScale,
      keep: ({ loads, loadG }) => ({ ...UNSEEN, loads, loadG }),
    },
    world,
  );
}
