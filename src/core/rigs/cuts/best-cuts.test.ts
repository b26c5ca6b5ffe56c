import fc from 'fast-check';
import { bestCuts } from './best-cuts';

const pieces = fc.array(
  fc.record({
    size: fc.integer({ min: 1, max: 9 }),
    worth: fc.double({ min: 0, max: 10, noNaN: true }),
    most: fc.integer({ min: 0, max: 4 }),
  }),
  { minLength: 1, maxLength: 4 },
);

/** The most that a room can be worth, by trying every count of every piece. */
function worthByTrying(list: readonly { size: number; worth: number; most: number }[], room: number): number {
  const [first, ...rest] = list;
  if (!first) return 0;
  let best = 0;
  for (let count = 0; count <= first.most && count * first.size <= room; count += 1) {
    best = Math.max(best, count * first.worth + worthByTrying(rest, room - count * first.size));
  }
  return best;
}

describe('bestCuts', () => {
  it('is worth what trying everything is worth, in every room', () => {
    fc.assert(
      fc.property(pieces, fc.integer({ min: 0, max: 30 }), (list, mostRoom) => {
        const best = bestCuts(
          list.map(({ size }) => size),
          list.map(({ worth }) => worth),
          list.map(({ most }) => most),
          mostRoom,
        );
        for (let room = 0; room <= mostRoom; room += 1) {
          expect(best.worthAt(room)).toBeCloseTo(worthByTrying(list, room), 6);
          const counts = best.cutsAt(room);
          const size = counts.reduce((sum, count, at) => sum + count * (list[at]?.size ?? 0), 0);
          const worth = counts.reduce((sum, count, at) => sum + count * (list[at]?.worth ?? 0), 0);
          expect(size).toBeLessThanOrEqual(room);
          expect(worth).toBeCloseTo(best.worthAt(room), 6);
          counts.forEach((count, at) => expect(count).toBeLessThanOrEqual(list[at]?.most ?? 0));
        }
      }),
    );
  });

  it('leaves out what is worth nothing or wanted no more', () => {
    expect(bestCuts([3, 5], [3, 6], [9, 1], 11).cutsAt(11)).toEqual([2, 1]);
    expect(bestCuts([3], [0], [9], 11).cutsAt(11)).toEqual([0]);
    expect(bestCuts([3], [1], [0], 11).worthAt(11)).toBe(0);
    expect(bestCuts([3], [1], [9], 11).worthAt(99)).toBe(3);
  });
});
