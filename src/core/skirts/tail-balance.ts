export interface Tail {
  /** Clockwise from the top, seen from behind. */
  readonly angleDeg: number;
  readonly massG: number;
}

export interface TailBalance {
  /** How far the tails' own center lies off the axis: 0 balanced, 1 all on one side. */
  readonly offShare: number;
  /** Toward where it pulls, degrees; null where it does not. */
  readonly towardDeg: number | null;
  readonly isBalanced: boolean;
}

/** More than this off the axis, and a lure begins to turn. A rule of thumb. */
const MOST_OFF = 0.05;

/**
 * Whether tails set round an axis weigh it down evenly: the sum of their masses as arrows, over their mass.
 *
 * Throws where no tail weighs anything.
 *
 * @example tailBalance([{ angleDeg: 90, massG: 1 }, { angleDeg: 270, massG: 1 }]) // { offShare: 0, towardDeg: null, ... }
 */
export function tailBalance(tails: readonly Tail[]): TailBalance {
  const total = tails.reduce((so, { massG }) => so + massG, 0);
  if (!(total > 0)) throw new RangeError('tailBalance requires tails that weigh something');
  const along = (part: (rad: number) => number) =>
    tails.reduce((so, { angleDeg, massG }) => so + massG * part((angleDeg * Math.PI) / 180), 0);
  const [x, y] = [along(Math.sin), along(Math.cos)];
  const offShare = Math.hypot(x, y) / total;
  const isCentered = offShare < 1e-9;
  return {
    offShare: isCentered ? 0 : offShare,
    towardDeg: isCentered ? null : ((Math.atan2(x, y) * 180) / Math.PI + 360) % 360,
    isBalanced: offShare <= MOST_OFF,
  };
}
