import { findMatch, MATCH_TABLE_IDS } from '@/core/rigs/match-table';
import { TYPICAL_MATCHES } from './matches';

describe('the typical matches', () => {
  it.each(MATCH_TABLE_IDS)('%s leaves no gap and grows with what it is for', (table) => {
    const lines = TYPICAL_MATCHES.filter((line) => line.table === table);
    expect(lines.length).toBeGreaterThan(3);
    lines.slice(1).forEach((line, at) => {
      expect(line.from).toBe(lines[at]!.to);
      expect(line.takes).toBeGreaterThan(lines[at]!.takes);
    });
    for (const { from, to, takes, basis } of lines) {
      expect(from).toBeLessThan(to);
      expect(basis).toBe('typical');
      expect(findMatch(TYPICAL_MATCHES, table, (from + to) / 2)?.takes).toBe(takes);
    }
  });

  it('give a crimp room for the cable twice, and a tube room for the eye', () => {
    for (const { table, to, takes } of TYPICAL_MATCHES) {
      if (table === 'crimp-by-cable') expect(takes).toBeGreaterThanOrEqual(2 * to - 0.12);
      if (table === 'tube-by-hook') expect(takes).toBeGreaterThanOrEqual(to);
    }
  });
});
