import { placeMemory } from './place-memory';

describe('what is remembered of a place', () => {
  it('stays while the same device saves and shares there, whatever it is called', () => {
    const memory = placeMemory();
    const first = memory.at('Boat', 'x7k2');
    expect(first.saving.device).toBe('x7k2');
    first.sharing.mayDiffer = false;
    expect(memory.at('Boat', 'phone-x7k2')).toBe(first);
    expect(memory.at('Boat', 'old-phone-x7k2')).toBe(first);
    memory.changed();
    expect(memory.at('Boat', 'x7k2').sharing.mayDiffer).toBe(true);
  });

  it('is of that place and that device alone', () => {
    const memory = placeMemory();
    const first = memory.at('Boat', 'x7k2');
    expect(memory.at('Boat', 'a1')).not.toBe(first);
    const own = memory.at(null, null);
    expect(own.saving.device).toBeNull();
    expect(memory.at('Boat', 'x7k2')).not.toBe(first);
  });
});
