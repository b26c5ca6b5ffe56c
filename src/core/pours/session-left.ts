import type { Session } from '../tickets/lay-out-session';
import type { KeyCount } from './pour-plan';
import type { SettledPour } from './settle-run';

export interface SessionLeft {
  readonly session: Session;
  /** What no block that goes on can cast. */
  readonly stranded: readonly KeyCount[];
}

/**
 * What of a session is still to be planned while its run is under way: what was cast good is off the demand, blocks
 * laid aside give nothing more, and a block that was poured is warm and has used some of its pours. What only blocks
 * laid aside could cast is stranded, and stands off the demand.
 *
 * @example sessionLeft(session, pours, new Set(['block-b'])).session.molds // without Block B
 */
export function sessionLeft(
  session: Session,
  pours: readonly SettledPour[],
  aside: ReadonlySet<string>,
): SessionLeft {
  const good = new Map<string, number>();
  for (const { castings } of pours) {
    for (const casting of castings) if (casting.good) good.set(casting.key, (good.get(casting.key) ?? 0) + 1);
  }
  const molds = session.molds.flatMap((mold) => {
    const poured = pours.filter(({ moldId }) => moldId === mold.id).length;
    const left = mold.maxPours === undefined ? undefined : mold.maxPours - poured;
    if (aside.has(mold.id) || (left !== undefined && left < 1)) return [];
    const setupSeconds = poured > 0 ? 0 : mold.setupSeconds;
    return [{ ...mold, setupSeconds, ...(left === undefined ? {} : { maxPours: left }) }];
  });
  const castable = new Set(molds.flatMap(({ cavities }) => cavities.flat()));
  const left = session.demand
    .map(({ key, count }) => ({ key, count: count - (good.get(key) ?? 0) }))
    .filter(({ count }) => count > 0);
  return {
    session: { ...session, demand: left.filter(({ key }) => castable.has(key)), molds },
    stranded: left.filter(({ key }) => !castable.has(key)),
  };
}
