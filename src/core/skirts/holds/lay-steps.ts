import type { HoldStep, MistakeId, TyingFacts } from './definition';

/** Strands missing on a side: under a collar they are combed round, under thread they are pushed. */
const bareSide = ({ hasCollar }: TyingFacts): MistakeId => (hasCollar ? 'bald-spot' : 'thin-side');

/**
 * One step for each layer, in tying order: what is laid and where.
 *
 * @example laySteps(facts, 'Lay', 'Pinch it on the thread.', ['bald-spot'])[0].title // 'Lay 1 tab of reed green, all round'
 */
export function laySteps(
  { layers }: TyingFacts,
  verb: string,
  how: string,
  mistakes: readonly MistakeId[],
): HoldStep[] {
  return layers.map(({ key, says, isForward }, index) => ({
    id: `lay ${key}`,
    title: `${verb} ${says}`,
    how: `${how} ${isForward ? 'Its long side points over the head for now.' : 'Its long side lies back over the hook.'}`,
    count: null,
    shows: { layers: index + 1, as: 'tied' as const },
    mistakes,
  }));
}

/**
 * Folding back what points forward; no step where nothing does.
 *
 * @example foldSteps(facts)[0]?.id // 'fold'
 */
export function foldSteps(facts: TyingFacts): HoldStep[] {
  const { layers } = facts;
  if (!layers.some(({ isForward }) => isForward)) return [];
  return [
    {
      id: 'fold',
      title: 'Fold back what points forward',
      how: 'Stroke it back all round with thumb and finger. What was tied first comes to lie outside.',
      count: null,
      shows: { layers: layers.length, as: 'rest' as const },
      mistakes: [bareSide(facts), 'in-the-bend'],
    },
  ];
}

/**
 * The last look and the one cut.
 *
 * @example trimStep(facts).id // 'trim'
 */
export function trimStep(facts: TyingFacts): HoldStep {
  const shows = { layers: facts.layers.length, as: 'flared' as const };
  return facts.hasTabs
    ? {
        id: 'trim',
        title: 'Cut the tips, then shake it open',
        how: 'Cut both folded ends of the tabs in one go each, never near where they are held. Blow or shake: it must open all round.',
        count: null,
        shows,
        mistakes: ['cut-too-near', 'uneven-tips', bareSide(facts)],
      }
    : {
        id: 'trim',
        title: 'Trim uneven tips, then shake it open',
        how: 'Comb it out and cut only what stands away: hair and fur taper by themselves, and a square cut takes their life. Blow: it must open all round.',
        count: null,
        shows,
        mistakes: ['cut-too-near', bareSide(facts)],
      };
}

/**
 * Accents are cut last, on the jig, when it was seen how the skirt stands open; no step where nothing is short.
 *
 * @example accentSteps(facts)[0]?.id // 'accents'
 */
export function accentSteps({ layers }: TyingFacts): HoldStep[] {
  const short = layers.filter(({ isShort }) => isShort);
  if (short.length === 0) return [];
  return [
    {
      id: 'accents',
      title: short.length === 1 ? 'Cut the accent short' : `Cut the ${short.length} accents short`,
      how: `Last of all, on the jig: pick out ${short.map(({ says }) => says).join('; ')}, and cut it so that it shows only when the skirt stands open.`,
      count: null,
      shows: { layers: layers.length, as: 'flared' as const },
      mistakes: ['accent-too-short'],
    },
  ];
}

/** The guard and the rattle, where the recipe has them, before the skirt hides the hook. */
export function trimmingSteps({ hasGuard, hasRattle }: TyingFacts): HoldStep[] {
  const bare = { count: null, shows: { layers: 0, as: 'tied' as const } };
  return [
    ...(hasGuard
      ? [
          {
            ...bare,
            id: 'guard',
            title: 'Glue the guard in its hole',
            how: 'One drop of gel in the hole, push the fibers home, spread them over the point. Let it grip before going on.',
            mistakes: ['glue-crept'] as const,
            dries: { what: 'Guard glue', minutes: 10 },
          },
        ]
      : []),
    ...(hasRattle
      ? [
          {
            ...bare,
            id: 'rattle',
            title: 'Push the rattle onto the shank',
            how: 'Its strap goes behind the keeper, the rattle hangs under the shank. Glass: no pliers.',
            mistakes: ['rattle-aside'] as const,
          },
        ]
      : []),
  ];
}
