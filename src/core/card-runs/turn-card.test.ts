import fc from 'fast-check';
import { backCard, type CardPlace, type CardWay, passStep, piecesDone, pressCard } from './turn-card';

const BEGIN: CardPlace = { step: 0, piece: 0, counted: 0 };

describe('a run’s card', () => {
  const walk = (times: readonly number[], count: number, way: CardWay) => {
    const places: CardPlace[] = [];
    let place: CardPlace | null = BEGIN;
    while (place) {
      places.push(place);
      place = pressCard(place, times, count, way);
    }
    return places;
  };

  it('goes through every step of every piece once, counting off what counts', () => {
    for (const way of ['one-by-one', 'by-station'] as const) {
      const places = walk([0, 3, 0], 4, way);
      expect(places).toHaveLength(4 * (1 + 3 + 1));
      const steps = new Set(places.map(({ step, piece }) => `${step} ${piece}`));
      expect(steps.size).toBe(12);
      // Back from anywhere is where it came from, by whole steps.
      for (const [at, place] of places.entries()) {
        if (at === 0) continue;
        const back = backCard(place, 3, 4, way);
        const before = places[at - 1]!;
        expect([back.step, back.piece]).toEqual([before.step, before.piece]);
      }
    }
    expect(backCard(BEGIN, 3, 4, 'by-station')).toEqual(BEGIN);
  });

  it('counts inside a step, and takes a count back before a step', () => {
    expect(walk([0, 3, 0], 1, 'one-by-one')).toEqual([
      { step: 0, piece: 0, counted: 0 },
      { step: 1, piece: 0, counted: 0 },
      { step: 1, piece: 0, counted: 1 },
      { step: 1, piece: 0, counted: 2 },
      { step: 2, piece: 0, counted: 0 },
    ]);
    expect(backCard({ step: 1, piece: 0, counted: 2 }, 3, 1, 'one-by-one')).toEqual({
      step: 1,
      piece: 0,
      counted: 1,
    });
  });

  it('passes a whole step: for all pieces by station, else with all that it counts', () => {
    const times = [7, 0, 3];
    expect(passStep(BEGIN, times, 20, 'by-station')).toEqual({ step: 1, piece: 0, counted: 0 });
    expect(passStep({ step: 1, piece: 4, counted: 0 }, times, 20, 'by-station')).toEqual({
      step: 2,
      piece: 0,
      counted: 0,
    });
    expect(passStep({ step: 2, piece: 4, counted: 1 }, times, 20, 'by-station')).toBeNull();
    expect(passStep(BEGIN, times, 2, 'one-by-one')).toEqual({ step: 1, piece: 0, counted: 0 });
    expect(passStep({ step: 2, piece: 0, counted: 0 }, times, 2, 'one-by-one')).toEqual({
      step: 0,
      piece: 1,
      counted: 0,
    });
    expect(passStep({ step: 2, piece: 1, counted: 2 }, times, 2, 'one-by-one')).toBeNull();
  });

  it('takes as many passes as there are steps where each is done for all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(9), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 1, max: 50 }),
        (times, count) => {
          let place: CardPlace | null = BEGIN;
          let passes = 0;
          for (; place !== null && passes <= times.length; passes += 1)
            place = passStep(place, times, count, 'by-station');
          expect([place, passes]).toEqual([null, times.length]);
        },
      ),
    );
  });

  it('knows how many are through', () => {
    const at = (step: number, way: CardWay, isThrough = false) => ({
      card: { step, piece: 2, counted: 0 },
      count: 5,
      way,
      isThrough,
    });
    expect(piecesDone(at(1, 'one-by-one'), 3)).toBe(2);
    expect(piecesDone(at(1, 'by-station'), 3)).toBe(0);
    expect(piecesDone(at(2, 'by-station'), 3)).toBe(2);
    expect(piecesDone(at(2, 'by-station'))).toBe(0);
    expect(piecesDone(at(1, 'one-by-one'))).toBe(2);
    expect(piecesDone(at(2, 'by-station', true))).toBe(5);
  });
});
