import type { BaitKind } from './definition';
import { dressSteps, step, TRAILER } from './usual-steps';

export const bladedJig: BaitKind = {
  id: 'bladed-jig',
  name: 'Bladed jig',
  how: 'A flattened blade hung straight in the head’s eye, drilled twice more for line and swing.',
  takesHead: true,
  takesSkirt: true,
  arm: null,
  slots: [
    { id: 'plate', name: 'Blade', takes: ['blade'], isNeeded: true },
    { id: 'snap', name: 'Snap', takes: ['snap'], isNeeded: false },
    TRAILER,
  ],
  tools: ['cloth and hammer', 'center punch', 'drill, clamp, wood', 'fine pliers', 'printed template'],
  checks: [
    'Blade swings both ways and strikes the head',
    'Eye closed',
    'Nothing bent or crooked',
    'No burr at a hole',
  ],
  usualSeconds: 420,
  cautions: [
    'Small sheet turns with the drill and cuts: clamp it to wood, never hold it by hand. Eye protection.',
    'Open an eye while the casting is warm: thin wire snaps cold.',
  ],
  steps: (facts) => [
    step(
      'flatten',
      'Flatten the blade under cloth',
      'Cloth above and below, light blows from the middle out.',
      ['Dents: too little cloth.'],
    ),
    step(
      'mark',
      'Mark both holes through the template',
      'Printed true size; check its bar with a ruler first.',
    ),
    step('punch', 'Center-punch the marks', 'So that the drill does not wander.'),
    step('drill', 'Drill, clamped to wood', 'Slowly, backed by wood, never held by hand.', [
      'Hole off its mark: the blade pulls to one side. Keep it for a trailer’s flash.',
    ]),
    step('flatten-again', 'Flatten it again', 'And take the burr off both sides.'),
    step('open-eye', 'Open the eye while it is warm', 'Just enough for the sheet, sideways, once.', [
      'Opened cold, or twice, it snaps. Warm it, or cast another.',
    ]),
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
