import type { CardStep } from '../../card-runs/card-step';
import { leastLeft, type RigEndId } from '../ends';
import type { RigItem, RigPiece } from '../rig';
import { findMatch } from '../match-table';
import type { RigFacts, RigPlace, RigQuestion, RigWant, RigWish } from './definition';

type Lay = Partial<Omit<RigItem, 'place' | 'part'>>;

/** An item at a place, or nothing where no part lies there. */
export function put(question: Pick<RigQuestion, 'chosen'>, place: string, lay: Lay = {}): RigItem[] {
  const part = question.chosen[place];
  return part ? [itemOf(place, part, lay)] : [];
}

export function itemOf(place: string, part: RigPiece, lay: Lay = {}): RigItem {
  return {
    id: place,
    place,
    part,
    on: null,
    lengthMm: null,
    ends: null,
    atMm: null,
    count: 1,
    isTurned: false,
    ...lay,
  };
}

export function line(lengthMm: number, above: RigEndId, below: RigEndId): Lay {
  return { lengthMm: Math.max(1, round(lengthMm)), ends: [above, below] };
}

export function round(mm: number): number {
  return Math.round(mm * 10) / 10;
}

export function want(
  id: string,
  label: string,
  unit: RigWant['unit'],
  usual: number,
  most: number,
  least = 0,
): RigWant {
  return { id, label, unit, usual, least, most };
}

export function wanted({ wants }: Pick<RigQuestion, 'wants'>, each: RigWant): number {
  return wants[each.id] ?? each.usual;
}

/** Strong enough for the load behind a knot or a crimp. */
export function bears({ wants }: RigQuestion, share: number): RigWish {
  return { size: 'breakKgf', value: (wants.loadKgf ?? 0) / share, how: 'at-least' };
}

/** A line tied by knots that holds the load. */
export function knotted(id: string, name: string, isNeeded = true): RigPlace {
  return {
    id,
    name,
    takes: ['line'],
    line: ['strand'],
    isNeeded,
    wish: (question) => bears(question, leastLeft(['knot'], 'strand')),
  };
}

/** The main line: it stays on the reel, and what is made here is tied to it at the water. */
export const MAIN_LINE: RigPlace = { ...knotted('main', 'Main line', false), isOnReel: true };

export const CABLE: RigPlace = {
  id: 'cable',
  name: 'Cable',
  takes: ['line'],
  line: ['cable'],
  isNeeded: true,
  wish: (question) => bears(question, leastLeft(['crimp-loop'], 'cable')),
};

/** A swivel, ring, snap or hook: as strong as the load. */
export function bearing(id: string, name: string, takes: RigPlace['takes'], isNeeded = true): RigPlace {
  return { id, name, takes, isNeeded, wish: (question) => bears(question, 1) };
}

/** A hook of about this gape, mm, with so many points. */
export function hook(
  id: string,
  name: string,
  gapeMm: (question: RigQuestion) => number,
  points = 1,
): RigPlace {
  return {
    id,
    name,
    takes: ['hook'],
    isNeeded: true,
    wish: (question) => ({
      size: 'gapeMm',
      value: gapeMm(question),
      how: 'nearest',
      fits: ({ gauge }) => (gauge.sizes.points ?? 1) === points,
    }),
  };
}

/** A bead as the line wants it. */
export function bead(lineAt: string, isNeeded = false): RigPlace {
  return {
    id: 'bead',
    name: 'Bead',
    takes: ['bead'],
    isNeeded,
    wish: ({ chosen, matches }) => {
      const lineMm = chosen[lineAt]?.gauge.sizes.diameterMm ?? 0.5;
      const takes = findMatch(matches, 'bead-by-line', lineMm)?.takes ?? 4;
      return { size: 'diameterMm', value: takes, how: 'nearest' };
    },
  };
}

/** A ring as the load wants it. */
export function splitRing(id: string, name: string, isNeeded = true): RigPlace {
  return {
    id,
    name,
    takes: ['ring'],
    isNeeded,
    wish: ({ wants, matches }) => {
      const takes = findMatch(matches, 'ring-by-load', wants.loadKgf ?? 0)?.takes ?? 6;
      const load = wants.loadKgf ?? 0;
      return {
        size: 'diameterMm',
        value: takes,
        how: 'at-least',
        // A ring is as strong as its packet says; of one that nobody knows, its size alone speaks.
        fits: ({ gauge }) => (gauge.sizes.breakKgf ?? load) >= load,
      };
    },
  };
}

/** The measures of a lure or jig, as far as they are known. */
export function measuresOf(
  { gauge: { sizes } }: Pick<RigPiece, 'gauge'>,
  as: { readonly lengthMm?: string; readonly bodyMm?: string },
): Record<string, number> {
  const across = sizes.bodyMm ?? sizes.diameterMm;
  return {
    ...(as.lengthMm && sizes.lengthMm ? { [as.lengthMm]: sizes.lengthMm } : {}),
    ...(as.bodyMm && across ? { [as.bodyMm]: across } : {}),
  };
}

export const LOAD = want('loadKgf', 'Must hold', 'kgf', 8, 200);

/** A step that says what to do; `times` counts it off. */
export function step(
  id: string,
  title: string,
  how: string,
  mistakes: readonly string[] = [],
  count: CardStep['count'] = null,
): CardStep {
  return { id, title, how, count, dries: null, mistakes };
}

/** Every cut of one rig, laid ready. */
export function layOutSteps({ cuts, mm }: Pick<RigFacts, 'cuts' | 'mm'>): CardStep[] {
  if (cuts.length === 0) return [];
  const lengths = cuts.map(({ name, cutMm }) => `${name} ${mm(cutMm)}`);
  return [
    step('lay-out', 'Lay its lengths ready', `${lengths.join('; ')}. Check one against the mark board.`, [
      'A length cut short: put it aside for a smaller one, never stretch it.',
    ]),
  ];
}

export const CUTTING = 'Cut ends fly and cut cable pricks: eye protection, and sweep them up.';
export const SHRINKING = 'Tube shrinks over heat: no flame near line or cord, mind your fingers.';
export const POINTS = 'Cap the points until it hangs on its card.';
