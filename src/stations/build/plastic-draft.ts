import { mixColor, type CupColor } from '@/core/plastics/mix-color';
import { scaleBatch, type PlasticBatch, type PlasticShot } from '@/core/plastics/scale-batch';
import type { NewPlastic } from '@/records/plastic';
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

const unitOf = ({ as }: Pick<PlasticAdded, 'as'>) => (as === 'drops' ? 'drops' : 'spoons');

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
