import { PART_ROLES } from '../parts/part-roles';
import { choosePiece, nearestTo } from './choose-piece';
import { findRigKind } from './kinds';
import type { RigPlace, RigQuestion } from './kinds/definition';
import { linksOfRig } from './links-of-rig';
import type { MatchLine } from './match-table';
import { rateStrength, type RigStrength } from './rate-strength';
import { isLine, isThreaded, runOf, type Rig, type RigItem, type RigPiece } from './rig';
import type { RigFinding, Suited } from './rig-finding';
import { crimpFor, isCrimpFor, seatTube, shankOf } from './suits';
import { TUBE_ABOVE } from './lay-rig';

export interface RigJudgment {
  readonly findings: readonly RigFinding[];
  /** Null where nothing has a known strength. */
  readonly strength: RigStrength | null;
}

/** A bead or sinker runs where its hole is this much wider than its line. */
const RUNS_FROM = 1.15;

/**
 * Whether a rig fits together: every place filled, crimps to their cable, tubes to their hook, holes to their line, the
 * weakest link against the wanted load, and the rules of its kind. What is wrong names what of the shelf would be right.
 *
 * @example judgeRig(rig, shelf, matches).findings.map(({ code }) => code) // ['crimp-wrong']
 */
export function judgeRig(rig: Rig, shelf: readonly RigPiece[], matches: readonly MatchLine[]): RigJudgment {
  const kind = findRigKind(rig.kind);
  const { links, unknown } = linksOfRig(rig);
  const strength = links.length > 0 ? rateStrength(links) : null;
  return {
    strength,
    findings: [
      ...missing(rig),
      ...crimps(rig, shelf, matches),
      ...tubes(rig, shelf, matches),
      ...holes(rig),
      ...meetings(rig),
      ...weakness(rig, strength, shelf, matches),
      ...(unknown.length > 0
        ? [
            {
              code: 'unknown-strength' as const,
              weight: 'mind' as const,
              at: unknown.map(({ itemId }) => itemId),
              names: unknown.map(({ name }) => name),
            },
          ]
        : []),
      ...kind.judge(rig, shelf),
    ],
  };
}

const suited = (piece: RigPiece | null): Suited | null => piece && { binId: piece.binId, name: piece.name };

function missing({ kind, items, picks }: Rig): RigFinding[] {
  const there = new Set(items.map(({ place }) => place));
  return findRigKind(kind)
    .places.filter(({ id, isNeeded, when }) => isNeeded && (when?.(picks) ?? true) && !there.has(id))
    .map(({ id, name }) => ({ code: 'missing', weight: 'stop', at: [id], what: name.toLowerCase() }));
}

/** Every threaded item with the line it is on, and what ends that line below. */
function threaded({ items }: Rig) {
  return items.flatMap((item) => {
    if (!isThreaded(item.part.gauge)) return [];
    const run = runOf(items, item.on);
    const at = run.indexOf(item);
    const line =
      run
        .slice(0, at)
        .reverse()
        .find(({ part }) => isLine(part.gauge)) ?? null;
    const below = run.slice(at).find(({ part }) => !isThreaded(part.gauge)) ?? null;
    return [{ item, line, below }];
  });
}

function crimps(rig: Rig, shelf: readonly RigPiece[], matches: readonly MatchLine[]): RigFinding[] {
  return threaded(rig).flatMap(({ item: { id, part }, line }): RigFinding[] => {
    if (part.gauge.as !== 'crimp' || !line) return [];
    const { holeMm } = part.gauge.sizes;
    const wantMm = crimpFor(line.part, matches);
    if (holeMm === undefined) return [unmeasured(id, part, 'inside')];
    if (wantMm === null || isCrimpFor(part, line.part, wantMm)) return [];
    const right = nearestTo(
      shelf.filter(({ gauge }) => gauge.as === 'crimp'),
      {
        size: 'holeMm',
        value: wantMm,
        how: 'nearest',
        fits: (piece) => isCrimpFor(piece, line.part, wantMm),
      },
    );
    return [
      {
        code: 'crimp-wrong',
        weight: 'stop',
        at: [id],
        name: part.name,
        holeMm,
        wantMm,
        cable: line.part.name,
        right: suited(right && isCrimpFor(right, line.part, wantMm) ? right : null),
      },
    ];
  });
}

function tubes(rig: Rig, shelf: readonly RigPiece[], matches: readonly MatchLine[]): RigFinding[] {
  return threaded(rig).flatMap(({ item: { id, part, lengthMm }, line, below }): RigFinding[] => {
    if (part.gauge.as !== 'tube' || below?.part.gauge.as !== 'hook') return [];
    const seat = seatTube(part, below.part, line?.part ?? null, matches);
    if (!seat)
      return [unmeasured(id, part.gauge.sizes.holeMm === undefined ? part : below.part, 'eye or inside')];
    const found: RigFinding[] = [];
    if (seat.verdict !== 'fits') {
      const sits = (piece: RigPiece) =>
        seatTube(piece, below.part, line?.part ?? null, matches)?.verdict === 'fits';
      const right = shelf
        .filter((piece) => piece.gauge.as === 'tube' && sits(piece))
        .sort((a, b) => (a.gauge.sizes.holeMm ?? 0) - (b.gauge.sizes.holeMm ?? 0))[0];
      const { holeMm, shrunkMm, overMm, gripMm } = seat;
      found.push({
        code: seat.verdict === 'too-small' ? 'tube-small' : 'tube-loose',
        weight: 'stop',
        at: [id],
        name: part.name,
        hook: below.part.name,
        holeMm,
        shrunkMm,
        overMm,
        gripMm,
        right: suited(right ?? null),
      });
    }
    const downMm = (lengthMm ?? 0) * (1 - TUBE_ABOVE);
    const shankMm = shankOf(below.part.gauge);
    if (downMm > shankMm + 1e-9) {
      found.push({ code: 'tube-on-bend', weight: 'stop', at: [id], name: part.name, downMm, shankMm });
    }
    return found;
  });
}

function holes(rig: Rig): RigFinding[] {
  return threaded(rig).flatMap(({ item: { id, part }, line }): RigFinding[] => {
    const { as, sizes } = part.gauge;
    const lineMm = line?.part.gauge.sizes.diameterMm;
    if (as === 'crimp' || as === 'tube' || as === 'shot' || !line || lineMm === undefined) return [];
    const { holeMm } = sizes;
    if (holeMm === undefined || holeMm >= lineMm * RUNS_FROM) return [];
    return [
      {
        code: 'hole-small',
        weight: 'stop',
        at: [id],
        name: part.name,
        holeMm,
        over: line.part.name,
        overMm: lineMm,
      },
    ];
  });
}

function meetings({ items }: Rig): RigFinding[] {
  const runs = [null, ...new Set(items.map(({ on }) => on))].filter((on, at, all) => all.indexOf(on) === at);
  return runs.flatMap((on) => {
    const run = runOf(items, on).filter(({ part }) => !isThreaded(part.gauge) && part.gauge.line !== 'floss');
    return run.slice(1).flatMap((next, index): RigFinding[] => {
      const item = run[index];
      if (!item || !isLine(item.part.gauge) || !isLine(next.part.gauge)) return [];
      const isTied = item.ends?.[1] === 'knot' && next.ends?.[0] === 'knot';
      return isTied
        ? []
        : [
            {
              code: 'lines-meet',
              weight: 'stop',
              at: [item.id, next.id],
              name: item.part.name,
              next: next.part.name,
            },
          ];
    });
  });
}

function weakness(
  rig: Rig,
  strength: RigStrength | null,
  shelf: readonly RigPiece[],
  matches: readonly MatchLine[],
): RigFinding[] {
  const loadKgf = rig.wants.loadKgf ?? 0;
  if (!strength || strength.kgf >= loadKgf * (1 - 1e-9)) return [];
  const link = linksOfRig(rig).links.find(({ name, breakKgf, efficiency }) => {
    return name === strength.weakest && breakKgf * efficiency === strength.kgf;
  });
  const item = rig.items.find(({ id }) => id === link?.itemId);
  const place = findRigKind(rig.kind).places.find(({ id }) => id === item?.place);
  const leastKgf = loadKgf / (link?.efficiency ?? 1);
  // A part of its own sort first; then whatever else may lie there.
  const right =
    place && item
      ? (stronger(rig, { ...place, takes: [item.part.gauge.as] }, shelf, matches, leastKgf) ??
        stronger(rig, place, shelf, matches, leastKgf))
      : null;
  return [
    {
      code: 'too-weak',
      weight: 'stop',
      at: item ? [item.id] : [],
      weakest: strength.weakest,
      kgf: strength.kgf,
      loadKgf,
      right,
    },
  ];
}

function stronger(
  rig: Rig,
  place: RigPlace,
  shelf: readonly RigPiece[],
  matches: readonly MatchLine[],
  leastKgf: number,
): Suited | null {
  const question: RigQuestion = { ...rig, chosen: chosenOf(rig.items), matches };
  const wish = { size: 'breakKgf' as const, value: leastKgf, how: 'at-least' as const };
  const best = choosePiece(shelf, { ...place, wish: () => wish }, question);
  return best && (best.gauge.sizes.breakKgf ?? 0) >= leastKgf * (1 - 1e-9) ? suited(best) : null;
}

/** The part at each place of a rig. */
export function chosenOf(items: readonly RigItem[]): Record<string, RigPiece> {
  return Object.fromEntries(items.flatMap(({ place, part }) => (place === null ? [] : [[place, part]])));
}

function unmeasured(id: string, part: RigPiece, what: string): RigFinding {
  const role = PART_ROLES.find((each) => each.id === part.gauge.as);
  return {
    code: 'not-measured',
    weight: 'stop',
    at: [id],
    name: part.name,
    what: `${role?.name ?? ''} ${what}`.trim().toLowerCase(),
  };
}
