import type { CardStep } from '../../card-runs/card-step';
import type { BaitFacts, BaitSlot } from './definition';

export const TRAILER: BaitSlot = { id: 'trailer', name: 'Trailer', takes: ['trailer'], isNeeded: false };
const TRAILER_HOOK: BaitSlot = {
  id: 'trailer-hook',
  name: 'Trailer hook',
  takes: ['hook', 'rig'],
  isNeeded: false,
};
/** A skirt bought in its band, in the place of one tied here. */
export const READY_SKIRT: BaitSlot = { id: 'skirt', name: 'Ready skirt', takes: ['skirt'], isNeeded: false };
const KEEPER: BaitSlot = { id: 'keeper', name: 'Keeper', takes: ['keeper', 'bead'], isNeeded: false };
export const RATTLE: BaitSlot = { id: 'rattle', name: 'Rattle', takes: ['rattle'], isNeeded: false };
/** Two rattles ride on a collar of their own, one each side. */
export const RATTLE_PAIR: readonly BaitSlot[] = [
  RATTLE,
  { id: 'rattle-two', name: 'Second rattle', takes: ['rattle'], isNeeded: false },
  { id: 'rattle-collar', name: 'Rattle collar', takes: ['collar'], isNeeded: false },
];
export const GUARD: BaitSlot = { id: 'guard', name: 'Weed guard', takes: ['guard'], isNeeded: false };

/** Of a bait on a bent wire: the wire, what its head wears, what hangs on its hook. */
export const WIRE_SLOTS: readonly BaitSlot[] = [
  { id: 'frame', name: 'Wire', takes: ['frame'], isNeeded: true },
  READY_SKIRT,
  TRAILER,
  TRAILER_HOOK,
  KEEPER,
];

/** A step that only says what to do. */
export function step(id: string, title: string, how: string, mistakes: readonly string[] = []): CardStep {
  return { id, title, how, count: null, dries: null, mistakes };
}

/** One thing after another onto the wire. */
export function threadSteps({ arm }: BaitFacts): CardStep[] {
  return arm.map((name, index) =>
    step(
      `thread-${index + 1}`,
      `Thread ${name}`,
      index === 0 ? 'From the arm’s end, hollow side of a blade toward the head.' : 'Next, in this order.',
      index === 0 ? ['Blade the wrong way round: it will not turn. Hollow side in.'] : [],
    ),
  );
}

/** A skirt over the collar, a trailer, a hook with its keeper: whatever the bait has of them. */
export function dressSteps({ skirt: tied, slots }: BaitFacts): CardStep[] {
  const { trailer, keeper } = slots;
  const skirt = tied ?? slots.skirt;
  const hook = slots['trailer-hook'];
  return [
    ...rattleSteps(slots),
    ...(skirt
      ? [
          step('skirt', `Pull ${skirt} over the collar`, 'Stretch it over the hook, long side back.', [
            'A strand caught in the bend: comb it free.',
          ]),
        ]
      : []),
    ...(hook
      ? [
          step('trailer-hook', `Hang ${hook} on the point`, 'Point the same way as the main hook.', [
            'It swings into the main hook: add a keeper.',
          ]),
        ]
      : []),
    ...(keeper
      ? [step('keeper', `Push ${keeper} over the barb`, 'Past the barb, so that the hook behind stays on.')]
      : []),
    ...(trailer
      ? [
          step(
            'trailer',
            `Thread ${trailer} straight`,
            'In at the nose’s middle, out where it lies unbent.',
            ['Threaded crooked it spins the bait. Take it off and thread it again.'],
          ),
        ]
      : []),
  ];
}

/** One rattle under the skirt’s collar, or two on a collar of their own. */
function rattleSteps({
  rattle,
  'rattle-two': second,
  'rattle-collar': collar,
}: BaitFacts['slots']): CardStep[] {
  if (!rattle) return [];
  const glass = 'Fingers only: glass breaks under pliers.';
  const both =
    second === undefined ? rattle : second === rattle ? `two of ${rattle}` : `${rattle} and ${second}`;
  const side = second === undefined ? '' : ' One each side.';
  const mistakes = ['Rattle on the hook’s side closes the gape. Turn it to the back.'];
  return collar
    ? [
        step('rattle', `Push ${both} into ${collar}`, `${glass}${side}`),
        step('rattle-collar', `Slip ${collar} up the shank`, 'To where the skirt will cover it.', mistakes),
      ]
    : [step('rattle', `Slip ${both} under the collar`, `${glass}${side}`, mistakes)];
}

/** A stop behind a trailer, where the bait has one. */
export function stopSteps({ slots }: BaitFacts): CardStep[] {
  return slots.stop
    ? [step('stop', `Push ${slots.stop} over the barb`, 'It keeps what is threaded from sliding back.')]
    : [];
}

/** A guard glued into its hole. */
export function guardSteps({ slots }: BaitFacts): CardStep[] {
  const { guard } = slots;
  if (!guard) return [];
  return [
    {
      id: 'guard',
      title: `Glue ${guard} into its hole`,
      how: 'Roughen the end, one drop of gel in the hole, push in and fan it over the point. Trim level with the point.',
      count: null,
      dries: { what: 'Guard glue', minutes: 10 },
      mistakes: ['Too much glue creeps up the fibers and stiffens them: wipe at once.'],
    },
  ];
}

/** The arm cut, where it is to be shorter than it comes. */
export function cutSteps({ isShortened }: BaitFacts): CardStep[] {
  return isShortened
    ? [
        step(
          'cut',
          'Cut the arm to its mark',
          'Lay it on the template, mark, cut. Hold the end that flies.',
          ['Cut too short: the stack will not fit. Keep it for a smaller bait.'],
        ),
      ]
    : [];
}

/** Of any bait on wire or a ring, before it counts. */
export const WIRE_CHECKS = [
  'Blades spin freely',
  'Runs true: nothing bent or crooked',
  'Every eye and loop closed',
];
export const WIRE_REASONS = ['does not spin freely', 'does not run true', 'eye or loop open', 'crooked'];
export const SHEET_CAUTIONS = ['Eye protection when wire is cut: ends fly.'];
