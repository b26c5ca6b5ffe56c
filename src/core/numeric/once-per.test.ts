import { oncePer } from './once-per';

it('reckons once for the same list, anew for another', () => {
  let times = 0;
  const sorted = oncePer((list: readonly number[]) => {
    times += 1;
    return [...list].sort((a, b) => a - b);
  });
  const list = [3, 1, 2];
  expect(sorted(list)).toEqual([1, 2, 3]);
  expect(sorted(list)).toBe(sorted(list));
  expect(times).toBe(1);
  expect(sorted([3, 1, 2])).not.toBe(sorted(list));
});
