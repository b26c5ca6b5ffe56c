import { settleRun } from '@/core/pours/settle-run';
import { findLooseEnd } from '@/records/find-loose-end';
import { demoBench } from './demo-bench';

const NOW = Date.UTC(2026, 10, 23, 12);
const bench = demoBench(NOW);

function levelOf(binId: string): number {
  return bench.entries
    .filter((entry) => entry.binId === binId)
    .reduce((total, entry) => total + entry.qty, 0);
}

describe('the made-up bench', () => {
  it('is the same for the same day', () => {
    expect(demoBench(NOW + 3_600_000)).toEqual(bench);
    expect(demoBench(NOW + 86_400_000)).not.toEqual(bench);
  });

  it('is as rich as it should be', () => {
    expect(bench.molds).toHaveLength(12);
    expect(bench.bins.filter((bin) => bin.kind === 'metal')).toHaveLength(8);
    expect(
      bench.bins.filter((bin) => ['hook', 'powder', 'strand', 'part'].includes(bin.kind)).length,
    ).toBeGreaterThanOrEqual(180);
    expect(bench.tickets).toHaveLength(20);
    expect(new Set(bench.tickets.map((ticket) => ticket.state))).toEqual(
      new Set(['open', 'set-aside', 'closed']),
    );
    const first = Math.min(...bench.runs.map((run) => run.startedAt));
    expect((NOW - first) / 86_400_000).toBeGreaterThan(80);
  });

  it('hangs together, colors and racks too', () => {
    expect(findLooseEnd(bench)).toBeNull();
    expect(bench.racks.length).toBeGreaterThan(4);
    for (const rack of bench.racks) {
      const slots = rack.hung.map(({ rod, slot }) => `${rod} ${slot}`);
      expect(new Set(slots).size).toBe(slots.length);
    }
  });

  it('has no bin below empty', () => {
    expect(bench.bins.filter((bin) => levelOf(bin.id) < -1e-6)).toEqual([]);
    expect(levelOf('lot-14')).toBeCloseTo(11_800, 2);
    expect(levelOf('hook-2-0')).toBe(210);
  });

  it('has runs whose books hold', () => {
    for (const run of bench.runs) {
      const pours = bench.pours.filter((pour) => pour.runId === run.id);
      expect(settleRun(run, pours, run.booking!.drossG).figures).toEqual(run.booking);
      const { goodG, rejectedG, sprueG, drossG, potLeftG } = run.booking!;
      expect(goodG + rejectedG + sprueG + drossG + potLeftG).toBeCloseTo(run.chargedG, 6);
      const metal = bench.entries
        .filter((entry) => entry.runId === run.id && entry.binId === run.metalBinId)
        .reduce((total, entry) => total + entry.qty, 0);
      expect(metal).toBeCloseTo(-(goodG + drossG), 6);
    }
  });
});
