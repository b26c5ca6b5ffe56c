import type { DeviceListener, StandInWorld } from '../device';
import type { Scale, ScaleReading } from './scale';

export interface StandInScale extends Scale {
  /** Lays so much on the pan, all that lies there together, g. */
  readonly put: (massG: number) => void;
}

const TICK_MS = 90;

/** How much of the way to the true weight the pan goes at each tick. */
const SWING = 0.45;

/** The smallest step it shows, g. */
export const STAND_IN_STEP_G = 0.01;

/**
 * A scale that is not there: shows what is laid on it after swinging for a moment, to a hundredth of a gram and with
 * a flicker of its last digit.
 */
export function standInScale({ every, chance }: StandInWorld): StandInScale {
  let loadG = 0;
  let panG = 0;
  let end: (() => void) | null = null;
  const show = (listener: DeviceListener<ScaleReading>) => {
    panG += (loadG - panG) * SWING;
    const flickerG = (chance() - 0.5) * STAND_IN_STEP_G;
    const steps = Math.round((panG + flickerG) / STAND_IN_STEP_G);
    listener.onReading({ massG: Math.max(0, steps * STAND_IN_STEP_G) });
  };
  return {
    name: 'Stand-in scale',
    start: (listener) => {
      end ??= every(TICK_MS, () => show(listener));
      return Promise.resolve();
    },
    stop: () => {
      end?.();
      end = null;
      return Promise.resolve();
    },
    put: (massG) => {
      loadG = massG;
    },
  };
}
