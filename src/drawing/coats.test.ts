import { flecks, toneBox } from './coat-bands';
import { heatPath, heatPoint } from './heat-curve';

const BODY = { x: 0, y: -5, width: 20, height: 10 };

describe('toneBox', () => {
  it.each(['back', 'belly', 'nose', 'tail'] as const)(
    'covers its share from the %s, within the body',
    (place) => {
      const box = toneBox(BODY, place, 0.3);
      expect((box.width * box.height) / 200).toBeCloseTo(0.3, 12);
      expect(box.x).toBeGreaterThanOrEqual(0);
      expect(box.y).toBeGreaterThanOrEqual(-5);
      expect(box.x + box.width).toBeCloseTo(place === 'nose' ? 6 : 20, 12);
      expect(box.y + box.height).toBeCloseTo(place === 'back' ? -2 : 5, 12);
    },
  );
});

describe('flecks', () => {
  it('lie within the box, spread evenly, the same each time', () => {
    const strewn = flecks(BODY, 60);
    expect(strewn).toEqual(flecks(BODY, 60));
    for (const { x, y } of strewn) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(20);
      expect(Math.abs(y)).toBeLessThanOrEqual(5);
    }
    const left = strewn.filter(({ x }) => x < 10).length;
    expect(left).toBeGreaterThan(24);
    expect(left).toBeLessThan(36);
  });
});

describe('heatPath', () => {
  const box = { width: 100, height: 50, seconds: 10, lowC: 0, highC: 100 };

  it('runs from moment to moment at the temperature of each, held in its box', () => {
    expect(heatPath(box, 0, 10, (seconds) => 10 * seconds, 2)).toBe('M0 50L50 25L100 0');
    expect(heatPath(box, 5, 10, () => 400, 1)).toBe('M50 0L100 0');
    expect(heatPoint(box, 2.5, -20)).toEqual({ x: 25, y: 50 });
  });
});
