import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import { BLADE_FORMS } from '@/core/builds/blades';
import { placeParts } from '@/core/builds/place-parts';
import type { Build, BuildPiece } from '@/core/builds/build';
import { findStyle } from '@/core/cavities/styles';
import { headView } from '../head-view';
import { baitBox } from './bait-box';
import { bladePath } from './blade-path';
import { armPath, clevisPath, eyePath, swivelPaths, wirePath } from './wire-paths';
import { wiredHead } from './wired-head';

/** Every coordinate pair of an absolute path of M, L and C, mm. */
function points(path: string): [number, number][] {
  const numbers = [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([each]) => Number(each));
  return numbers.flatMap((x, at): [number, number][] => (at % 2 === 0 ? [[x, numbers[at + 1]!]] : []));
}

const frame: BuildPiece = {
  binId: 'f',
  name: 'frame',
  massG: 17,
  gauge: {
    ...PLAIN_GAUGE,
    as: 'frame',
    bend: 'bent',
    basis: 'measured',
    sizes: { wireMm: 1, upperMm: 70, lowerMm: 40, spreadDeg: 40, loopMm: 3 },
  },
};
const blade: BuildPiece = {
  binId: 'b',
  name: 'leaf',
  massG: 2,
  gauge: {
    ...PLAIN_GAUGE,
    as: 'blade',
    form: 'leaf',
    basis: 'measured',
    sizes: { lengthMm: 46, widthMm: 17 },
  },
};
const bait: Build = {
  kind: 'spinnerbait',
  frame,
  armMm: 60,
  arm: [],
  slots: [],
  head: null,
  minFreeMm: 3,
  end: { hanger: null, blade },
};

describe('bladePath', () => {
  it.each(BLADE_FORMS.map(({ id }) => id))(
    '%s is as long and as wide as it is told, to the hundredth',
    (form) => {
      const all = points(bladePath(form, 46, 17));
      const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
      // Control points never leave the box, so neither does the curve; its widest and longest points lie on it.
      expect([Math.min(...xs), Math.max(...xs)]).toEqual([0, 46]);
      expect([Math.min(...ys), Math.max(...ys)]).toEqual([-8.5, 8.5]);
    },
  );

  it('is the same on both sides', () => {
    const all = points(bladePath('round', 20, 18));
    for (const [x, y] of all) {
      expect(all.some(([x2, y2]) => Math.abs(x - x2) < 0.01 && Math.abs(y + y2) < 0.01)).toBe(true);
    }
  });
});

describe('the wire', () => {
  const laid = placeParts(bait);

  it('is drawn as long as it is cut, and ends where its loop begins', () => {
    const [from, to] = points(armPath(laid.arm!));
    expect(Math.hypot(to![0] - from![0], to![1] - from![1])).toBeCloseTo(60, 2);
    const ends = points(wirePath(laid));
    expect(ends[0]).toEqual([40, 0]);
    const last = ends.at(-1)!;
    expect(Math.hypot(last[0], last[1])).toBeCloseTo(laid.arm!.loopAtMm, 2);
  });

  it('stands in a box with everything that hangs from it', () => {
    const [x, y, width, height] = baitBox(laid, [-2, -8, 60, 16]);
    for (const { at } of laid.blades) {
      expect(at.x).toBeGreaterThan(x);
      expect(at.y).toBeGreaterThan(y);
      expect(at.x + 46 * laid.arm!.along.x).toBeLessThan(x + width);
    }
    expect(x + width).toBeGreaterThan(40 + 58);
    expect(y + height).toBeGreaterThan(8);
    expect(baitBox(placeParts({ ...bait, kind: 'dressed-jig' }), null)).toEqual([-4, -4, 8, 8]);
  });
});

describe('small parts', () => {
  it('are as long as they are', () => {
    expect(Math.max(...points(clevisPath(4)).map(([x]) => x))).toBe(4);
    expect(swivelPaths(12).rings).toMatch(/^M0 0a1\.92 1\.92/);
    expect(Math.max(...points(swivelPaths(12).rings).map(([x]) => x))).toBeLessThanOrEqual(12);
    expect(eyePath(1)).toMatch(/^M0 0a2 2/);
  });

  it('give a head on wire a hook without an eye, its bend behind the head', () => {
    const head = headView(findStyle('round')!, 1.3, null);
    const wired = wiredHead(head, 16, 1);
    expect(wired.hook).toMatchObject({ eye: { r: 0 }, wireMm: 1 });
    expect(wired.hook!.x).toBeLessThan(head.bodyBox.width);
    expect(wired.viewBox[2]).toBeGreaterThan(wired.hook!.x + wired.hook!.reachMm);
    expect(-wired.viewBox[1]).toBeGreaterThan(16);
  });
});
