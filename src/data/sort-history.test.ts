import fc from 'fast-check';
import type { HistoryEntry } from '@/records/history-entry';
import { sortHistory } from './sort-history';

const act = (no: number, undoes: string | null = null): HistoryEntry => ({
  id: `act-${no}`,
  no,
  at: no,
  deed: { code: 'told', facts: { text: `act ${no}` } },
  changes: [],
  undoes,
});

describe('sortHistory', () => {
  it('offers nothing on a bare bench', () => {
    expect(sortHistory([])).toEqual({ undo: null, redo: null });
  });

  it('passes over what was taken back', () => {
    const { undo, redo } = sortHistory([act(1), act(2), act(3, 'act-2')]);
    expect(undo?.id).toBe('act-1');
    expect(redo?.id).toBe('act-3');
  });

  it('offers again what was done again', () => {
    const acts = [act(1), act(2), act(3, 'act-2'), act(4, 'act-3')];
    expect(sortHistory(acts)).toMatchObject({ undo: { id: 'act-2' }, redo: null });
  });

  it('goes like two stacks, whatever is done', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('write', 'undo', 'redo'), { maxLength: 40 }), (steps) => {
        const acts: HistoryEntry[] = [];
        // The twin: plain stacks of act names.
        const done: string[] = [];
        const undone: string[] = [];
        for (const step of steps) {
          const offers = sortHistory(acts);
          if (step === 'write') {
            acts.push(act(acts.length + 1));
            done.push(acts.at(-1)!.id);
            undone.length = 0;
          } else if (step === 'undo') {
            expect(offers.undo?.id ?? null).toBe(done.at(-1) ?? null);
            if (!offers.undo) continue;
            acts.push(act(acts.length + 1, offers.undo.id));
            undone.push(done.pop()!);
          } else {
            expect(offers.redo?.undoes ?? null).toBe(undone.at(-1) ?? null);
            if (!offers.redo) continue;
            acts.push(act(acts.length + 1, offers.redo.id));
            done.push(undone.pop()!);
          }
        }
      }),
    );
  });
});
