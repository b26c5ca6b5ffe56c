'use client';

import { afterTying } from '@/model/next/next-steps';
import { useMemo } from 'react';
import type { CardStep } from '@/core/card-runs/card-step';
import { findHold } from '@/core/skirts/holds';
import { MISTAKES } from '@/core/skirts/holds/mistakes';
import { piecesText } from '@/text/skirt-words';
import { putBackOf, tieable, withSwaps } from '@/model/skirts/run-plan';
import { newestByFamily } from '@/model/versions/newest-by-family';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { useBench } from '@/station-kit/BenchProvider';
import { plainAmount, type CardRunKind, type StepPicture } from '@/station-kit/card-runs/card-run-kind';
import { jigOf } from '@/station-kit/looks/jig-look';
import { usePreferences } from '@/station-kit/preferences-store';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import type { SkirtState } from '@/ui/skirt-drawing/skirt-look';
import type { HoldStep } from '@/core/skirts/holds/definition';
import { COUNT_WORDS } from './HoldFields';
import { SkirtThumb } from './SkirtThumb';
import { pulledFor, stepsOf } from '@/model/skirts/tying-card';

const TEN = 10;

/** A step of a hold as the card has it; what seals the skirt dries from the last step on. */
function cardStep(step: HoldStep, dries: CardStep['dries']): CardStep {
  const { id, title, how, count, mistakes } = step;
  return {
    id,
    title,
    how,
    dries: step.dries ?? dries,
    count: count && { of: COUNT_WORDS[count.of].toLowerCase(), times: count.times },
    mistakes: mistakes.map((each) => `${MISTAKES[each].name}. ${MISTAKES[each].mend}`),
  };
}

/** Runs of skirts. */
export const SKIRT_RUNS: CardRunKind<Skirt, Tying> = {
  words: {
    piece: 'Skirt',
    verb: 'Tie',
    made: 'tied',
    through: {
      title: 'All tied',
      how: 'Look them over, then end the run: what is over goes back on the shelf.',
    },
    goOn: 'Go on tying',
    none: 'No recipe is kept yet.',
    first: 'Make a recipe',
    gone: 'a skirt gone',
  },
  mostAtOnce: TEN,
  reasons: () => ['came apart', 'bald spot', 'cut too short', 'held off the line'],
  canStrip: false,
  neverBack: 'What was cut for a spoiled one stays cut; its head stays bare.',
  underWay: ({ tying }) => tying,
  past: ({ tyings }) => tyings.filter(({ state }) => state === 'tied'),
  items: ({ skirts }) => newestByFamily(skirts),
  itemOf: ({ skirtId }, { skirtById }) => skirtById.get(skirtId),
  gives: tieable,
  lies: ({ id }, { levels }) => {
    const loose = levels.get(`loose-${id}`) ?? 0;
    return loose > 0 ? `${loose} loose ones lie there` : null;
  },
  thumb: (skirt) => <SkirtThumb skirt={skirt} pxPerMm={1.3} maxWidthPx={108} />,
  steps: (skirt, run, view, { length }) => {
    const steps = stepsOf(withSwaps(skirt, run.swaps), view, length, pulledFor(run, skirt, view));
    const { drying } = findHold(skirt.hold);
    return steps.map((step, index) => cardStep(step, index === steps.length - 1 ? drying : null));
  },
  picture: (of) => <TiedSoFar {...of} />,
  tools: ({ hold }) => [...findHold(hold).tools, ...findHold(hold).materials],
  checks: ({ hold }) => findHold(hold).checks,
  backOf: (run, skirt, used, view) => putBackOf(run, withSwaps(skirt, run.swaps), used, view),
  amountText: (amount, of, mass) =>
    amount.pieces.length > 0 ? `${piecesText(amount.pieces)} of ${of.name}` : plainAmount(amount, of, mass),
  // What a skirt weighs is reckoned from its strands wherever it is asked for.
  massOf: () => null,
  doing: ({ tyings }) => tyings,
  keepSteps: ({ skirts }, id, own) => skirts.ownSteps(id, own),
  saysEnded: (passed, { headBinId }) => {
    if (passed === 0) return 'All of it is back on the shelf.';
    const where = headBinId === null ? 'lie loose in the skirt box' : 'are on their heads';
    return `${passed} ${where}. What was over is back on the shelf.`;
  },
  next: afterTying,
};

const SHOWN_AS: Readonly<Record<HoldStep['shows']['as'], (layers: number) => SkirtState>> = {
  tied: (layers) => ({ is: 'tying', layers }),
  rest: () => ({ is: 'rest' }),
  flared: () => ({ is: 'open', open: 1, pulse: 0 }),
};

/** The skirt as far as it is at a step, on the head that it goes on. */
function TiedSoFar({ item, run, step, at, widthPx }: StepPicture<Skirt, Tying>) {
  const { view } = useBench();
  const { hand, length } = usePreferences();
  const recipe = useMemo(() => withSwaps(item, run.swaps), [item, run.swaps]);
  const shows = useMemo(
    () => stepsOf(recipe, view, length, pulledFor(run, item, view)).find(({ id }) => id === step.id)?.shows,
    [recipe, view, length, run, item, step.id],
  );
  const head = run.headBinId === null ? undefined : view.binById.get(run.headBinId);
  const jig = useMemo(() => {
    if (head?.kind !== 'head') return jigOf(recipe, view, {});
    const { style, nominalG, hookBinId, coatId } = head;
    return jigOf(recipe, view, { style, nominalG, hookBinId, coatId });
  }, [recipe, view, head]);
  if (!jig || !shows) return null;
  return (
    <SkirtDrawing
      name={`Step ${at + 1}, drawn`}
      jig={jig}
      state={SHOWN_AS[shows.as](shows.layers)}
      view="side"
      pxPerMm={5}
      maxWidthPx={widthPx}
      maxHeightPx={320}
      isMirrored={hand === 'left'}
    />
  );
}
