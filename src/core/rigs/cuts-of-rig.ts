import { sum } from '../numeric/sum';
import { findEnd, type RigEndId } from './ends';
import { findRigKind } from './kinds';
import { isThreaded, type Rig, type RigItem } from './rig';

/** A piece to be cut for one rig. */
export interface RigCut {
  readonly itemId: string;
  readonly binId: string;
  /** What it is of: `Cable 18 kg`. */
  readonly name: string;
  readonly finishedMm: number;
  /** What its upper end takes, and its lower one with what is tied on the way, mm; 0 for what is cut square. */
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
export function cutsOfRig(
  { kind, items, wants }: Pick<Rig, 'kind' | 'items' | 'wants'>,
  learned: LearnedEnd,
): RigCut[] {
  const loopMm = wants.loopMm ?? USUAL_LOOP_MM;
  const reels = reelsOf({ kind, items });
  return items.flatMap((item): RigCut[] => {
    const { part } = item;
    if (item.lengthMm === null || part.gauge.as === 'hair' || isRunOn(items, item)) return [];
    if (reels.has(item.id)) return [];
    const piece = pieceFrom(items, item);
    const facts = {
      lineMm: part.gauge.sizes.diameterMm ?? 0.5,
      crimpMm: sizeNear(items, item, 'crimp', 'lengthMm') ?? USUAL.crimpMm,
      wireMm: sizeNear(items, item, 'hook', 'wireMm') ?? USUAL.wireMm,
      loopMm,
    };
    const of = (end: RigEndId) => learned(end, part.binId) ?? findEnd(end).usualMm(facts);
    const ends = piece
      .flatMap((each) => (each.ends ? [...each.ends] : []))
      .filter((end) => end !== 'through');
    const [first, ...others] = ends;
    const endsMm = [first ? of(first) : 0, sum(others.map(of))] as const;
    const lengthMm = sum(piece.map((each) => each.lengthMm ?? 0));
    const cutMm = Math.ceil(lengthMm + endsMm[0] + endsMm[1] - 1e-6);
    return [{ itemId: item.id, binId: part.binId, name: part.name, finishedMm: lengthMm, endsMm, cutMm }];
  });
}

/**
 * The lines of a rig of which nothing is cut, by item: they stay on their reel.
 *
 * @example reelsOf(feeder).has('main') // true
 */
export function reelsOf({ kind, items }: Pick<Rig, 'kind' | 'items'>): ReadonlySet<string> {
  const places = findRigKind(kind).places.flatMap(({ id, isOnReel }) => (isOnReel ? [id] : []));
  return new Set(items.flatMap(({ id, place }) => (place !== null && places.includes(place) ? [id] : [])));
}

/**
 * What a line runs on as, one piece with it: behind an eye on its own run, or as a branch from what it ends at, as a hair
 * from the hook its leader is tied to.
 */
function runsOnIn(items: readonly RigItem[], line: RigItem): RigItem | undefined {
  if (line.ends === null) return undefined;
  const run = items.filter(({ on }) => on === line.on);
  const behind = run.slice(run.indexOf(line) + 1);
  const endsAt = behind.find(({ part }) => !isThreaded(part.gauge));
  const next =
    line.ends[1] === 'through'
      ? behind.find(({ ends }) => ends !== null)
      : items.find(({ on, ends }) => endsAt !== undefined && on === endsAt.id && ends?.[0] === 'through');
  return next?.ends?.[0] === 'through' && next.part.binId === line.part.binId ? next : undefined;
}

/** A line and all that is one piece with it, from above. */
function pieceFrom(items: readonly RigItem[], line: RigItem): RigItem[] {
  const next = runsOnIn(items, line);
  return next ? [line, ...pieceFrom(items, next)] : [line];
}

/** Whether a line is the lower part of one that is cut already. */
function isRunOn(items: readonly RigItem[], line: RigItem): boolean {
  return line.ends?.[0] === 'through' && items.some((item) => runsOnIn(items, item)?.id === line.id);
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
