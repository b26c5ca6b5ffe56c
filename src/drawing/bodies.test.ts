import { boxMesh } from '../../tests/support/test-meshes';
import { outlineSolid } from '@/core/solids/solid-outline';
import { round } from '@/core/cavities/styles/round';
import { layOutBar } from './block-layout';
import { pileIngots } from './ingot-pile';
import { poseView } from './pose-view';
import { potLayer, potWall } from './pot-shape';
import { sectionView } from './section-view';

describe('pileIngots', () => {
  it('piles as many as there are, the last as long as what is left', () => {
    expect(pileIngots(1250, 500, 12).ingots.map(({ share }) => share)).toEqual([1, 1, 0.5]);
    expect(pileIngots(0, 500, 12).ingots).toEqual([]);
    expect(pileIngots(90_000, 500, 10).ingots).toHaveLength(10);
    expect(pileIngots(1000, 500, 12).ingots).toHaveLength(2);
  });
});

describe('potLayer', () => {
  const pot = { width: 100, height: 80, slope: 10 };
  it('lies between the walls and stacks without a gap', () => {
    expect(potWall(pot)).toBe('M0 0L10 80L90 80L100 0');
    expect(potLayer(pot, 0, 0.5)).toEqual({ path: 'M10 80L90 80L95 40L5 40Z', middle: 60, height: 40 });
    expect(potLayer(pot, 0.5, 1).path.startsWith('M5 40L95 40')).toBe(true);
  });
});

describe('sectionView', () => {
  it('draws parts to scale, cuts apart', () => {
    const view = sectionView(
      outlineSolid({
        parts: [
          { shape: 'cylinder', diameterMm: 4, heightMm: 10, zMm: 3 },
          { shape: 'cylinder', diameterMm: 2, heightMm: 10, zMm: 3, sign: -1 },
        ],
      }),
    );
    expect(view).toEqual({
      solids: ['M0 -2L10 -2L10 2L0 2Z'],
      cuts: ['M0 -1L10 -1L10 1L0 1Z'],
      lengthMm: 10,
      radiusMm: 2,
    });
  });
});

describe('poseView', () => {
  it('stands the body on the bottom, whichever way is down', () => {
    const box = boxMesh(30, 10, 20);
    const flat = poseView(box, [], [15, 5, 10], [0, 0, -1], 30);
    expect(flat.viewBox).toEqual([-3, -23, 36, 26]);
    expect(flat.center).toEqual({ x: 15, y: -10 });
    expect(flat.tail).toEqual({ x: 30, y: -10 + 10, dx: 1, dy: 0 });
    const onNose = poseView(box, [], [15, 5, 10], [-1, 0, 0], 30);
    expect(onNose.viewBox[3]).toBe(36);
    expect(onNose.center.y).toBe(-15);
    expect(onNose.tail.dy).toBe(-1);
  });
});

describe('layOutBar', () => {
  it('lays a cavity where the maker put it, the others where they were', () => {
    const cavity = { style: round, volumeCm3: 1, hook: null };
    const laid = layOutBar([cavity, cavity]);
    const moved = layOutBar([{ ...cavity, spot: { xMm: 20, yMm: 30 } }, cavity]);
    expect(moved.cavities[0]!.transform).toBe('translate(20 30)');
    expect(moved.cavities[1]!.transform).toBe(laid.cavities[1]!.transform);
    expect(moved.columnsMm).toBeNull();
  });

  it('draws an outline of its own in true size, and a frame before the nose', () => {
    const outlineMm = [
      [0, 0],
      [4, 7],
      [30, 0],
    ] as const;
    const [drawn] = layOutBar([
      { style: round, volumeCm3: 1, hook: null, outlineMm, hasFrame: true },
    ]).cavities;
    expect(drawn).toMatchObject({ lengthMm: 30, radiusMm: 7 });
    expect(drawn!.frame).toMatch(/^M7 0L-12/);
  });
});
