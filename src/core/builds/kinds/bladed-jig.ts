import type { BaitKind } from './definition';
import { dressSteps, step, READY_SKIRT, TRAILER } from './usual-steps';

/** A blade that comes domed is beaten flat before anything is marked on it. */
const FLATTEN = step(
  'flatten',
  'Flatten the blade under cloth',
  'Cloth above and below, light blows from the middle out.',
  ['Dents: too little cloth.'],
);

const drillSteps = (holes: number) => [
  step(
    'mark',
    holes === 1 ? 'Mark the hole through the template' : `Mark the ${holes} holes through the template`,
    'Printed true size; check its bar with a ruler first.',
  ),
  step(
    'punch',
    holes === 1 ? 'Center-punch the mark' : 'Center-punch the marks',
    'So that the drill does not wander.',
  ),
  step('drill', 'Drill, clamped to wood', 'Slowly, backed by wood, never held by hand.', [
    'Hole off its mark: the blade pulls to one side. Drill another.',
  ]),
  step('flatten-again', 'Flatten it again', 'And take the burr off both sides.'),
];

export const bladedJig: BaitKind = {
  id: 'bladed-jig',
  name: 'Bladed jig',
  how: 'A flat blade hung straight in the head’s eye, with a hole for the line and one to swing on.',
  takesHead: true,
  takesSkirt: true,
  arm: null,
  slots: [
    { id: 'plate', name: 'Blade', takes: ['blade'], isNeeded: true },
    { id: 'snap', name: 'Snap', takes: ['snap'], isNeeded: false },
    READY_SKIRT,
    TRAILER,
  ],
  tools: ['cloth and hammer', 'center punch', 'drill, clamp, wood', 'fine pliers', 'printed template'],
  checks: [
    'Blade swings both ways and strikes the head',
    'Eye closed',
    'Nothing bent or crooked',
    'No burr at a hole',
  ],
  reasons: ['blade does not swing', 'hole off its mark', 'eye snapped or open', 'crooked'],
  usualSeconds: 420,
  cautions: [
    'Small sheet turns with the drill and cuts: clamp it to wood, never hold it by hand. Eye protection.',
    'An eye is opened at the pour, while the casting is warm: thin wire snaps cold.',
  ],
  steps: (facts) => [
    ...(facts.plate.isFlat ? [] : [FLATTEN]),
    ...(facts.plate.drilled > 0 ? drillSteps(facts.plate.drilled) : []),
    step(
      'eye',
      'Look whether the eye is open',
      'It is opened at the pour, while the casting is warm: as wide as the sheet is thick.',
      ['Closed: never bend it cold, thin wire snaps. Warm the head first, or take another.'],
    ),
    step(
      'try',
      `Try ${facts.slots.plate ?? 'the blade'} in`,
      'It must swing to both sides and touch the head.',
    ),
    step('close-eye', 'Close the eye', 'Until no thread slips through.'),
    ...(facts.slots.snap ? [step('snap', `Hang ${facts.slots.snap} in the front hole`, 'Closed.')] : []),
    ...dressSteps(facts),
  ],
};
