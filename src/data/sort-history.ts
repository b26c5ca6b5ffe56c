import type { Act } from '@/records/act';

/**
 * Which act the next undo takes back and which undo the next redo takes back. An act is dead when a living act
 * undoes it; undo takes the newest living act that is not itself an undo or redo; redo takes the newest living
 * undo, unless something was written since.
 *
 * @param acts oldest first
 * @example sortHistory([]) // { undo: null, redo: null }
 */
export function sortHistory(acts: readonly Act[]): { undo: Act | null; redo: Act | null } {
  const byId = new Map(acts.map((act) => [act.id, act]));
  const dead = new Set<string>();
  let undo: Act | null = null;
  let redo: Act | null = null;
  let isWrittenSince = false;
  for (const act of [...acts].reverse()) {
    if (dead.has(act.id)) continue;
    if (act.undoes === null) {
      undo ??= act;
      isWrittenSince = true;
      continue;
    }
    dead.add(act.undoes);
    const isUndo = (byId.get(act.undoes)?.undoes ?? null) === null;
    if (isUndo && !isWrittenSince) redo ??= act;
  }
  return { undo, redo };
}
