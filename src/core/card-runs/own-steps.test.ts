import fc from 'fast-check';
import { inOwnOrder, moveStep } from './own-steps';

const card = (...ids: readonly string[]) => ids.map((id) => ({ id, title: id.toUpperCase() }));
const ids = (steps: readonly { readonly id: string }[]) => steps.map(({ id }) => id).join('');

describe('a card in the maker’s own order', () => {
  it('is as it comes where nobody changed it', () => {
    expect(inOwnOrder(card('a', 'b', 'c'), [])).toEqual(card('a', 'b', 'c'));
  });

  it('stands in that order, in those words', () => {
    const own = [{ id: 'c' }, { id: 'a', says: 'Mine' }, { id: 'b' }];
    expect(inOwnOrder(card('a', 'b', 'c'), own)).toEqual([
      { id: 'c', title: 'C' },
      { id: 'a', title: 'Mine' },
      { id: 'b', title: 'B' },
    ]);
  });

  it('puts a step that came later behind the one it usually follows, and leaves out what is no more', () => {
    const own = [{ id: 'c' }, { id: 'a' }, { id: 'gone' }];
    expect(ids(inOwnOrder(card('a', 'b', 'c'), own))).toBe('cab');
    expect(ids(inOwnOrder(card('z', 'a', 'b', 'c'), own))).toBe('zcab');
    expect(ids(inOwnOrder(card('a', 'b', 'x', 'c'), own))).toBe('cabx');
  });

  it('loses no step and adds none, whatever was kept', () => {
    const letters = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'));
    fc.assert(
      fc.property(letters, letters, (steps, own) => {
        const ordered = inOwnOrder(
          card(...steps),
          own.map((id) => ({ id })),
        );
        expect(ids(ordered).split('').sort()).toEqual([...steps].sort());
        const both: readonly string[] = own.filter((id) => steps.includes(id));
        expect(ordered.map(({ id }) => id).filter((id) => both.includes(id))).toEqual(both);
      }),
    );
  });

  it('moves a step by one, and not over the ends', () => {
    expect(ids(moveStep(card('a', 'b', 'c'), 2, -1))).toBe('acb');
    expect(ids(moveStep(card('a', 'b', 'c'), 0, 1))).toBe('bac');
    expect(ids(moveStep(card('a', 'b'), 0, -1))).toBe('ab');
    expect(ids(moveStep(card('a', 'b'), 1, 1))).toBe('ab');
  });
});
