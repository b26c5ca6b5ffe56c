import { alongX } from '../meshes/along-x';
import { loftMesh } from '../meshes/loft-mesh';
import type { ProfilePoint } from '../solids/loft';
import type { MoldThermal, PourSetting } from './casting';
import { frozenS } from './choke-time';
import { freezeCasting } from './freeze-casting';

/** A head that was timed from the pour until it was solid. */
export interface TimedHead {
  readonly modulusMm: number;
  readonly seconds: number;
}

const BRICKS = 16_000;
const ARCS = 24;

/**
 * How many times slower a timed head froze than worked out: a ball of its modulus, followed in the same block. What it corrects
 * is above all the gap at the wall, which no table knows: smoke, coating, how the halves close.
 *
 * @example slowerBy({ modulusMm: 2.1, seconds: 7 }, setting) // 2.6
 */
export function slowerBy({ modulusMm, seconds }: TimedHead, setting: PourSetting): number {
  const radius = 3 * modulusMm;
  const profile = Array.from({ length: ARCS + 1 }, (_, at): ProfilePoint => {
    const turn = (Math.PI * at) / ARCS;
    return [radius * Math.sin(turn), radius * (1 - Math.cos(turn))];
  });
  const body = alongX(loftMesh({ section: 'round', depth: 1, profile }, ARCS));
  const casting = {
    body,
    gate: { side: 'above', at: 0.5, wideMm: radius / 2 },
    hook: null,
    pinMm: null,
  } as const;
  const { verdict } = freezeCasting(casting, setting, frozenS(setting, modulusMm), { mostBricks: BRICKS });
  return verdict ? seconds / verdict.bodySolidS : 1;
}

/**
 * A mold that takes heat so many times slower: its gap and its own depth alike, so that whatever holds the heat back, all
 * takes about so many times as long.
 *
 * @example slowedMold(aluminum, 2).contactWm2K // 750
 */
export function slowedMold(mold: MoldThermal, slower: number): MoldThermal {
  return {
    ...mold,
    contactWm2K: mold.contactWm2K / slower,
    conductivityWmK: mold.conductivityWmK / slower,
    specificJkgK: mold.specificJkgK / slower,
  };
}
