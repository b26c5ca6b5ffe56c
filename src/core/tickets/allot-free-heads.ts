import type { LineWant } from './facts';

/** Heads that lie on the shelf and are for nobody yet. */
export interface FreeHeads {
  readonly headBinId: string;
  readonly style: string;
  readonly nominalG: number;
  readonly hookBinId: string | null;
  readonly metalBinId: string | null;
  readonly count: number;
}

export interface HeadAllotment {
  readonly headBinId: string;
  readonly ticketId: string;
  readonly lineId: string;
  readonly count: number;
}

const isLike = (head: FreeHeads, want: LineWant) =>
  head.nominalG === want.nominalG && head.hookBinId === want.hookBinId && head.metalBinId === want.metalBinId;

/** Where no metal is named, any head near enough will do; of any hook where none is named. */
const isNear = (head: FreeHeads, want: LineWant) =>
  Math.abs(head.nominalG / want.nominalG - 1) <= want.toleranceShare &&
  (want.hookBinId === null || head.hookBinId === want.hookBinId);

/**
 * Which free heads on the shelf could go to which lines instead of being cast: like heads of the same metal, lines due
 * first served first; a line that names no metal takes any that are near its weight. Whole pieces.
 *
 * @example allotFreeHeads([], []) // []
 */
export function allotFreeHeads(wants: readonly LineWant[], free: readonly FreeHeads[]): HeadAllotment[] {
  const left = new Map(free.map(({ headBinId, count }) => [headBinId, Math.floor(count)]));
  const due = [...wants].sort((a, b) => (a.dueOn ?? '9999').localeCompare(b.dueOn ?? '9999'));
  return due.flatMap((want) => {
    let open = want.left;
    return free
      .filter(
        (head) =>
          head.style === want.style && (want.metalBinId === null ? isNear(head, want) : isLike(head, want)),
      )
      .flatMap(({ headBinId }): HeadAllotment[] => {
        const there = left.get(headBinId) ?? 0;
        const count = Math.min(open, there);
        if (count < 1) return [];
        open -= count;
        left.set(headBinId, there - count);
        return [{ headBinId, ticketId: want.ticketId, lineId: want.lineId, count }];
      });
  });
}
