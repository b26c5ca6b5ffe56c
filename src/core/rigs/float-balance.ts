import { STEEL_GCM3 } from '../cavities/steel-density';
import { floatShot } from '../water/float-shot';
import type { Rig } from './rig';

/** What a rig's float carries of shot, and what it has. */
export interface FloatBalance {
  /** Shot that it wants in all until so much of it stands out, g. */
  readonly wantsG: number;
  readonly hasG: number;
  readonly volumeCm3: number;
  readonly floatG: number;
  /** Hooks and swivels under it, g. */
  readonly hangsG: number;
}

/** A float's body is a spindle: so much of the box of its length and thickness (typical). */
const SPINDLE = Math.PI / 6;
/** So much of it is to stand out, for its tip to be seen (usual). */
export const STANDS_OUT_SHARE = 0.1;
const MM3_PER_CM3 = 1000;

/**
 * Whether a float stands as it should with the shot of its rig: what it wants beside what hangs under it, and what it has.
 * Null where there is no float in it, or nobody measured or weighed it or its shot; bait is not in it.
 *
 * Source: Archimedes, on a spindle of the float's size; hooks and swivels of steel.
 *
 * @example floatBalance(rig)?.wantsG // 2.1
 */
export function floatBalance({ items }: Pick<Rig, 'items'>): FloatBalance | null {
  const float = items.find(({ part }) => part.gauge.as === 'float')?.part;
  const shots = items.filter(({ part }) => part.gauge.as === 'shot');
  const { lengthMm, diameterMm } = float?.gauge.sizes ?? {};
  if (!float || float.massG === null || lengthMm === undefined || diameterMm === undefined) return null;
  if (shots.some(({ part }) => part.massG === null)) return null;
  const volumeCm3 = (SPINDLE * lengthMm * diameterMm ** 2) / MM3_PER_CM3;
  const under = items.filter(({ part }) => part.gauge.as === 'hook' || part.gauge.as === 'swivel');
  const carried = under.map(({ part, count }) => ({
    massG: part.massG ?? 0,
    volumeCm3: (part.massG ?? 0) / STEEL_GCM3,
    count,
  }));
  const found = floatShot({
    floatVolumeCm3: volumeCm3,
    floatMassG: float.massG,
    standsOutCm3: STANDS_OUT_SHARE * volumeCm3,
    carried,
  });
  if (!found.ok) return null;
  return {
    wantsG: Math.max(0, found.value.leftG),
    hasG: shots.reduce((so, { part, count }) => so + (part.massG ?? 0) * count, 0),
    volumeCm3,
    floatG: float.massG,
    hangsG: carried.reduce((so, { massG, count }) => so + massG * count, 0),
  };
}
