import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { freeHeads } from '@/model/heads/free-heads';
import { isPotLow } from './use-low-pot';
import { wantsSince } from '@/model/schedule/replan-run';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);

describe('freeHeads', () => {
  it('counts what lies on the shelf less what open tickets were given of it', () => {
    const open = new Set(view.tickets.filter(({ state }) => state === 'open').map(({ id }) => id));
    for (const { headBinId, count } of freeHeads(view)) {
      const entries = demo.entries.filter(({ binId }) => binId === headBinId);
      const all = entries.reduce((so, { qty }) => so + qty, 0);
      const given = entries.filter(({ ticketId }) => ticketId !== null && open.has(ticketId));
      expect(count).toBe(Math.max(0, all - given.reduce((so, { qty }) => so + qty, 0)));
    }
    expect(freeHeads(view).some(({ count }) => count > 0)).toBe(true);
  });
});

describe('isPotLow', () => {
  const run = {
    blocks: [{ moldId: 'a', fillAll: false, spruePerPourG: 5, copies: 2, plannedPours: 1, fills: [] }],
    cells: [{ moldId: 'a', cavity: 0, key: 'k', metalG: 40, finishedG: 41 }],
  };
  const block = { moldId: 'a', poured: 0, warmUps: 0, ahead: [], cavities: new Map() };
  const count = (potG: number, next = [{ cavity: 0, key: 'k' }]) => ({ potG, blocks: [{ ...block, next }] });

  it('rings when the next pour, sprues and all, would draw it under its heel', () => {
    expect(isPotLow(run, count(200), 'a', 150)).toBe(false);
    expect(isPotLow(run, count(199.9), 'a', 150)).toBe(true);
    expect(isPotLow(run, count(10, []), 'a', 150)).toBe(false);
    expect(isPotLow(run, count(10), null, 150)).toBe(false);
  });
});

describe('wantsSince', () => {
  const lot = view.wants[0]!.metalBinId!;
  const own = view.wants.filter(({ metalBinId }) => metalBinId === lot);
  const first = demo.runs[0]!;
  const run = (more: number) => ({
    ...first,
    metalBinId: lot,
    startedAt: Date.UTC(2027, 0, 1),
    wants: own.map(({ ticketId, lineId, left }, index) => ({
      key: 'k',
      ticketId,
      lineId,
      count: left - (index === 0 ? more : 0),
    })),
  });

  it('is nothing while tickets stand as they did, and what they want more or fewer since', () => {
    expect(wantsSince(run(0), view)).toBe(0);
    expect(wantsSince(run(3), view)).toBe(3);
    expect(wantsSince(run(-2), view)).toBe(-2);
  });

  it('counts tickets written since the run began', () => {
    const late = { ...run(0), startedAt: 0, wants: run(0).wants.slice(1) };
    expect(wantsSince(late, view)).toBe(own[0]!.left);
  });
});
