import { drawNormal } from '@/core/numeric/draw-normal';
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

/** How far its readings flicker (one standard deviation), how far it drifts off at each tick, and at the most; in steps. */
const [FLICKER, DRIFT, FARTHEST] = [0.15, 0.004, 3];
/** An empty pan is taken for nothing again: so much of the drift stays at each tick. */
const KEPT_EMPTY = 0.9;

/**
 * A scale that is not there: shows what is laid on it after swinging for a moment, to a hundredth of a gram, with a flicker of
 * its last digit; under a load it drifts slowly off, and finds its way back while the pan is empty.
 */
export function standInScale({ every, chance }: StandInWorld): StandInScale {
  let loadG = 0;
  let panG = 0;
  let drift = 0;
  let end: (() => void) | null = null;
  const show = (listener: DeviceListener<ScaleReading>) => {
    panG += (loadG - panG) * SWING;
    drift = Math.max(-FARTHEST, Math.min(FARTHEST, drift + DRIFT * drawNormal(chance)));
    if (loadG === 0) drift *= KEPT_EMPTY;
    const steps = Math.round(panG / STAND_IN_STEP_G + drift + FLICKER * drawNormal(chance));
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
