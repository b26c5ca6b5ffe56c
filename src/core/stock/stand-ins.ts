import { differenceCiede2000 } from 'culori';
import type { PartGauge } from '../parts/part-roles';
import { stuffOfMetal } from './clashes';

/** What lies in a bin, as far as it matters to what may stand in for it. */
export type Standing = { readonly unit: string } & (
  | {
      readonly kind: 'hook';
      readonly size: string;
      readonly gapeMm: number;
      readonly wireMm: number;
      readonly shankMm: number;
    }
  | {
      readonly kind: 'part';
      readonly gauge: PartGauge | null;
      readonly condition: 'new' | 'used' | 'worn';
      readonly hex: string | null;
    }
  | { readonly kind: 'powder'; readonly hex: string; readonly finish: string }
  | {
      readonly kind: 'strand';
      readonly form: string;
      readonly hex: string;
      readonly strandWidthMm: number;
      readonly longMm: number;
    }
  | {
      readonly kind: 'metal';
      readonly densityGcm3: number;
      readonly composition: Readonly<Record<string, number>> | null;
    }
  | { readonly kind: 'head' }
);

/** One thing in which the two differ, and how far: 1 is as far as may be. */
export interface StandInDifference {
  readonly what: string;
  readonly from: number | string;
  readonly to: number | string;
  readonly far: number;
}

/** So far a size may be off before another hook or part is another thing. */
const SIZE_SHARE = 0.1;
const WIRE_SHARE = 0.15;
/** A longer shank of one size still lies in the cavity; by how much it differs is said. */
const SHANK_SHARE = 0.5;
/** Metal of another density weighs another mark. */
const DENSITY_SHARE = 0.01;
/** From about here on any eye sees two colors apart, and from the second they are two colors (CIEDE2000). */
const SAME_COLOR = 1;
const MOST_COLOR = 10;
/** Stronger always will do; weaker by this will not. */
const WEAKER_SHARE = 0.05;

const difference = differenceCiede2000();

type Judged = StandInDifference | 'same' | 'other';

function size(what: string, from: number, to: number, most = SIZE_SHARE): Judged {
  const off = Math.abs(to - from) / from;
  if (off < 1e-6) return 'same';
  return off > most + 1e-9 ? 'other' : { what, from, to, far: off / most };
}

function color(from: string, to: string): Judged {
  const off = difference(from, to);
  if (off < SAME_COLOR) return 'same';
  return off > MOST_COLOR ? 'other' : { what: 'color', from, to, far: off / MOST_COLOR };
}

function strength(from: number, to: number): Judged {
  if (to < from * (1 - WEAKER_SHARE)) return 'other';
  return to >= from ? 'same' : { what: 'breakKgf', from, to, far: (from - to) / (from * WEAKER_SHARE) };
}

function parts(
  there: Extract<Standing, { kind: 'part' }>,
  other: Extract<Standing, { kind: 'part' }>,
): Judged[] {
  const [a, b] = [there.gauge, other.gauge];
  // What nobody measured cannot be judged.
  if (!a || !b || Object.keys(a.sizes).length === 0) return ['other'];
  if (a.as !== b.as || a.form !== b.form || a.bend !== b.bend || a.line !== b.line || a.plastic !== b.plastic)
    return ['other'];
  const sizes = Object.entries(a.sizes).map(([what, from]): Judged => {
    const to = b.sizes[what as keyof typeof b.sizes];
    if (to === undefined) return 'other';
    return what === 'breakKgf' ? strength(from, to) : size(what, from, to);
  });
  const worn: Judged =
    other.condition === there.condition
      ? 'same'
      : other.condition === 'worn'
        ? 'other'
        : { what: 'condition', from: there.condition, to: other.condition, far: 0.5 };
  const tint: Judged = there.hex && other.hex ? color(there.hex, other.hex) : 'same';
  return [...sizes, worn, tint];
}

function judge(there: Standing, other: Standing): Judged[] {
  if (there.unit !== other.unit) return ['other'];
  if (there.kind === 'hook' && other.kind === 'hook') {
    return [
      there.size === other.size ? 'same' : { what: 'size', from: there.size, to: other.size, far: 1 },
      size('gapeMm', there.gapeMm, other.gapeMm),
      size('wireMm', there.wireMm, other.wireMm, WIRE_SHARE),
      size('shankMm', there.shankMm, other.shankMm, SHANK_SHARE),
    ];
  }
  if (there.kind === 'part' && other.kind === 'part') return parts(there, other);
  if (there.kind === 'powder' && other.kind === 'powder')
    return [there.finish === other.finish ? 'same' : 'other', color(there.hex, other.hex)];
  if (there.kind === 'strand' && other.kind === 'strand') {
    return [
      there.form === other.form ? 'same' : 'other',
      color(there.hex, other.hex),
      size('strandWidthMm', there.strandWidthMm, other.strandWidthMm, WIRE_SHARE),
      other.longMm >= there.longMm ? 'same' : size('longMm', there.longMm, other.longMm),
    ];
  }
  if (there.kind === 'metal' && other.kind === 'metal') {
    const stuff = stuffOfMetal(there.composition);
    return [
      stuff === stuffOfMetal(other.composition) ? 'same' : 'other',
      size('densityGcm3', there.densityGcm3, other.densityGcm3, DENSITY_SHARE),
    ];
  }
  return ['other'];
}

/**
 * In what a thing differs from the one it would stand in for; empty where in nothing that matters; null where it fits
 * no longer. A hook goes by gape, wire and shank, a part by what it was measured as, a powder by finish and color, a
 * strand by form, color and width, a metal by its density: what was cast of another would weigh another mark.
 *
 * Source: practice, as makers swap parts: the same job and within a tenth of the size, never a weaker link.
 *
 * @example standInDifferences(hook2_0, otherMakers2_0) // [{ what: 'gapeMm', from: 9, to: 9.4, far: 0.44 }]
 */
export function standInDifferences(there: Standing, other: Standing): StandInDifference[] | null {
  const judged = judge(there, other);
  if (judged.includes('other')) return null;
  return judged.filter((each): each is StandInDifference => typeof each !== 'string');
}

export interface StandIn {
  readonly id: string;
  readonly differences: readonly StandInDifference[];
}

/**
 * What of the shelf may stand in for a thing, the nearest first.
 *
 * @example standInsFor(thing, shelf)[0]?.differences.length // 0 for one alike in all that matters
 */
export function standInsFor<Thing extends Standing & { readonly id: string }>(
  thing: Thing,
  shelf: readonly Thing[],
): StandIn[] {
  const far = ({ differences }: StandIn) => differences.reduce((so, each) => so + each.far, 0);
  return shelf
    .flatMap((other): StandIn[] => {
      const differences = other.id === thing.id ? null : standInDifferences(thing, other);
      return differences ? [{ id: other.id, differences }] : [];
    })
    .sort((a, b) => far(a) - far(b) || a.id.localeCompare(b.id));
}
