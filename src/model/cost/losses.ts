import { fishedName, fishedPiece } from '../water/fished';
import type { BenchFacts } from '../bench/bench-facts';
import { costOf } from './cost-facts';

/** What was lost of one thing, and what that cost. */
export interface LossLine {
  readonly id: string;
  readonly name: string;
  readonly lost: number;
  readonly hours: number;
  readonly each: number;
}

/** What the season took, thing by thing, the dearest first; notes since an instant. */
export function seasonLosses(view: BenchFacts, since: number): LossLine[] {
  const lines = new Map<string, LossLine>();
  for (const { of, lost, hours, at } of view.waterNotes) {
    if (at < since || of === null) continue;
    const id = `${of.kind}:${of.id}`;
    const piece = fishedPiece(of, view);
    const known = lines.get(id);
    const each = known?.each ?? (piece ? costOf(piece, 20, view).each : 0);
    const name = fishedName(of, view);
    lines.set(id, { id, name, each, lost: (known?.lost ?? 0) + lost, hours: (known?.hours ?? 0) + hours });
  }
  return [...lines.values()].filter(({ lost }) => lost > 0).sort((a, b) => b.lost * b.each - a.lost * a.each);
}
