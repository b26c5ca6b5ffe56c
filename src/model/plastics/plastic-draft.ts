import { mixColor, type CupColor } from '@/core/plastics/mix-color';
import { scaleBatch, type PlasticBatch, type PlasticShot } from '@/core/plastics/scale-batch';
import type { NewPlastic } from '@/records/plastic';
import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import type { NewBin } from '@/records/plain-bin';
import { PLAIN_PART } from '@/records/plain-part';
import { PLASTIC_GCM3 } from '@/reference/typical/densities';
import { CM3_PER_TEASPOON } from '@/core/units/quantities';
import { kitchenText } from '@/text/kitchen-text';
import { numberText } from '@/text/number-text';
import { sizeText } from '@/text/words';
import type { PlasticAdded, PlasticColor, PlasticRecord } from '@/records/plastic';

export type PlasticDraft = NewPlastic & { readonly id: string | null };

const USUAL_CUP_CM3 = 120;

export function newPlastic(): PlasticDraft {
  return {
    id: null,
    name: '',
    colors: [{ splitShare: 1, baseCm3: USUAL_CUP_CM3, added: [] }],
    plastic: 'soft',
    note: '',
  };
}

export function plasticDraftOf({ id, name, colors, plastic, note }: PlasticRecord): PlasticDraft {
  return { id, name, colors, plastic, note };
}

/** What counts in a cup: what was stirred in without what was one too many. */
export function counted({ added }: Pick<PlasticColor, 'added'>): PlasticAdded[] {
  return added.filter(({ tooMuch }) => !tooMuch);
}

/** The color of a cup so far; with what was too much where the maker looks at the cup as it is. */
export function cupColor({ baseCm3, added }: PlasticColor, withTooMuch: boolean): CupColor {
  const drops = (withTooMuch ? added : counted({ added }))
    .filter(({ as }) => as === 'drops')
    .map(({ hex, amount }) => ({ hex, drops: amount }));
  return mixColor(drops, baseCm3);
}

const unitOf = ({ as }: Pick<PlasticAdded, 'as'>) => (as === 'drops' ? 'drops' : SPOONS);

/** How flake is counted: by the teaspoon. */
export const SPOONS = 'spoons';

/** How much of something is stirred in: drops by their number, flake in the spoons that there are. */
export function amountOf(amount: number, unit: string): string {
  return unit === SPOONS
    ? kitchenText(amount * CM3_PER_TEASPOON)
    : `${numberText(amount, 2)} ${amount === 1 && unit === 'drops' ? 'drop' : unit}`;
}

/**
 * What the colors of a recipe make together where they are laid side by side, cm3: as much as the cup that is used up first
 * allows.
 */
export function mixCm3({ colors }: Pick<PlasticDraft, 'colors'>): number {
  return Math.min(...colors.map(({ baseCm3, splitShare }) => baseCm3 / splitShare));
}

/** Nobody said where shot baits lie: they get a bin of their own. */
export const OWN_BIN = 'own';

/** The bin of baits that were shot of a color, as a trailer: what of it nobody measured stays unknown. */
export function ownBin(
  { name, plastic, colors }: Pick<PlasticRecord, 'name' | 'plastic' | 'colors'>,
  shot: { readonly name: string; readonly pieceCm3: number },
  lengthMm: number | null,
): NewBin {
  const [first] = colors;
  return {
    ...PLAIN_PART,
    kind: 'part',
    unit: 'pieces',
    name: `${shot.name.trim() || 'Bait'}, ${name}`,
    place: '',
    lowAt: null,
    note: '',
    sort: 'plastics',
    hex: first ? cupColor(first, false).hex : null,
    massG: Math.round(shot.pieceCm3 * PLASTIC_GCM3 * 100) / 100,
    gauge: {
      ...PLAIN_GAUGE,
      as: 'trailer',
      plastic,
      sizes: lengthMm === null ? {} : { lengthMm },
      basis: 'guess',
    },
  };
}

/** A recipe's additives summed by what they are, as `plastic.batch` takes them. */
export function additivesOf(
  color: PlasticColor,
  length: 'mm' | 'in',
): { name: string; amount: number; unit: string }[] {
  const sums = new Map<string, { name: string; amount: number; unit: string }>();
  for (const each of counted(color)) {
    const key = `${each.name} ${unitOf(each)} ${each.sizeMm ?? ''}`;
    const name = each.sizeMm === null ? each.name : `${each.name}, ${sizeText(each.sizeMm, length)}`;
    const known = sums.get(key);
    sums.set(key, { name, unit: unitOf(each), amount: (known?.amount ?? 0) + each.amount });
  }
  return [...sums.values()];
}

/** Each color of a batch: how much plastic it takes, and what is stirred in. */
export function mixesOf(
  plastic: Pick<PlasticDraft, 'colors'>,
  shots: readonly PlasticShot[],
  lossShare: number,
  length: 'mm' | 'in',
): PlasticBatch[] {
  return plastic.colors.map((color) =>
    scaleBatch(
      shots,
      lossShare,
      { baseCm3: color.baseCm3, additives: additivesOf(color, length) },
      color.splitShare,
    ),
  );
}

/** A second color laid beside the first, or one color again. */
export function withTwoColors(draft: PlasticDraft, isTwo: boolean): PlasticDraft {
  const [first] = draft.colors;
  if (!first) return draft;
  if (!isTwo) return { ...draft, colors: [{ ...first, splitShare: 1 }] };
  return {
    ...draft,
    colors: [
      { ...first, splitShare: 0.5 },
      { splitShare: 0.5, baseCm3: first.baseCm3, added: [] },
    ],
  };
}

export interface PlasticProblems {
  readonly name: string | null;
  readonly colors: string | null;
}

/** What keeps a color from being kept. */
export function plasticProblems(draft: PlasticDraft, known: readonly PlasticRecord[]): PlasticProblems {
  const name = draft.name.trim();
  const same = known.find((each) => !each.retired && each.id !== draft.id && each.name === name);
  return {
    name:
      name === ''
        ? 'Give the color a name, such as Weir green.'
        : same
          ? `There is a color ${same.name} already. Call this one otherwise.`
          : null,
    colors: draft.colors.some((color) => counted(color).length === 0)
      ? 'Stir something in first: drops of color, or flake.'
      : null,
  };
}
