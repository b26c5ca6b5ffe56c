import type { PieceSpread } from '@/core/counting/weigh-piece';
import type { PartRoleId } from '@/core/parts/part-roles';
import type { Bin } from '@/records/bin';

/** What is usual is known as well as from so many pieces. */
const USUAL_DEGREES = 6;
/** How far pieces stray that nobody told anything of, a share of what one weighs. */
const ANY_SHARE = 0.03;

/** How far pieces of one packet stray, a share of what one weighs; typical of how they are made: turned, stamped, cast, blown. */
const BY_ROLE: Readonly<Partial<Record<PartRoleId, number>>> = {
  hook: 0.015,
  blade: 0.015,
  swivel: 0.02,
  ring: 0.02,
  solid: 0.02,
  snap: 0.02,
  clevis: 0.03,
  bead: 0.03,
  spacer: 0.03,
  weight: 0.02,
  crimp: 0.03,
  shot: 0.04,
  frame: 0.015,
  rivet: 0.02,
  trailer: 0.03,
  float: 0.05,
};

/**
 * How far pieces of a bin stray from one another, as is usual for such pieces, until handfuls of them say.
 *
 * @example usualSpread(hookBin) // { share: 0.015, degrees: 6 }
 */
export function usualSpread(bin: Bin): PieceSpread {
  const share =
    bin.kind === 'hook' || bin.kind === 'head'
      ? 0.015
      : bin.kind === 'part' && bin.gauge
        ? (BY_ROLE[bin.gauge.as] ?? ANY_SHARE)
        : ANY_SHARE;
  return { share, degrees: USUAL_DEGREES };
}

/**
 * A bin with what one of it weighs as its handfuls told; null where its kind keeps no such weight of its own.
 *
 * @example withPieceWeight(beadBin, 0.042)?.massG // 0.042
 */
export function withPieceWeight(bin: Bin, eachG: number): Bin | null {
  if (bin.kind === 'hook') return { ...bin, massG: eachG, massBasis: 'weighed' };
  return bin.kind === 'part' ? { ...bin, massG: eachG } : null;
}
