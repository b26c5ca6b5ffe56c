import fc from 'fast-check';
import { givesOf } from './gives';

const need = fc.record({
  item: fc.uuid(),
  name: fc.string(),
  qty: fc.integer({ min: 1, max: 9 }),
  free: fc.integer({ min: 0, max: 60 }),
});

describe('what the free shelf gives', () => {
  it('is as many as can be taken one after the other, and ends with what is named', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(need, { minLength: 1, maxLength: 5, selector: ({ item }) => item }),
        (needs) => {
          const left = new Map(needs.map(({ item, free }) => [item, free]));
          const has = () => needs.every(({ item, qty }) => (left.get(item) ?? 0) >= qty);
          let count = 0;
          for (; has(); count += 1) {
            for (const { item, qty } of needs) left.set(item, (left.get(item) ?? 0) - qty);
          }
          const gives = givesOf(needs);
          expect(gives.count).toBe(count);
          const ended = needs.filter(({ item, qty }) => (left.get(item) ?? 0) < qty).map(({ name }) => name);
          expect(gives.limiting).toEqual(ended);
          // The scarcest stands first: it is one of those that end it.
          expect(ended).toContain(gives.needs[0]?.name);
        },
      ),
    );
  });

  it('is nothing of what nobody said what it takes', () => {
    expect(givesOf([])).toEqual({ count: 0, limiting: [], needs: [] });
    expect(givesOf([{ item: 'a', name: 'A', qty: 0, free: 9 }]).count).toBe(0);
  });
});
