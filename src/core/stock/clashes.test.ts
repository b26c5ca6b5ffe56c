import { findClashes, stuffOfMetal } from './clashes';

describe('findClashes', () => {
  it('names each pair once, whichever lies first', () => {
    const things = [
      { id: 'cranks', stuff: 'hard-plastic' as const },
      { id: 'worms', stuff: 'soft-plastic' as const },
      { id: 'stretch', stuff: 'stretch-plastic' as const },
      { id: 'hooks', stuff: null },
    ];
    expect(findClashes(things)).toEqual([
      { a: 'cranks', b: 'worms', why: 'melts' },
      { a: 'worms', b: 'stretch', why: 'melts' },
    ]);
  });

  it('names what each minds of what lies after it, and of its own kind nothing', () => {
    const drawer = ['painted', 'soft-plastic', 'painted', 'soft-plastic', 'hard-plastic'] as const;
    const pairs = findClashes(drawer.map((stuff, at) => ({ id: `${at}`, stuff })));
    expect(pairs.map(({ a, b }) => a + b)).toEqual(['01', '03', '12', '14', '23', '34']);
  });

  it('keeps zinc away from lead and tin, and lead away from what is lead-free', () => {
    expect(stuffOfMetal({ Pb: 0.96, Sb: 0.04 })).toBe('lead');
    expect(stuffOfMetal({ Zn: 1 })).toBe('zinc');
    expect(stuffOfMetal({ Bi: 0.6, Sn: 0.4 })).toBe('lead-free');
    expect(stuffOfMetal({ Sn: 0.98, Pb: 0.02 })).toBe('lead');
    expect(stuffOfMetal({ W: 1 })).toBeNull();
    expect(stuffOfMetal(null)).toBeNull();
    expect(
      findClashes([
        { id: 'a', stuff: 'zinc' },
        { id: 'b', stuff: 'lead' },
      ]),
    ).toHaveLength(1);
    expect(
      findClashes([
        { id: 'a', stuff: 'lead-free' },
        { id: 'b', stuff: 'lead' },
      ]),
    ).toEqual([{ a: 'a', b: 'b', why: 'mixes-up' }]);
    expect(
      findClashes([
        { id: 'a', stuff: 'lead' },
        { id: 'b', stuff: 'lead' },
      ]),
    ).toEqual([]);
  });
});
