import type { DeviceListener, StandInWorld } from '../device';
import type { PotReading, Thermocouple } from './thermocouple';
import { potAt, potCharged, potLadled, potLater, truthC } from './truth';

/** What the maker does at the pot; the stand-in answers in its stream alone. */
export interface StandInThermocouple extends Thermocouple {
  readonly turnDial: (tempC: number) => void;
  readonly ladle: (g: number) => void;
  readonly charge: (g: number) => void;
  /** Pulls the plug: the stream ends. */
  readonly unplug: () => void;
}

/** Five readings a second. */
const STAND_IN_POT_MS = 200;
const STEP_C = 0.1;
/** The flicker of a reading, and how slowly the junction itself wanders, C. */
const FLICKER_C = 0.8;
const WANDER_C = 0.02;
const MOST_WANDER_C = 3;

/**
 * A thermocouple in a pot that is not there: the pot melts what is charged, swings about its dial, dips when metal
 * is put in, and the junction flickers and wanders. `startC` is where the pot stands when it is first looked at.
 */
export function standInThermocouple(
  { every, chance }: StandInWorld,
  { massG, startC, dialC: firstDialC }: { massG: number; startC: number; dialC: number },
): StandInThermocouple {
  let pot = potAt(massG, startC);
  let dialC = firstDialC;
  let wanderC = 0;
  let end: (() => void) | null = null;
  let told: DeviceListener<PotReading> | null = null;
  const stop = () => {
    end?.();
    end = null;
  };
  return {
    name: 'Stand-in thermocouple',
    start: (listener) => {
      told = listener;
      end ??= every(STAND_IN_POT_MS, () => {
        pot = potLater(pot, dialC, STAND_IN_POT_MS / 1000);
        wanderC = Math.max(-MOST_WANDER_C, Math.min(MOST_WANDER_C, wanderC + (chance() - 0.5) * WANDER_C));
        const seenC = truthC(pot) + wanderC + (chance() - 0.5) * FLICKER_C;
        listener.onReading({ tempC: Number((Math.round(seenC / STEP_C) * STEP_C).toFixed(1)) });
      });
      return Promise.resolve();
    },
    stop: () => {
      stop();
      return Promise.resolve();
    },
    turnDial: (tempC) => {
      dialC = tempC;
    },
    ladle: (g) => {
      pot = potLadled(pot, g);
    },
    charge: (g) => {
      pot = potCharged(pot, g);
    },
    unplug: () => {
      stop();
      told?.onFault({ code: 'lost', detail: 'unplugged' });
    },
  };
}
