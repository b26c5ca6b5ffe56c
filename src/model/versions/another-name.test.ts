import fc from 'fast-check';
import { anotherName } from './another-name';

describe('the name of another', () => {
  it('is its own where nobody has that, else the next number that is free', () => {
    expect(anotherName('Reed perch', ['Night eel'])).toBe('Reed perch');
    expect(anotherName('Reed perch', ['Reed perch'])).toBe('Reed perch 2');
    expect(anotherName('Reed perch 2', ['Reed perch', 'Reed perch 2', 'Reed perch 3'])).toBe('Reed perch 4');
  });

  it('is never taken', () => {
    const names = fc.array(fc.constantFrom('a', 'a 2', 'a 3', 'b', 'b 2'));
    fc.assert(
      fc.property(fc.constantFrom('a', 'a 2', 'b'), names, (name, taken) => {
        expect(taken).not.toContain(anotherName(name, taken));
      }),
    );
  });
});
