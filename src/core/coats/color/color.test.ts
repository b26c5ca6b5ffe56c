import { lightness } from './lightness';
import { mainColors } from './main-colors';
import { nearestColors } from './nearest-colors';
import { repeatableRandom } from '../../numeric/repeatable-random';

function picture(width: number, height: number, colorAt: (x: number, y: number) => readonly number[]) {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) data.set(colorAt(x, y), (y * width + x) * 4);
  }
  return { width, height, data };
}

const OPAQUE = 255;

describe('mainColors', () => {
  it('finds the colors of a flat picture exactly, with their shares', () => {
    const found = mainColors(
      picture(100, 100, (x) =>
        x < 60 ? [30, 90, 40, OPAQUE] : x < 90 ? [220, 200, 120, OPAQUE] : [10, 10, 30, OPAQUE],
      ),
    );
    expect(found.map(({ hex }) => hex)).toEqual(['#1e5a28', '#dcc878', '#0a0a1e']);
    [0.6, 0.3, 0.1].forEach((share, index) => expect(found[index]!.share).toBeCloseTo(share, 2));
  });

  it('sees one color under noise, and the same each time', () => {
    const noisy = () => {
      const next = repeatableRandom(4);
      const jitter = (value: number) => value + Math.round((next() - 0.5) * 16);
      return mainColors(
        picture(400, 300, (_, y) => [...(y < 200 ? [120, 80, 50] : [200, 210, 220]).map(jitter), OPAQUE]),
      );
    };
    const found = noisy();
    expect(found).toHaveLength(2);
    expect(nearestColors('#785032', [{ id: 'found', hex: found[0]!.hex }], 1)[0]!.deltaE).toBeLessThan(2);
    expect(found[0]!.share).toBeCloseTo(2 / 3, 1);
    expect(noisy()).toEqual(found);
  });

  it('looks past what is not there', () => {
    expect(mainColors(picture(20, 20, (x) => (x < 10 ? [255, 0, 0, OPAQUE] : [0, 0, 255, 0])))).toEqual([
      { hex: '#ff0000', share: 1 },
    ]);
    expect(mainColors(picture(4, 4, () => [0, 0, 0, 0]))).toEqual([]);
    expect(mainColors({ width: 0, height: 0, data: new Uint8ClampedArray() })).toEqual([]);
  });
});

describe('nearestColors', () => {
  it('orders by CIEDE2000, as the published pairs have it', () => {
    // Sharma, Wu and Dalal, pair 1, as sRGB: the same blue but for its chroma.
    const near = nearestColors(
      '#808080',
      [
        { id: 'white', hex: '#ffffff' },
        { id: 'gray', hex: '#818181' },
        { id: 'warm', hex: '#8a7f76' },
      ],
      2,
    );
    expect(near.map(({ id }) => id)).toEqual(['gray', 'warm']);
    expect(near[0]!.deltaE).toBeLessThan(1);
    expect(nearestColors('#123456', [{ id: 'same', hex: '#123456' }], 3)).toEqual([
      { id: 'same', deltaE: 0 },
    ]);
  });
});

describe('lightness', () => {
  it('runs from black to white', () => {
    expect(lightness('#000000')).toBe(0);
    expect(lightness('#ffffff')).toBeCloseTo(100, 3);
    expect(lightness('#e8dcc0')).toBeGreaterThan(lightness('#5a4632'));
    expect(() => lightness('reed')).toThrow(/lightness/);
  });
});
