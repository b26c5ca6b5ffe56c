import { findEnd, type RigEndId } from './ends';
import type { Rig, RigItem } from './rig';

/** A piece to be cut for one rig. */
export interface RigCut {
  readonly itemId: string;
  readonly binId: string;
  /** What it is of: `Cable 18 kg`. */
  readonly name: string;
  readonly finishedMm: number;
  /** What its two ends take, mm; 0 for what is cut square. */
  readonly endsMm: readonly [number, number];
  /** Finished and ends together, to the full millimeter above. */
  readonly cutMm: number;
}

/** What the maker learned of an end on a line; null where nobody did. */
export type LearnedEnd = (end: RigEndId, binId: string) => number | null;

/** Where no crimp and no hook is near, what an end is reckoned with, mm. */
const USUAL = { crimpMm: 8, wireMm: 1 } as const;
/** How long a loop is where nobody asked for another, mm. */
const USUAL_LOOP_MM = 12;

/**
 * Everything of a rig that is cut to length, with what knots, crimps, loops and seals take of it: as the maker learned it,
 * else as is usual.
 *
 * @example cutsOfRig(rig, () => null)[0]?.cutMm // 152
 */
export function cutsOfRig({ items, wants }: Pick<Rig, 'items' | 'wants'>, learned: LearnedEnd): RigCut[] {
  const loopMm = wants.loopMm ?? USUAL_LOOP_MM;
  return items.flatMap((item): RigCut[] => {
    const { part, lengthMm, ends } = item;
    if (lengthMm === null || part.gauge.as === 'hair') return [];
    const facts = {
      lineMm: part.gauge.sizes.diameterMm ?? 0.5,
      crimpMm: sizeNear(items, item, 'crimp', 'lengthMm') ?? USUAL.crimpMm,
      wireMm: sizeNear(items, item, 'hook', 'wireMm') ?? USUAL.wireMm,
      loopMm,
    };
    const of = (end: RigEndId) => learned(end, part.binId) ?? findEnd(end).usualMm(facts);
    const endsMm = [ends ? of(ends[0]) : 0, ends ? of(ends[1]) : 0] as const;
    const cutMm = Math.ceil(lengthMm + endsMm[0] + endsMm[1] - 1e-6);
    return [{ itemId: item.id, binId: part.binId, name: part.name, finishedMm: lengthMm, endsMm, cutMm }];
  });
}

/** A size of the next such part behind a line on its own run, or of any before it. */
function sizeNear(
  items: readonly RigItem[],
  line: RigItem,
  as: 'crimp' | 'hook',
  size: 'lengthMm' | 'wireMm',
): number | undefined {
  const run = items.filter(({ on }) => on === line.on);
  const at = run.indexOf(line);
  const near = [...run.slice(at), ...run.slice(0, at).reverse()].find(({ part }) => part.gauge.as === as);
  return near?.part.gauge.sizes[size];
}
