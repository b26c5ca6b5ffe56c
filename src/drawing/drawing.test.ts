import { HEAD_STYLES } from '@/core/cavities/styles';
import { egg } from '@/core/cavities/styles/egg';
import { round } from '@/core/cavities/styles/round';
import { layOutBar, layOutDisc, type BlockLayout } from './block-layout';
import { headView } from './head-view';
import { hookPath } from './hook/hook-path';
import { outlinePath } from './outline-path';
import { tornEdge } from './torn-edge';
import { weightLine } from './weight-line';

const HOOK = { wireMm: 1.1, shankMm: 31.5, gapeMm: 12.5 };

function numbersOf(path: string): number[] {
  return (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
}

function fitsIn(layout: BlockLayout): void {
  for (const { tap, center, radiusMm } of layout.cavities) {
    expect(center.x - radiusMm).toBeGreaterThan(0);
    expect(center.x + radiusMm).toBeLessThan(layout.widthMm);
    expect(center.y - radiusMm).toBeGreaterThan(0);
    expect(center.y + radiusMm).toBeLessThan(layout.heightMm);
    expect(tap.width).toBeGreaterThan(2 * radiusMm);
  }
}

describe('outlinePath', () => {
  it('mirrors the half outline and closes it', () => {
    expect(
      outlinePath([
        [0, 0],
        [1, 1],
        [2, 0],
      ]),
    ).toBe('M0 0L1 -1L2 0L1 1Z');
  });
});

describe('hookPath', () => {
  it('is as long as its shank and as wide as its gape', () => {
    const hook = hookPath({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 5);
    expect(hook.reachMm).toBe(36.5);
    expect(hook.wire).toContain('L0 0L30 0');
    expect(hook.wire).toContain('A6 6 0 0 0 30 -12');
    expect(hook.eye.y + hook.eye.r).toBeLessThan(-5);
  });
});

describe('headView', () => {
  it.each(HEAD_STYLES.map((style) => [style.name, style] as const))('holds all of a %s', (_, style) => {
    const { body, viewBox, hook } = headView(style, 1, style.isHooked ? HOOK : null);
    const [left, top, width, height] = viewBox;
    const numbers = numbersOf(body);
    for (let index = 0; index < numbers.length; index += 2) {
      expect(numbers[index]!).toBeGreaterThanOrEqual(left);
      expect(numbers[index]!).toBeLessThanOrEqual(left + width);
      expect(Math.abs(numbers[index + 1]!)).toBeLessThanOrEqual(Math.max(-top, top + height));
    }
    expect(hook !== null).toBe(style.isHooked);
  });

  it('doubles in length for eight times the volume', () => {
    const width = (volume: number) => headView(egg, volume, null).viewBox[2] - 3;
    expect(width(8) / width(1)).toBeCloseTo(2, 2);
  });
});

describe('layOutBar', () => {
  const cavity = (volumeCm3: number) => ({ style: round, volumeCm3, hook: HOOK });

  it('sets cavities side by side without touching, each in its column', () => {
    const layout = layOutBar([0.4, 0.7, 1, 1.4].map(cavity));
    fitsIn(layout);
    for (let index = 1; index < layout.cavities.length; index += 1) {
      const [before, here] = [layout.cavities[index - 1]!.tap, layout.cavities[index]!.tap];
      expect(here.x).toBeGreaterThanOrEqual(before.x + before.width - 1e-6);
    }
    expect(layout.columnsMm).toHaveLength(5);
    expect(layout.discMm).toBeNull();
  });

  it('gates a long block from both edges', () => {
    const layout = layOutBar(Array.from({ length: 8 }, () => cavity(1)));
    fitsIn(layout);
    expect(layout.columnsMm).toBeNull();
    expect(layout.cavities.map(({ index }) => index)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    const [upper, lower] = [layout.cavities[0]!, layout.cavities[7]!];
    expect(upper.center.y).toBeLessThan(layout.heightMm / 2);
    expect(lower.center.y).toBeGreaterThan(layout.heightMm / 2);
    expect(lower.transform).toContain('scale(1 -1)');
  });

  it('draws a larger cavity larger, to one scale', () => {
    const [small, large] = layOutBar([cavity(1), cavity(8)]).cavities;
    expect(large!.radiusMm / small!.radiusMm).toBeCloseTo(2, 6);
  });
});

describe('layOutDisc', () => {
  it('sets cavities round the hub, all on the disc and apart', () => {
    const layout = layOutDisc(Array.from({ length: 8 }, () => ({ style: egg, volumeCm3: 1, hook: null })));
    fitsIn(layout);
    const middle = layout.widthMm / 2;
    const away = layout.cavities.map(({ center }) => Math.hypot(center.x - middle, center.y - middle));
    for (const distance of away) expect(distance).toBeCloseTo(away[0]!, 9);
    const [one, two] = layout.cavities;
    expect(Math.hypot(one!.center.x - two!.center.x, one!.center.y - two!.center.y)).toBeGreaterThan(
      2 * one!.radiusMm,
    );
    expect(away[0]! + one!.lengthMm / 2).toBeLessThan(layout.discMm!);
  });
});

describe('weightLine', () => {
  it('is even in ratio', () => {
    const line = weightLine([5, 10, 20], 400);
    expect(line.at(10)).toBeCloseTo(200, 9);
    expect(line.at(10) - line.at(5)).toBeCloseTo(line.at(20) - line.at(10), 9);
  });

  it('keeps its ticks apart and on the line', () => {
    const { ticks } = weightLine([3, 80], 600);
    expect(ticks.length).toBeGreaterThan(5);
    for (let index = 1; index < ticks.length; index += 1) {
      expect(ticks[index]!.x - ticks[index - 1]!.x).toBeGreaterThanOrEqual(34);
    }
    for (const { x } of ticks) expect(x >= 0 && x <= 600).toBe(true);
  });

  it('stands even for a block that gives nothing', () => {
    expect(weightLine([], 300).ticks.length).toBeGreaterThan(0);
  });
});

describe('tornEdge', () => {
  it('tears from edge to edge', () => {
    expect(tornEdge(20, 10, 4)).toBe('M0 0L0 0L5 4L10 0L15 4L20 0L20 0Z');
  });
});
