import fc from 'fast-check';
import { watchReads } from './watch-reads';

interface Facts {
  readonly name: string;
  readonly level: number;
  readonly place: string;
}

const FACTS: Facts = { name: 'Lot 14', level: 2, place: 'Shelf' };

function watched() {
  let facts = FACTS;
  return {
    read: watchReads(() => facts),
    set: (change: Partial<Facts>) => {
      facts = { ...facts, ...change };
    },
  };
}

describe('watchReads', () => {
  it('gives the same object while what was read is the same, another once it is another', () => {
    const { read, set } = watched();
    const first = read();
    expect(first.level).toBe(2);
    set({ name: 'Lot 15' });
    expect(read()).toBe(first);
    set({ level: 3 });
    const second = read();
    expect(second).not.toBe(first);
    expect(second.level).toBe(3);
    expect(read()).toBe(second);
  });

  it('reads what is there now, also from what was given before', () => {
    const { read, set } = watched();
    const first = read();
    set({ name: 'Lot 15' });
    expect(first.name).toBe('Lot 15');
    // Read for the first time as it is now, so nothing has changed since.
    expect(read()).toBe(first);
  });

  it('counts a name that is read twice by its first value', () => {
    const { read, set } = watched();
    const first = read();
    expect(first.level).toBe(2);
    set({ level: 3 });
    expect(first.level).toBe(3);
    expect(read()).not.toBe(first);
  });

  it('counts all of it as read where all of it is taken', () => {
    const { read, set } = watched();
    const first = read();
    expect({ ...first }).toEqual(FACTS);
    set({ place: 'Drawer' });
    expect(read()).not.toBe(first);
  });

  it('is another exactly when something that was read is another', () => {
    const key = fc.constantFrom<keyof Facts>('name', 'level', 'place');
    const step = fc.oneof(
      fc.record({ does: fc.constant('read' as const), key }),
      fc.record({ does: fc.constant('set' as const), key, to: fc.integer({ min: 0, max: 2 }) }),
      fc.record({ does: fc.constant('ask' as const) }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const { read, set } = watched();
        let facts: Record<string, unknown> = { ...FACTS };
        const seen = new Map<string, unknown>();
        let shown = read();
        for (const each of steps) {
          if (each.does === 'set') {
            const to = each.key === 'level' ? each.to : String(each.to);
            set({ [each.key]: to });
            facts = { ...facts, [each.key]: to };
          } else if (each.does === 'read') {
            expect(shown[each.key]).toBe(facts[each.key]);
            if (!seen.has(each.key)) seen.set(each.key, facts[each.key]);
          } else {
            const isSame = [...seen].every(([name, value]) => facts[name] === value);
            const next = read();
            expect(next === shown).toBe(isSame);
            shown = next;
            for (const name of seen.keys()) seen.set(name, facts[name]);
          }
        }
      }),
    );
  });
});
