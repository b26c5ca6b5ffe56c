import type { DeviceListener, StandInWorld } from '../device';
import type { OvenReading, OvenThermometer } from './oven-thermometer';
import { doorOpened, ovenAt, ovenLater } from './truth';

/** What the maker does at the oven; the stand-in answers in its stream alone. */
export interface StandInOven extends OvenThermometer {
  readonly turnDial: (ovenC: number) => void;
  readonly openDoor: () => void;
  /** Pulls the plug: the stream ends. */
  readonly unplug: () => void;
}

/** A reading a second: an oven is slow. */
const STAND_IN_OVEN_MS = 1000;
const STEP_C = 0.5;
const FLICKER_C = 0.6;

/**
 * A thermometer in an oven that is not there: the oven swings about a dial that reads a little wrong, and drops when
 * its door is opened. `startC` is where it stands when it is first looked at.
 */
export function standInOven(
  { every, chance }: StandInWorld,
  { startC, dialC: firstDialC }: { readonly startC: number; readonly dialC: number },
): StandInOven {
  let oven = ovenAt(startC);
  let dialC = firstDialC;
  let end: (() => void) | null = null;
  let told: DeviceListener<OvenReading> | null = null;
  const stop = () => {
    end?.();
    end = null;
  };
  return {
    name: 'Stand-in oven thermometer',
    start: (listener) => {
      told = listener;
      end ??= every(STAND_IN_OVEN_MS, () => {
        oven = ovenLater(oven, dialC, STAND_IN_OVEN_MS / 1000);
        const seenC = oven.airC + (chance() - 0.5) * FLICKER_C;
        listener.onReading({ ovenC: Math.round(seenC / STEP_C) * STEP_C });
      });
      return Promise.resolve();
    },
    stop: () => {
      stop();
      return Promise.resolve();
    },
    turnDial: (ovenC) => {
      dialC = ovenC;
    },
    openDoor: () => {
      oven = doorOpened(oven);
    },
    unplug: () => {
      stop();
      told?.onFault({ code: 'lost', detail: 'unplugged' });
    },
  };
}
