import { findStyle } from '@/core/cavities/styles';
import { layStrands } from '@/core/skirts/lay-strands';
import { placeArc } from '@/core/skirts/place-arc';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import { FACING } from '@/core/skirts/skirt-view';
import { headView } from '../head-view';
import { strandTone, strew } from './drawn-strand';
import { fanStrands } from './fan-strands';
import { placeRing } from './place-ring';
import { restStrands, tyingStrands } from './rest-strands';
import { guardFibers, shadePath, trailerPath } from './trimmings';

const COLLAR = { xMm: 16, lengthMm: 4, diameterMm: 6, headSideMm: 7 };

function layer(strands: number, rest: Partial<SkirtLayer> = {}): SkirtLayer {
  const common = { material: 'a', strandWidthMm: 1, arc: placeArc({ at: 'round' }), lengthMm: 60 };
  return { ...common, strands, isForward: true, ...rest };
}

/** The points of a path, mm. */
function points(path: string): [number, number][] {
  const numbers = [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([each]) => Number(each));
  return numbers.flatMap((x, at): [number, number][] => (at % 2 === 0 ? [[x, numbers[at + 1]!]] : []));
}

const LAYERS = [layer(40), layer(10, { arc: placeArc({ at: 'below' }), lengthMm: 30 })];
const LAID = layStrands(LAYERS, 6, FACING.side);

describe('restStrands', () => {
  it('draws what faces who looks, back from the collar and a tuft before it, the inner layer first', () => {
    const drawn = restStrands(LAYERS, LAID, COLLAR);
    expect(drawn).toHaveLength(2 * LAID.length);
    expect(drawn[0]!.layer).toBe(1);
    expect(drawn.at(-1)!.layer).toBe(0);
    const xs = drawn.flatMap(({ body }) => points(body).map(([x]) => x));
    expect(Math.max(...xs)).toBeLessThanOrEqual(16 + 60);
    expect(Math.min(...xs)).toBeGreaterThanOrEqual(16 - 4 - 7);
    const short = drawn.filter((strand) => strand.layer === 1);
    expect(Math.max(...short.flatMap(({ body }) => points(body).map(([x]) => x)))).toBeLessThanOrEqual(46.1);
  });

  it('keeps strands side by side as they were laid, at the root and at the tip', () => {
    const [strand] = LAID;
    const drawn = restStrands(LAYERS, [strand!], { ...COLLAR, headSideMm: 0 });
    expect(drawn).toHaveLength(1);
    const outline = points(drawn[0]!.body);
    const [root, last] = [outline[0]!, outline.at(-1)!];
    expect(root[1] - last[1]).toBeCloseTo((strand!.to - strand!.from) * 6, 1);
  });
});

describe('tyingStrands', () => {
  it('points forward ties over the head and back ties over the hook, the last laid on top', () => {
    const layers = [layer(20), layer(20, { isForward: false })];
    const drawn = tyingStrands(layers, layStrands(layers, 6, FACING.side), COLLAR);
    const reach = (index: number) =>
      drawn.filter((each) => each.layer === index).flatMap(({ line }) => points(line).map(([x]) => x));
    expect(Math.max(...reach(0))).toBeLessThanOrEqual(12);
    expect(Math.min(...reach(1))).toBeGreaterThanOrEqual(16);
    expect(drawn.at(-1)!.layer).toBe(1);
  });
});

describe('fanStrands', () => {
  it('draws every strand, with its end by the head, higher for what lies on top', () => {
    const layers = [layer(20), layer(10, { arc: placeArc({ at: 'top' }) })];
    const drawn = fanStrands(layers, COLLAR, 'side', { open: 1, pulse: 0 });
    expect(drawn).toHaveLength(2 * 30);
    const tips = fanStrands(layers, { ...COLLAR, headSideMm: 0 }, 'side', { open: 1, pulse: 0 })
      .filter((each) => each.layer === 1)
      .map(({ line }) => points(line).at(-1)![1]);
    expect(tips).toHaveLength(10);
    expect(tips.every((y) => y < 3)).toBe(true);
  });

  it('opens with the slider: nearly flat at 0, all round at 1', () => {
    const high = (open: number) => {
      const ys = fanStrands([layer(40)], { ...COLLAR, headSideMm: 0 }, 'side', { open, pulse: 0 }).flatMap(
        ({ line }) => points(line).map(([, y]) => y),
      );
      return Math.max(...ys) - Math.min(...ys);
    };
    expect(high(0)).toBeLessThan(25);
    expect(high(0.5)).toBeGreaterThan(high(0) * 2);
    expect(high(1)).toBeGreaterThan(95);
  });

  it('is a rose from behind, and sways with its pulse only while it is not flared', () => {
    const rose = fanStrands([layer(24)], COLLAR, 'end', { open: 1, pulse: 0 });
    const angles = rose.map(({ line }) => {
      const [x, y] = points(line).at(-1)!;
      return Math.floor(((Math.atan2(y, x) + Math.PI) / (2 * Math.PI)) * 4);
    });
    expect(new Set(angles.map((quarter) => Math.min(3, quarter))).size).toBe(4);
    const at = (open: number, pulse: number) => fanStrands([layer(9)], COLLAR, 'side', { open, pulse });
    expect(at(0.3, 0.25)).not.toEqual(at(0.3, 0.75));
    expect(at(1, 0.25)).toEqual(at(1, 0.75));
  });
});

describe('what hangs on a jig', () => {
  const hook = { wireMm: 1.2, shankMm: 34, gapeMm: 14 };
  const head = headView(findStyle('round')!, 1, hook);

  it('guards a hook’s point, and nothing on a head without one', () => {
    expect(guardFibers(head)).toHaveLength(9);
    expect(guardFibers(headView(findStyle('round')!, 1, null))).toEqual([]);
    const tips = guardFibers(head).map((fiber) => points(fiber).at(-1)!);
    expect(tips.every(([x, y]) => x > head.bodyBox.width && y < head.bodyBox.y)).toBe(true);
  });

  it('closes the trailer and the shade, and turns places to arcs', () => {
    expect(trailerPath(20, 4)).toMatch(/^M.*Z$/);
    expect(shadePath(COLLAR, 60)).toMatch(/^M16 -3C.*Z$/);
    expect(placeRing({ fromDeg: -90, toDeg: 90 }, 10)).toBe('M-10 0A10 10 0 0 1 10 0');
    expect(placeRing({ fromDeg: 0, toDeg: 360 }, 10).match(/A/g)).toHaveLength(2);
    expect(placeRing({ fromDeg: 0, toDeg: 270 }, 10)).toContain('A10 10 0 1 1');
  });

  it('strews evenly and the same each time', () => {
    const many = Array.from({ length: 200 }, (_, nth) => strew(nth, 3));
    expect(Math.abs(many.filter((each) => each < 0.5).length - 100)).toBeLessThan(4);
    expect(strew(7, 2)).toBe(strew(7, 2));
    expect(new Set(Array.from({ length: 9 }, (_, nth) => strandTone(nth, 0))).size).toBe(3);
  });
});
