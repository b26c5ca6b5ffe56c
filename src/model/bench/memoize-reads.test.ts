import { memoizeReads } from './memoize-reads';

interface Facts {
  readonly isOn: boolean;
  readonly levels: readonly number[];
  readonly name: string;
}

const facts: Facts = { isOn: true, levels: [1, 2], name: 'a' };

describe('rememberReads', () => {
  it('computes anew only when what it read is another', () => {
    let times = 0;
    const total = memoizeReads(({ levels }: Facts) => {
      times += 1;
      return levels.reduce((so, each) => so + each, 0);
    });
    expect(total(facts)).toBe(3);
    expect(total({ ...facts, name: 'b' })).toBe(3);
    expect(times).toBe(1);
    expect(total({ ...facts, levels: [4] })).toBe(4);
    expect(times).toBe(2);
  });

  it('follows what is read on the way that was taken', () => {
    const says = memoizeReads(({ isOn, name }: Facts) => (isOn ? [name] : ['off']));
    const first = says(facts);
    expect(says({ ...facts, levels: [] })).toBe(first);
    expect(says({ ...facts, name: 'b' })).toEqual(['b']);
    const off = says({ ...facts, isOn: false });
    expect(off).toEqual(['off']);
    // Destructured, the name was read all the same; an answer may be worked out once too often, never once too seldom.
    expect(says({ ...facts, isOn: false, name: 'c' })).toEqual(['off']);
    expect(says(facts)).toEqual(['a']);
  });

  it('refuses to hand the facts on as a whole', () => {
    const all = memoizeReads((each: Facts) => ({ ...each }));
    expect(() => all(facts)).toThrow(/read by name/);
  });
});
