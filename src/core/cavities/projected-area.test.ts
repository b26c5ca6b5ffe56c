import { projectedCm2 } from './projected-area';
import { shapeCavity } from './shape-cavity';
import { HEAD_STYLES } from './styles';

describe('what a cavity shows to the parting plane', () => {
  it('is the circle of a ball and the rectangle of a rod', () => {
    const circle = Array.from({ length: 201 }, (_, at) => {
      const turn = (Math.PI * at) / 200;
      return [10 - 10 * Math.cos(turn), 10 * Math.sin(turn)] as const;
    });
    const shape = { section: 'round' as const, depth: 1 };
    const ball = { style: 'own', volumeCm3: 4.19, outline: { ...shape, points: circle } };
    expect(projectedCm2(ball)).toBeCloseTo(Math.PI, 2);
    const rod = {
      ...ball,
      outline: {
        ...shape,
        points: [
          [0, 4],
          [50, 4],
        ] as [number, number][],
      },
    };
    expect(projectedCm2(rod)).toBeCloseTo(4, 12);
    expect(projectedCm2({ style: 'no such', volumeCm3: 1, outline: null })).toBeNull();
  });

  it('lies within the box round it and goes with the volume to the power of two thirds, for every style', () => {
    for (const style of HEAD_STYLES) {
      const of = (volumeCm3: number) => projectedCm2({ style: style.key, volumeCm3, outline: null })!;
      const { lengthMm, radiusMm } = shapeCavity(style, 1);
      expect(of(1)).toBeGreaterThan(0);
      expect(of(1)).toBeLessThanOrEqual((2 * radiusMm * lengthMm) / 100 + 1e-9);
      expect(of(8) / of(1)).toBeCloseTo(4, 9);
    }
  });
});
