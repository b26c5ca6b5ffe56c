import { ballOf, bodyOf, castingOf, settingOf } from '../../tests/support/castings';
import { judgeCasting } from '@/core/freezing/judge-casting';
import { pictureFreeze } from '@/core/freezing/picture-freeze';
import { bodyStill } from './body-view';
import { freezeDrawing, liquidPath } from './freeze-section';

const casting = castingOf(bodyOf(ballOf(12)));
const setting = settingOf();
const picture = pictureFreeze(
  casting,
  setting,
  judgeCasting(casting, setting, { mostBricks: 12_000, mostCells: 8000 }),
  1,
);

/** The box round a path of points. */
const boxOf = (path: string) => {
  const numbers = [...path.matchAll(/-?\d+(\.\d+)?/g)].map(([each]) => Number(each));
  const [xs, ys] = [numbers.filter((_, at) => at % 2 === 0), numbers.filter((_, at) => at % 2 === 1)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), foot: Math.max(...ys) };
};

describe('freezeDrawing', () => {
  const drawing = freezeDrawing(picture);

  it('outlines the body to scale', () => {
    const { left, right, top, foot } = boxOf(drawing.body);
    expect(Math.abs(right - left - 12)).toBeLessThan(0.2);
    expect(Math.abs(foot - top - 12)).toBeLessThan(0.2);
    expect(drawing.box.y).toBeCloseTo(-26, 0);
  });

  it('has bands one within another, and what is liquid get less', () => {
    const seconds = drawing.bands.map(({ fromS }) => fromS);
    expect(seconds[0]).toBe(0);
    expect(seconds.length).toBeGreaterThan(3);
    expect(seconds.length).toBeLessThan(10);
    const last = picture.feed!.allSolidS;
    expect(liquidPath(drawing.times, last * 1.01)).toBe('');
    const [early, late] = [0.2, 0.8].map((share) => liquidPath(drawing.times, last * share).length);
    expect(late).toBeLessThan(early!);
  });

  it('marks nothing empty where it fills', () => {
    expect(drawing.empty).toBe('');
  });
});

describe('bodyStill', () => {
  it('draws the facets that face the eye, the nearest last', () => {
    const { shades, viewBox } = bodyStill(casting.body);
    expect(shades.length).toBeGreaterThan(4);
    expect(shades.every(({ light }) => light >= 0 && light <= 1)).toBe(true);
    // A ball is as wide as high, with its margin.
    expect(Math.abs(viewBox[2] - 18)).toBeLessThan(0.3);
    expect(Math.abs(viewBox[3] - 18)).toBeLessThan(0.3);
  });
});
