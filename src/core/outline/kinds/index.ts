import type { OutlineFeatures } from '../features';
import type { Outline } from '../outline';
import { bead } from './bead';
import { blade } from './blade';
import { body } from './body';
import { clevis } from './clevis';
import { crimp } from './crimp';
import type { SightKind, SightKindId } from './definition';
import { hook } from './hook';
import { other } from './other';
import { ring } from './ring';
import { strands } from './strands';
import { swivel } from './swivel';
import { trailer } from './trailer';

/** Everything that can be told on the mat. */
export const SIGHT_KINDS: readonly SightKind[] = [
  blade,
  hook,
  ring,
  bead,
  swivel,
  crimp,
  clevis,
  body,
  trailer,
  strands,
  other,
];

/**
 * The kind of this id.
 *
 * @example findSightKind('hook').name // 'Hook'
 */
export function findSightKind(id: SightKindId): SightKind {
  const kind = SIGHT_KINDS.find((each) => each.id === id);
  if (!kind) throw new RangeError(`findSightKind requires one of the registered kinds, not ${id}`);
  return kind;
}

/**
 * What an outline is most likely of.
 *
 * @example guessKind(featuresOf(ring), ring).id // 'ring'
 */
export function guessKind(features: OutlineFeatures, outline: Outline): SightKind {
  const scored = SIGHT_KINDS.map((kind) => ({ kind, likely: kind.likely(features, outline) }));
  return scored.reduce((best, each) => (each.likely > best.likely ? each : best)).kind;
}
