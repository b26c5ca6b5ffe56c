import type { PartRoleId } from '@/core/parts/part-roles';
import type { HoldStep } from '@/core/skirts/holds/definition';
import { findHold } from '@/core/skirts/holds';
import { wrapSheet } from '@/core/skirts/wrap-sheet';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { lengthText } from '@/text/words';
import { amountOfText, placeText, shortName } from '@/text/skirt-words';
import { materialOf } from './skirt-facts';
import type { BenchView } from '../bench/bench-view';

/** What goes onto the head with the skirt, as its card speaks of it. */
export interface Pulled {
  readonly hasGuard: boolean;
  readonly hasRattle: boolean;
  /** A soft bait by its name; null where none goes on here. */
  readonly trailer: string | null;
}

/** What was pulled for a run besides the skirt: the recipe's own, what its ticket asks for, or nothing on loose skirts. */
export function pulledFor(
  { taken }: Pick<Tying, 'taken'>,
  { shownOn }: Pick<Skirt, 'shownOn'>,
  { binById }: Pick<BenchView, 'binById'>,
): Pulled {
  const find = (role: PartRoleId, own: string | null) =>
    taken
      .map(({ binId }) => binById.get(binId))
      .find((bin) => bin?.kind === 'part' && (bin.id === own || bin.gauge?.as === role));
  return {
    hasGuard: find('guard', shownOn.guardBinId) !== undefined,
    hasRattle: find('rattle', shownOn.rattleBinId) !== undefined,
    trailer: find('trailer', null)?.name ?? null,
  };
}

/** Threaded on once the skirt is trimmed. */
const trailerStep = (name: string, layers: number): HoldStep => ({
  id: 'trailer',
  title: `Thread ${name} straight`,
  how: 'In at the nose’s middle, out where it lies unbent, up to the skirt. Lift the strands out of the way.',
  count: null,
  shows: { layers, as: 'rest' },
  mistakes: [],
});

/** Each tail that something was said of: what it is cut from, of how many legs, and where. */
function tailsText(tails: Skirt['tails'], view: Pick<BenchView, 'binById'>): string | null {
  const said = tails.flatMap(({ angleDeg, binId, legs }) => {
    const material = binId === undefined ? null : materialOf({ binId }, view);
    if (!material) return [];
    const of = legs === undefined ? '' : `${legs} ${legs === 1 ? 'leg' : 'legs'} of `;
    return [`${of}${shortName(material)} at ${Math.round(angleDeg)}°`];
  });
  return said.length > 0 ? said.join(', ') : null;
}

/** What of a sheet is left whole: its band, and a saddle behind it, after which the legs begin. */
function wholeText({ bandMm, saddleMm }: NonNullable<Skirt['wrap']>, length: 'mm' | 'in'): string | null {
  const band = bandMm === undefined ? null : `a band of ${lengthText(bandMm, length)}`;
  const saddle = saddleMm === undefined ? null : `a saddle of ${lengthText(saddleMm, length)}`;
  return band && saddle ? `${band} and ${saddle} behind it` : (band ?? saddle);
}

/** The steps of a recipe, in the words of its own layers; the last says what was pulled for a run, else what it is shown with. */
export function stepsOf(
  recipe: Skirt,
  view: Pick<BenchView, 'binById'>,
  length: 'mm' | 'in',
  { trailer, ...trimmings }: Pulled = {
    hasGuard: recipe.shownOn.guardBinId !== null,
    hasRattle: recipe.shownOn.rattleBinId !== null,
    trailer: null,
  },
): readonly HoldStep[] {
  const { atShare } = recipe.collar;
  const hold = findHold(recipe.hold);
  const steps = hold.steps({
    layers: recipe.layers.map((layer) => {
      const material = materialOf(layer, view);
      return {
        key: layer.id,
        says: `${amountOfText(layer.amount, length, material?.form)} of ${material ? shortName(material) : 'a material gone'}, ${placeText(layer.place)}`,
        isForward: layer.isForward,
        isShort: layer.isShort,
      };
    }),
    counts: recipe.counts,
    hasCollar: hold.takesCollar,
    hasTabs: recipe.layers.some((layer) => materialOf(layer, view)?.form === 'tab'),
    heldAt: Math.abs(atShare - 1 / 3) < 0.02 ? 'a third' : `${Math.round(atShare * 100)} %`,
    ...trimmings,
    sheet: recipe.wrap && {
      legs: wrapSheet(recipe.wrap.headDiameterMm, recipe.wrap.legWidthMm, recipe.wrap.maxStretch).legs,
      tails: recipe.tails.length,
      tailsSay: tailsText(recipe.tails, view),
      wholeSays: wholeText(recipe.wrap, length),
    },
  });
  return trailer === null ? steps : [...steps, trailerStep(trailer, recipe.layers.length)];
}
