import fc from 'fast-check';
import { copiesToKeep } from './copies-to-keep';

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 10, 24, 8);

describe('copiesToKeep', () => {
  it('keeps the last of each of the last days and of each of the last months', () => {
    const copies = Array.from({ length: 800 }, (_, nth) => ({ name: `c${nth}`, at: NOW - nth * (DAY / 2) }));
    const kept = copiesToKeep(copies, NOW);
    const at = new Map(copies.map((copy) => [copy.name, copy.at]));
    const days = kept.map((name) => new Date(at.get(name)!).toISOString().slice(0, 10));
    expect(new Set(days).size).toBe(days.length);
    const months = new Set(days.map((day) => day.slice(0, 7)));
    expect(months.size).toBe(14);
    expect(days.slice(0, 8)).toEqual(
      Array.from({ length: 8 }, (_, nth) => new Date(NOW - nth * DAY).toISOString().slice(0, 10)),
    );
    expect(kept.length).toBeLessThan(23);
  });

  it('never leaves out the newest, and is content with what it kept', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 700 * 24 }), { minLength: 1, maxLength: 60 }),
        (hours) => {
          const copies = hours.map((hour, nth) => ({ name: `c${nth}`, at: NOW - hour * 3_600_000 }));
          const kept = copiesToKeep(copies, NOW);
          const newest = copies.reduce((last, each) => (each.at > last.at ? each : last));
          if (NOW - newest.at < 400 * DAY) {
            expect(kept.some((name) => copies.find((copy) => copy.name === name)?.at === newest.at)).toBe(
              true,
            );
          }
          const left = copies.filter(({ name }) => kept.includes(name));
          expect(copiesToKeep(left, NOW)).toEqual(kept);
        },
      ),
    );
  });
});
