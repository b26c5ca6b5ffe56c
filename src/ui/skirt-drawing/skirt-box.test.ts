import { demoBench } from '@/demo/demo-bench';
import { jigOf } from '@/station-kit/looks/jig-look';
import { viewOf } from '../../../tests/support/view-of';
import { skirtBox } from './skirt-box';
import type { JigLook } from './skirt-look';
import { strandPaths } from './strand-paths';

const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
const jig = (name: string): JigLook => {
  const skirt = view.skirts.find((each) => each.name === name);
  const look = skirt && jigOf(skirt, view);
  if (!look) throw new Error(`no ${name}`);
  return look;
};
const right = ([x, , width]: readonly number[]) => x! + width!;

describe('skirtBox', () => {
  const perch = jig('Reed perch');
  const longest = Math.max(...perch.layers.map(({ lengthMm }) => lengthMm));

  it('holds head, hook and strands at rest', () => {
    const box = skirtBox(perch, { is: 'rest' }, 'side');
    expect(right(box)).toBeGreaterThan(perch.collar.xMm + longest);
    expect(box[0]).toBeLessThan(0);
    expect(-box[1]).toBeGreaterThan(-perch.head.viewBox[1]);
  });

  it('grows to the sides and forward as the skirt opens', () => {
    const [rest, half, open] = [0, 0.5, 1].map((share) =>
      skirtBox(perch, { is: 'open', open: share, pulse: 0 }, 'side'),
    );
    expect(rest![3]).toBeLessThan(half![3]);
    expect(half![3]).toBeLessThan(open![3]);
    expect(open![0]).toBeLessThanOrEqual(rest![0]);
  });

  it('reaches before the head while strands are tied forward', () => {
    const tying = skirtBox(perch, { is: 'tying', layers: 1 }, 'side');
    expect(tying[0]).toBeLessThan(-(longest - perch.collar.xMm));
  });

  it('is round seen from behind, and makes room for a trailer', () => {
    const [x, y, width, height] = skirtBox(perch, { is: 'open', open: 1, pulse: 0 }, 'end');
    expect([x, y]).toEqual([-width / 2, -height / 2]);
    expect(width).toBe(height);
    const trailing: JigLook = { ...perch, layers: [], looks: [], trailerHex: '#5f6f35' };
    expect(right(skirtBox(trailing, { is: 'rest' }, 'side'))).toBeGreaterThan(
      right(skirtBox({ ...trailing, trailerHex: null }, { is: 'rest' }, 'side')),
    );
  });

  it('is as wide as the head from above', () => {
    const wide: JigLook = { ...perch, depth: 4, layers: [], looks: [] };
    const [, , , height] = skirtBox(wide, { is: 'rest' }, 'top');
    expect(height).toBeGreaterThan(wide.head.bodyBox.height * 4);
  });
});

describe('strandPaths', () => {
  const strand = (layer: number, tone: -1 | 0 | 1) => ({
    layer,
    tone,
    body: `M${layer} 0Z`,
    line: `M${layer} 1`,
  });

  it('joins neighbors of a layer and a tone into one path, and keeps the order in which they lie', () => {
    const paths = strandPaths([
      strand(1, 0),
      strand(1, 0),
      strand(0, 0),
      strand(1, 0),
      strand(1, 1),
    ] as never);
    expect(paths.map(({ layer, tone }) => [layer, tone])).toEqual([
      [1, 0],
      [0, 0],
      [1, 0],
      [1, 1],
    ]);
    expect(paths[0]!.bodies).toBe('M1 0ZM1 0Z');
    expect(strandPaths([])).toEqual([]);
  });
});
