import { blankMold, toMold, withKind, WIRES } from './mold-draft';
import { STEEL_GCM3 } from '@/core/cavities/steel-density';

const wire = (as: { readonly name: string; readonly embeddedShare: number }) => ({
  ...as,
  count: 1,
  massG: 2.4,
  volumeCm3: 2.4 / STEEL_GCM3,
  removed: false,
});
const block = (kind: 'bar' | 'frame', insert: ReturnType<typeof wire>) => {
  const blank = blankMold();
  const [cavity] = blank.cavities;
  return {
    ...blank,
    name: 'Block N',
    kind,
    cavities: [{ ...cavity!, nominalG: 10.6, volumeCm3: 1, hookSizes: [], inserts: [insert] }],
  };
};
const insertOf = (mold: ReturnType<typeof toMold>) => mold?.cavities[0]?.inserts[0];

describe('the kind of a block', () => {
  it('comes to the same figure whether it is chosen first or later', () => {
    const first = toMold(block('frame', wire(WIRES.frame)));
    const later = block('bar', wire(WIRES.eye));
    const changed = toMold({ ...later, ...withKind(later, 'frame') });
    expect(insertOf(changed)).toEqual(insertOf(first));
    expect(changed?.kind).toBe('frame');
    const back = { ...later, ...withKind(later, 'frame') };
    expect(insertOf(toMold({ ...back, ...withKind(back, 'bar') }))).toEqual(wire(WIRES.eye));
  });

  it('leaves alone what the maker named, and what comes out again', () => {
    const own = { ...wire(WIRES.eye), name: 'Long eye' };
    const pin = { ...wire(WIRES.eye), removed: true };
    for (const insert of [own, pin]) {
      const before = block('bar', insert);
      expect(withKind(before, 'frame').cavities[0]?.inserts).toEqual([insert]);
    }
  });
});
