import { demoBench } from '@/demo/demo-bench';
import {
  readBuildDraft,
  readNoteDraft,
  readOrder,
  readPicks,
  readRigDraft,
  readSkirtDraft,
  readTicketDraft,
} from './drafts';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));

/** A record as a form has it half made: without what it gets when it is kept. */
function halfMade<T extends { readonly version: number }>(record: T, without: readonly string[] = []) {
  const gone = ['id', 'version', 'createdAt', 'retired', ...without];
  const rest = Object.fromEntries(Object.entries(record).filter(([key]) => !gone.includes(key)));
  return { ...rest, from: record.version };
}

const drafts = [
  ['build', readBuildDraft, demo.builds.map((each) => halfMade(each, ['seenMs']))],
  ['rig', readRigDraft, demo.rigs.map((each) => halfMade(each))],
  ['skirt', readSkirtDraft, demo.skirts.map((each) => halfMade(each))],
] as const;

describe.each(drafts)('a %s half made', (_kind, read, all) => {
  it('is read as it was kept, named or not, kept before or not', () => {
    for (const draft of all) {
      const kept: unknown = JSON.parse(JSON.stringify(draft));
      expect(read(kept)).toEqual(kept);
      const fresh = { ...draft, name: '', family: null, from: null };
      expect(read(fresh)).toEqual(fresh);
    }
  });

  it('is none where something is missing, strange, or of another kind', () => {
    const [draft] = all;
    for (const kept of [null, 'half', [], {}, { ...draft, kind: 3, hold: 3 }, { ...draft, strange: 1 }]) {
      expect(read(kept)).toBeNull();
    }
  });
});

describe('what else a screen keeps', () => {
  const [ticket] = demo.tickets;
  const { dueOn: _, ...line } = ticket!.lines[0]!;
  const { id: _id, at: _at, ...note } = demo.waterNotes[0]!;
  const kept = [
    ['a ticket', readTicketDraft, { ticketId: null, title: '', buyer: null, toleranceShare: null, note: '' }],
    ['an order', readOrder, { title: '', buyer: 'Harbour kiosk', dueOn: null, lines: [line] }],
    ['a note', readNoteDraft, { ...note, hours: null, weightG: 0 }],
  ] as const;

  it.each(kept)(
    '%s is read as it was kept, and is none with something strange in it',
    (name, read, draft) => {
      const half = { ...ticket!.lines[0]!, nominalG: null, count: null, metalBinId: null };
      const ware = { id: 'w', of: null, count: null, dueOn: null };
      const whole = name === 'a ticket' ? { ...draft, lines: [half], wares: [ware] } : draft;
      expect(read(JSON.parse(JSON.stringify(whole)))).toEqual(whole);
      expect(read({ ...whole, strange: 1 })).toBeNull();
      expect(read(null)).toBeNull();
    },
  );

  it('heads taken up for the rack are a list', () => {
    const pick = { headBinId: 'h', coatId: 'c', ticketId: null, lineId: null, count: 4 };
    expect(readPicks([pick])).toEqual([pick]);
    for (const other of [null, pick, [{ ...pick, count: 'four' }]]) expect(readPicks(other)).toBeNull();
  });
});
