import * as fc from 'fast-check';
import { hookEnd, hookEye } from './hook-end';
import { hookThing } from '../things/hook-shapes';
import { eyedHook, hookBend, hookPath, type HookPattern } from './hook-path';

const HOOK = { wireMm: 1, shankMm: 30, gapeMm: 12 };
const PATTERNS: readonly HookPattern[] = ['round', 'sickle', 'wide', 'circle'];

/** The corners and controls of a path of absolute M, L, H, Q, C, S and A. */
function points(path: string): [number, number][] {
  let y = 0;
  return [...path.matchAll(/([A-Z])([^A-Z]*)/g)].flatMap(([, letter, text]): [number, number][] => {
    const numbers = (text ?? '').match(/-?[\d.]+/g)?.map(Number) ?? [];
    if (letter === 'H') return [[numbers[0] ?? 0, y]];
    const pairs = (letter === 'A' ? numbers.slice(-2) : numbers).reduce<[number, number][]>(
      (so, value, index) =>
        index % 2 === 0 ? [...so, [value, 0]] : [...so.slice(0, -1), [so.at(-1)![0], value]],
      [],
    );
    y = pairs.at(-1)?.[1] ?? y;
    return pairs;
  });
}

describe('hookEnd', () => {
  it('tapers from the full wire to the tip, whichever way the point runs', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.constantFrom(1 as const, -1 as const),
        (turn, wireMm, inside) => {
          const tip = { x: 40 * Math.cos(turn), y: 40 * Math.sin(turn) };
          const { needle, barb, from } = hookEnd({ x: 0, y: 0 }, tip, wireMm, inside);
          const drawn = points(needle);
          const first = drawn[0]!;
          const last = drawn.at(-1)!;
          expect(Math.hypot(first[0] - last[0], first[1] - last[1])).toBeCloseTo(wireMm, 1);
          expect(drawn.some(([x, y]) => Math.hypot(x - tip.x, y - tip.y) < 0.01)).toBe(true);
          expect(Math.hypot(from.x - tip.x, from.y - tip.y)).toBeCloseTo(4.2 * wireMm, 1);
          // The barb's free end: about 1.3 wires behind its root, farther off the middle than the wire is thick.
          const [root, free] = points(barb) as [[number, number], [number, number], [number, number]];
          const along = ([x, y]: [number, number]) => (x * tip.x + y * tip.y) / 40;
          const aside = ([x, y]: [number, number]) => ((x * -tip.y + y * tip.x) / 40) * inside;
          expect(along(root) - along(free)).toBeCloseTo(1.3 * wireMm, 1);
          expect(aside(free)).toBeGreaterThan(wireMm / 2);
        },
      ),
    );
  });

  it('leaves of a short point at least some wire before the needle', () => {
    expect(hookEnd({ x: 0, y: 0 }, { x: 2, y: 0 }, 1, 1).from.x).toBeCloseTo(0.2, 5);
  });
});

describe('hookEye', () => {
  it('is nearly closed, begins where the shank comes from, and is nothing without a size', () => {
    const [start, end] = points(hookEye({ x: 0, y: 0 }, 2, 90)) as [[number, number], [number, number]];
    expect(start).toEqual([0, 2]);
    const gap = Math.hypot(start[0] - end[0], start[1] - end[1]);
    expect(gap > 0.3 && gap < 1).toBe(true);
    expect(hookEye({ x: 0, y: 0 }, 0, 0)).toBe('');
  });
});

describe('the bends', () => {
  it.each(PATTERNS)(
    'a %s one stays within its gape and reach and ends in a point above the shank',
    (pattern) => {
      const { wire, needle, reachMm, gapeMm } = hookBend(HOOK, pattern);
      const drawn = points(wire);
      expect(drawn[0]).toEqual([0, 0]);
      expect(Math.max(...drawn.map(([x]) => x))).toBeLessThanOrEqual(reachMm);
      expect(Math.min(...drawn.map(([, y]) => y))).toBeGreaterThanOrEqual(-gapeMm * 1.06);
      // The needle stands before the bend, toward the eye.
      expect(Math.min(...points(needle).map(([x]) => x))).toBeLessThan(HOOK.shankMm);
    },
  );

  it('a circle hook points back at its shank, the others along it', () => {
    const tipOf = (pattern: HookPattern) => points(hookBend(HOOK, pattern).needle)[2]!;
    expect(tipOf('circle')[1]).toBeGreaterThan(-HOOK.gapeMm / 2);
    for (const pattern of PATTERNS.slice(0, 3)) expect(tipOf(pattern)[1]).toBeLessThan(-HOOK.gapeMm * 0.95);
  });

  it('carry their eye up beside a head, or in line', () => {
    expect(hookPath(HOOK, 5).eye.y).toBeLessThan(-5);
    expect(hookPath(HOOK, 5).wire).toContain('L0 0');
    expect(eyedHook(HOOK, 1.4).eye).toEqual({ x: -1.4, y: 0, r: 1.4 });
  });

  it.each(PATTERNS)('a %s one by itself lies in its box, its eye up where it is cast in', (pattern) => {
    const cast = hookThing(HOOK, pattern, true);
    const tied = hookThing(HOOK, pattern, false);
    expect(cast.box[0]).toBeLessThan(tied.box[0] + 1);
    for (const { shapes, box } of [cast, tied]) {
      const drawn = shapes.flatMap(({ d }) => points(d));
      expect(
        drawn.every(([x, y]) => x >= box[0] && x <= box[0] + box[2] && y >= box[1] && y <= box[1] + box[3]),
      ).toBe(true);
    }
  });
});
