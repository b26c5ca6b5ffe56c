import { repeatableRandom } from '../numeric/repeatable-random';
import { discShape, laid } from '../posed/shapes';
import { countLoose } from './count-loose';
import { isInside } from './is-inside';
import { moveEdge } from './move-edge';
import type { Outline } from './outline';

const bead = (x: number, y: number, across = 5): Outline =>
  laid(discShape(across), { at: [x, y], turnDeg: 0 });

/** Beads that touch, as one edge round them. */
const pair = (x: number, y: number): Outline => ({
  outer: [
    ...bead(x, y).outer.filter(([px]) => px < x + 2.4),
    ...bead(x + 5, y).outer.filter(([px]) => px > x + 2.6),
  ].sort((a, b) => Math.atan2(a[1] - y, a[0] - x - 2.5) - Math.atan2(b[1] - y, b[0] - x - 2.5)),
  holes: [],
});

describe('countLoose', () => {
  it('counts nothing where nothing lies', () => {
    expect(countLoose([])).toEqual([]);
  });

  it('counts those that lie by themselves and those that touch, a dot in each', () => {
    const dots = countLoose([bead(10, 10), bead(30, 10), bead(50, 12), pair(20, 40)]);
    expect(dots).toHaveLength(5);
    for (const [x, y] of [
      [20, 40],
      [25, 40],
    ] as const) {
      expect(dots.filter((dot) => isInside(dot, bead(x, y).outer))).toHaveLength(1);
    }
  });

  it('leaves out what is far smaller than a piece', () => {
    expect(countLoose([bead(10, 10), bead(30, 10), bead(40, 10), bead(50, 10, 1)])).toHaveLength(3);
  });

  it('counts right whatever share of them are pairs, up to half', () => {
    const random = repeatableRandom(4);
    for (let trial = 0; trial < 40; trial += 1) {
      const pairs = Math.floor(random() * 8);
      const singles = pairs + 1 + Math.floor(random() * 8);
      const outlines = [
        ...Array.from({ length: singles }, (_, at) => bead(at * 12, 0, 5 + 0.2 * random())),
        ...Array.from({ length: pairs }, (_, at) => pair(at * 20, 40)),
      ];
      expect(countLoose(outlines)).toHaveLength(singles + 2 * pairs);
    }
  });
});

describe('moveEdge', () => {
  it('pulls the edge at one place and leaves the far side where it is', () => {
    const moved = moveEdge(bead(0, 0, 20), [10, 0], [0.5, 0], 4);
    expect(Math.max(...moved.outer.map(([x]) => x))).toBeCloseTo(10.5, 2);
    expect(Math.min(...moved.outer.map(([x]) => x))).toBeCloseTo(-10, 6);
  });
});
