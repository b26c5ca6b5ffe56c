import type { HistoryEntry } from '@/records/history-entry';

/**
 * Which entry of the history the next undo takes back and which undo the next redo takes back. An entry is dead when a living one
 * undoes it; undo takes the newest living entry that is not itself an undo or redo; redo takes the newest living
 * undo, unless something was written since.
 *
 * @param acts oldest first
 * @example sortHistory([]) // { undo: null, redo: null }
 */
export function sortHistory(acts: readonly HistoryEntry[]): {
  undo: HistoryEntry | null;
  redo: HistoryEntry | null;
} {
  const byId = new Map(acts.map((act) => [act.id, act]));
  const dead = new Set<string>();
  let undo: HistoryEntry | null = null;
  let redo: HistoryEntry | null = null;
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
