import { sum } from '../numeric/sum';
import type { CavityFacts } from './facts';

/** What lies less than this in the metal is cast on rather than cast in: a frame, not an eye. */
const CAST_ON_SHARE = 0.5;

/**
 * What of a casting its mark does not count, g: the wire frame that a head is cast on. A block's mark means the head.
 *
 * @example frameMass({ inserts: [{ name: 'wire frame', massG: 2.4, volumeCm3: 0.31, embeddedShare: 0.2 }] }) // 2.4
 */
export function frameMass({ inserts }: Pick<CavityFacts, 'inserts'>): number {
  return sum(
    inserts.map(({ massG, count = 1, embeddedShare = 1, removed = false }) =>
      removed || embeddedShare >= CAST_ON_SHARE ? 0 : count * massG,
    ),
  );
}

/**
 * How far a casting lies off a mark, a share of it: its weight without the frame it is cast on.
 *
 * @example offMark({ inserts: [frame] }, 13.1, 10.6) // 0.009: 13.1 g of which the frame is 2.4
 */
export function offMark(cavity: Pick<CavityFacts, 'inserts'>, finishedG: number, nominalG: number): number {
  return (finishedG - frameMass(cavity) - nominalG) / nominalG;
}
