import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { middleOf } from '@/core/outline/outline';
import { readPart } from '@/core/outline/read-part';
import { holding, type Cv } from '@/core/sight/cv';
import type { PicturePixels } from '@/core/sight/picture';
import { seeMat } from '@/core/sight/see-mat';
import { bladeShape, discShape, laid } from '@/core/posed/shapes';
import type { LaidPart, Scene } from '@/core/posed/scene';
import { loadCv } from '@/workers/load-cv';
import { photographed } from './measured';
import { cameraOver } from '@/core/posed/hold-camera';

const SIZE = { width: 1600, height: 1200 };
const STRAIGHT = { tiltDeg: 12, aroundDeg: 40, turnDeg: 90, focalShare: 0.76, k1: 0.02, k2: 0 };
const blade: LaidPart = {
  outline: laid(bladeShape(48, 22, 2, 2.4), { at: [90, 110], turnDeg: 20 }),
  heightMm: 2,
  color: [0.3, 0.3, 0.31],
  sheen: 0.2,
};
const calm: Scene = {
  camera: cameraOver(SIZE, STRAIGHT),
  size: SIZE,
  printed: { acrossMm: 150, alongMm: 200 },
  parts: [blade],
  light: { fall: [0.1, 0.05], corners: 0.1, away: [0.3, 0.2], depth: 0.3, softMm: 1.2, band: null },
  blurPx: 0.8,
  noise: 0.006,
  bentMm: 0,
  random: repeatableRandom(3),
};

let cv: Cv;
beforeAll(async () => {
  ({ cv } = await loadCv());
});

const codeOf = async (scene: Partial<Scene>) => {
  const seen = seeMat(cv, await photographed(cv, { ...calm, ...scene }, 85), calm.printed);
  return seen.ok ? 'seen' : seen.problem.code;
};

/** The length of the blade, and how far it may be off, in a picture measured by these bars. */
const lengthBy = (pixels: PicturePixels, bars: Scene['printed'] | null) => {
  const seen = seeMat(cv, pixels, bars);
  if (!seen.ok) throw new Error(seen.problem.code);
  const [part] = seen.value.parts;
  const told = part && readPart(part.outline, seen.value.error, { kind: 'blade', heightMm: 2 });
  const size = told?.sizes.find(({ id }) => id === 'lengthMm');
  if (!size) throw new Error('no length was told');
  return size;
};

describe('a picture that can be trusted', () => {
  it('is one of a flat, sharp mat taken from above', async () => {
    expect(await codeOf({})).toBe('seen');
  });

  it('tells where a thing lies and how long it is', async () => {
    const pixels = await photographed(cv, calm, 85);
    expect(Math.abs(lengthBy(pixels, calm.printed).value - 48)).toBeLessThan(0.3);
    const seen = seeMat(cv, pixels, calm.printed);
    const [x, y] = middleOf(seen.ok ? (seen.value.parts[0]?.outline.outer ?? []) : []);
    expect(Math.hypot(x - 90, y - 110)).toBeLessThan(1.5);
  });
});

describe('a picture that cannot', () => {
  it('shows no mat', () => {
    const data = new Uint8ClampedArray(800 * 600 * 4).fill(180);
    const seen = seeMat(cv, { width: 800, height: 600, data }, null);
    expect(seen).toMatchObject({ ok: false, problem: { code: 'picture.no-mat' } });
  });

  it('shows a corner of it', async () => {
    const { width, data } = await photographed(cv, calm, 85);
    const corner = { width: 700, height: 420, data: new Uint8ClampedArray(700 * 420 * 4) };
    for (let row = 0; row < corner.height; row += 1) {
      corner.data.set(
        data.subarray(row * width * 4, (row * width + corner.width) * 4),
        row * corner.width * 4,
      );
    }
    const seen = seeMat(cv, corner, null);
    expect(seen).toMatchObject({ ok: false, problem: { code: 'picture.few-markers' } });
  });

  it('is blurred', async () => {
    expect(await codeOf({ blurPx: 3.2 })).toBe('picture.blurred');
  });

  it('shows a mat that is bent', async () => {
    expect(await codeOf({ bentMm: 9 })).toBe('picture.mat-bent');
  });

  it('was tilted too far', async () => {
    const size = { width: 2400, height: 1800 };
    expect(await codeOf({ size, camera: cameraOver(size, { ...STRAIGHT, tiltDeg: 46 }) })).toBe(
      'picture.too-tilted',
    );
  });

  it('is too coarse', async () => {
    const size = { width: 800, height: 600 };
    expect(await codeOf({ size, camera: cameraOver(size, STRAIGHT) })).toBe('picture.too-small');
  });

  it('has nothing on the mat but shadows', async () => {
    const band = { fromMm: 120, wideMm: 60, depth: 0.5 };
    expect(await codeOf({ parts: [], light: { ...calm.light, band } })).toBe('picture.nothing-there');
  });
});

describe('a mat printed at 97 %', () => {
  const printed = { acrossMm: 145.5, alongMm: 194 };

  it('is set right by its bars', async () => {
    const { value, off } = lengthBy(await photographed(cv, { ...calm, printed }, 85), printed);
    expect(Math.abs(value - 48)).toBeLessThan(0.3);
    expect(off).toBeLessThan(0.4);
  });

  it('is not trusted while nobody measured them: what it says then covers it', async () => {
    const { value, off } = lengthBy(await photographed(cv, { ...calm, printed }, 85), null);
    expect(value - 48).toBeGreaterThan(1);
    expect(off).toBeGreaterThan(value - 48);
  });
});

describe('a thing over the border', () => {
  it('is seen to be cut', async () => {
    const over: LaidPart = { ...blade, outline: laid(discShape(20), { at: [18, 120], turnDeg: 0 }) };
    const seen = seeMat(cv, await photographed(cv, { ...calm, parts: [blade, over] }, 85), calm.printed);
    const cut = seen.ok ? seen.value.parts.map(({ isCut }) => isCut).sort() : [];
    expect(cut).toEqual([false, true]);
  });
});

describe('holding', () => {
  it('gives back what it held, whatever happens', () => {
    const given: string[] = [];
    const thing = (name: string) => ({ delete: () => given.push(name) });
    expect(() =>
      holding((keep) => {
        keep(thing('first'));
        keep(thing('second'));
        throw new Error('in between');
      }),
    ).toThrow('in between');
    expect(given).toEqual(['second', 'first']);
  });
});
