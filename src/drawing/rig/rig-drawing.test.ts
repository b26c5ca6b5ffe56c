import svgpath from 'svgpath';
import { PLAIN_GAUGE, PART_ROLES, type PartGauge } from '@/core/parts/part-roles';
import { layRig } from '@/core/rigs/lay-rig';
import type { RigItem } from '@/core/rigs/rig';
import { drawRig } from './rig-sheet';
import { acrossOf, hookShapes, rigShapes } from './rig-shapes';

const gauge = (as: PartGauge['as'], sizes: PartGauge['sizes'] = {}): PartGauge => ({
  ...PLAIN_GAUGE,
  as,
  sizes,
  basis: 'measured',
  line: as === 'line' ? 'strand' : null,
});
const item = (id: string, of: PartGauge, to: Partial<RigItem> = {}): RigItem => ({
  id,
  place: null,
  part: { binId: id, name: id, gauge: of, massG: 1 },
  on: null,
  lengthMm: null,
  ends: null,
  atMm: null,
  count: 1,
  isTurned: false,
  ...to,
});
const line = (id: string, lengthMm: number, to: Partial<RigItem> = {}) =>
  item(id, gauge('line', { diameterMm: 0.5 }), { lengthMm, ends: ['knot', 'knot'], ...to });
const HOOK = gauge('hook', { lengthMm: 28, gapeMm: 12, wireMm: 1, eyeMm: 1.6 });

/** What a path covers, mm; arcs as their curves. */
function boxOf(d: string) {
  const xs: number[] = [];
  const ys: number[] = [];
  svgpath(d)
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, _, x, y) => {
      const numbers = segment.slice(1) as number[];
      if (segment[0] === 'H') xs.push(x, numbers[0]!);
      else if (segment[0] === 'V') ys.push(y, numbers[0]!);
      else numbers.forEach((value, at) => (at % 2 === 0 ? xs : ys).push(value));
    });
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), foot: Math.max(...ys) };
}

describe('rigShapes', () => {
  it.each(PART_ROLES.map(({ id }) => id))('%s stays within its length and its reach', (as) => {
    const of = as === 'hook' ? HOOK : gauge(as, { lengthMm: 20, diameterMm: 10, holeMm: 3, bodyMm: 10 });
    for (const { d } of rigShapes(of, 20, 1, false)) {
      const { left, right, top, foot } = boxOf(d);
      const [above, below] = acrossOf(of, false);
      expect(left).toBeGreaterThanOrEqual(-0.6);
      expect(right).toBeLessThanOrEqual(as === 'hook' ? 28.6 : 20.6);
      expect(-top).toBeLessThanOrEqual(above + 7);
      expect(foot).toBeLessThanOrEqual(below + 7);
    }
  });

  it('gives the cage of a feeder openings alike, more of them the larger it is', () => {
    const cage = (lengthMm: number, diameterMm: number) =>
      rigShapes(gauge('feeder', { lengthMm, diameterMm }), lengthMm, 1, false).find(
        ({ is }) => is === 'wire',
      )!.d;
    const hoops = (d: string) =>
      [...d.matchAll(/M([\d.]+) -[\d.]+v[\d.]+(?=M|$)/g)].map(([, x]) => Number(x)).sort((a, b) => a - b);
    const small = hoops(cage(20, 20));
    const large = hoops(cage(50, 20));
    expect(small).toHaveLength(3);
    expect(large).toHaveLength(9);
    const steps = large.slice(1).map((x, nth) => x - large[nth]!);
    for (const step of steps) expect(step).toBeCloseTo(steps[0]!, 2);
  });

  it('draws a hook as long and as wide as it was measured, turned to the other side where it is', () => {
    const [, arm] = hookShapes(HOOK, false);
    const { right, top } = boxOf(arm!.d);
    expect(right).toBeCloseTo(28 - 0.5, 1);
    expect(top).toBeCloseTo(-12, 1);
    expect(boxOf(hookShapes(HOOK, true)[1]!.d).foot).toBeCloseTo(12, 1);
    expect(hookShapes(gauge('hook', { points: 3, gapeMm: 8 }), false)).toHaveLength(6);
    expect(hookShapes(gauge('hook', { points: 2 }), false)).toHaveLength(5);
  });

  it('lays so many shot in a row', () => {
    const row = rigShapes(gauge('shot', { diameterMm: 6 }), 60, 10, false);
    expect(row).toHaveLength(10);
    expect(boxOf(row[9]!.d).right).toBeCloseTo(60, 3);
  });
});

describe('drawRig', () => {
  const rig = { items: [item('top', gauge('swivel', { lengthMm: 10 })), line('a', 600), item('hook', HOOK)] };

  it('is to scale where nothing is broken', () => {
    const { runs, box } = drawRig(layRig(rig), false);
    expect(runs).toHaveLength(1);
    expect(runs[0]!.at(610)).toBe(610);
    expect(box[2]).toBeCloseTo(638 + 8, 6);
  });

  it('breaks long bare line and leaves the parts where they are to each other', () => {
    const [run] = drawRig(layRig(rig), true).runs;
    expect(run!.breaks).toEqual([{ fromMm: 16, toMm: 604, drawnMm: 26 }]);
    expect(run!.at(610) - run!.at(604)).toBeCloseTo(6, 9);
    expect(run!.at(610)).toBeCloseTo(610 - (588 - 26), 9);
  });

  it('lays branches below, the last one nearest', () => {
    const three = gauge('junction', { lengthMm: 9 });
    const items = [
      line('a', 100),
      ...['one', 'two'].flatMap((id) => [
        item(id, three),
        line(`drop ${id}`, 80, { on: id }),
        item(`hook ${id}`, HOOK, { on: id }),
        line(`after ${id}`, 120),
      ]),
    ];
    const { runs } = drawRig(layRig({ items }), false);
    expect(runs.map(({ on }) => on)).toEqual([null, 'two', 'one']);
    const [main, two, one] = runs;
    expect(one!.y).toBeGreaterThan(two!.y);
    expect(one!.hangsAt![0]).toBeCloseTo(main!.at(104.5), 9);
  });

  it('slides what is loose down to what stops it, and lays a tube over the eye', () => {
    const laid = layRig({
      items: [
        line('a', 200),
        item('sinker', gauge('weight', { lengthMm: 20 })),
        item('bead', gauge('bead', { diameterMm: 4 })),
        item('mark', gauge('float', { lengthMm: 30 }), { atMm: 50 }),
        item('tube', gauge('tube', { holeMm: 3 }), { lengthMm: 20 }),
        item('hook', HOOK),
      ],
    });
    const of = (id: string) => laid.items.find((each) => each.item.id === id)!;
    expect([of('bead').fromMm, of('bead').toMm]).toEqual([196, 200]);
    expect([of('sinker').fromMm, of('sinker').toMm]).toEqual([176, 196]);
    expect(of('mark').fromMm).toBe(50);
    expect(of('tube').toMm).toBeCloseTo(213, 9);
    expect(of('hook').fromMm).toBe(200);
  });
});
