import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { bareHeads } from './bare-heads';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const like = demo.bins.find((bin) => bin.kind === 'head' && bin.coatId === null && bin.skirtId === null)!;
const entry = { ...demo.entries[0]!, binId: like.id, kind: 'made' as const, reverses: null };
const ticket = { ...demo.tickets[0]!, id: 'ticket', no: 77, state: 'open' as const };
const line = { ...ticket.lines[0]!, id: 'line', coatId: null };

/** Ten of a head for a ticket, four for none. */
const benchOf = (coatId: string | null) =>
  viewOf({
    ...demo,
    racks: [],
    tickets: [{ ...ticket, lines: [{ ...line, coatId }] }],
    entries: [
      { ...entry, id: 'given', qty: 10, ticketId: 'ticket', lineId: 'line' },
      { ...entry, id: 'free', qty: 4, ticketId: null, lineId: null },
    ],
  });
const counts = (...asked: Parameters<typeof bareHeads>) =>
  bareHeads(...asked).map(({ count, lineId }) => [count, lineId]);

describe('bare heads that nobody asked a color for', () => {
  it('are free ones, and those of a ticket’s line that wants none', () => {
    expect(counts(benchOf(null), [])).toEqual([
      [4, null],
      [10, 'line'],
    ]);
  });

  it('are not those of a line that waits for its color: they wait by themselves', () => {
    expect(counts(benchOf(demo.coats[0]!.id), [])).toEqual([[4, null]]);
  });

  it('are less by what was laid by the rack', () => {
    const pick = { headBinId: like.id, coatId: 'c', ticketId: 'ticket', lineId: 'line', count: 10 };
    expect(counts(benchOf(null), [pick, { ...pick, ticketId: null, lineId: null, count: 1 }])).toEqual([
      [3, null],
    ]);
  });
});
