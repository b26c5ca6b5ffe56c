import { nestedPast } from './nested-past';

/** Lists in lists, so many of them. */
function lists(depth: number): unknown {
  let value: unknown = 'inmost';
  for (let nth = 0; nth < depth; nth += 1) value = [value];
  return value;
}

describe('nestedPast', () => {
  it('is content up to the depth, and says the first steps of the way past it', () => {
    expect(nestedPast({ acts: [{ changes: [] }] }, 3)).toBeNull();
    expect(nestedPast({ acts: [{ changes: [] }] }, 2)).toBe('acts.0.changes');
    expect(nestedPast('text', 0)).toBeNull();
    expect(nestedPast({ acts: [{ changes: [{ after: lists(90) }] }] }, 40)).toBe('acts.0.changes.0');
  });

  it('bears any depth', () => {
    expect(nestedPast(lists(200_000), 40)).toBe('0.0.0.0');
    expect(nestedPast(lists(200_000), 300_000)).toBeNull();
  });
});
