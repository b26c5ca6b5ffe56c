import type { Cause, CauseId } from './cause';

/** Every cause with what mends it. A new one is a line here, one in `CAUSE_IDS` and its odds in the tables beside. */
export const CAUSES: readonly Cause[] = [
  {
    id: 'cold-block',
    name: 'Cold block',
    mend: 'Warm the block and its inserts on the rim of the pot, pour without pauses, and send the first pours back.',
  },
  { id: 'cold-pot', name: 'Pot too cold', mend: 'Raise the pot by 15 C and wait until it stands there.' },
  { id: 'hot-pot', name: 'Pot too hot', mend: 'Lower the pot by 15 C; hot lead fumes more, too.' },
  { id: 'hot-block', name: 'Block too hot', mend: 'Lay the block aside for a minute, or work a second one.' },
  {
    id: 'weak-stream',
    name: 'Weak or broken stream',
    mend: 'Pour in one steady stream, ladle to the gate, until the sprue stands full.',
  },
  {
    id: 'blocked',
    name: 'Gate or vent blocked',
    mend: 'Clear the gate and scratch the vents open with a fine point, block cold.',
  },
  {
    id: 'not-closed',
    name: 'Halves not closed',
    mend: 'Wipe the faces, look for a crumb of metal or a hook on the edge, clamp harder.',
  },
  {
    id: 'opened-early',
    name: 'Opened too early',
    mend: 'Wait until the sprue has gone dull, and five seconds more.',
  },
  {
    id: 'seated-wrong',
    name: 'Hook or pin seated wrong',
    mend: 'Lay it flat in its slot; a slot that holds it badly is dressed.',
  },
  {
    id: 'damp',
    name: 'Damp, oil or too much release',
    mend: 'Dry and degrease the block, smoke it thinly. Damp near molten metal throws it: stop until all is dry.',
  },
  { id: 'dirty-metal', name: 'Dirty metal', mend: 'Flux and skim the pot; ladle from under the skin.' },
  {
    id: 'other-alloy',
    name: 'Another alloy',
    mend: 'Find its density on the Metal station and name the lot anew.',
  },
  {
    id: 'other-hardware',
    name: 'Another hook or insert',
    mend: 'Weigh ten of them and set the shelf right.',
  },
  {
    id: 'worn',
    name: 'Worn or changed cavity',
    mend: 'Weigh its castings in anew on the Molds station, or leave it empty.',
  },
  { id: 'scale-off', name: 'Scale off', mend: 'Zero it and hold a known weight against it.' },
];

/**
 * The cause of an id.
 *
 * @example findCause('damp').name // 'Damp, oil or too much release'
 */
export function findCause(id: CauseId): Cause {
  const cause = CAUSES.find((each) => each.id === id);
  if (!cause) throw new RangeError(`findCause requires a cause, not '${id}'`);
  return cause;
}
