import { castingsToPour } from './castings-to-pour';

/** The chance of at least `wanted` good ones of so many, by adding up every way. */
function chanceOf(wanted: number, pieces: number, goodShare: number): number {
  const row = Array.from({ length: pieces + 1 }, () => 0);
  row[0] = 1;
  for (let nth = 0; nth < pieces; nth += 1) {
    for (let good = nth + 1; good >= 0; good -= 1) {
      row[good] = row[good]! * (1 - goodShare) + (good > 0 ? row[good - 1]! * goodShare : 0);
    }
  }
  return row.slice(wanted).reduce((so, each) => so + each, 0);
}

const piecesFor = (...asked: Parameters<typeof castingsToPour>) => {
  const found = castingsToPour(...asked);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value.pieces;
};

describe('castings to pour', () => {
  it('are the fewest whose chance is reached, by every way that castings can fall out', () => {
    for (const wanted of [1, 2, 7, 20, 60]) {
      for (const goodShare of [0.35, 0.8, 0.9, 0.97]) {
        for (const confidence of [0.5, 0.9, 0.99]) {
          const pieces = piecesFor(wanted, goodShare, confidence);
          expect(chanceOf(wanted, pieces, goodShare)).toBeGreaterThanOrEqual(confidence - 2e-9);
          if (pieces > wanted) expect(chanceOf(wanted, pieces - 1, goodShare)).toBeLessThan(confidence);
        }
      }
    }
  });

  it('are as many as wanted where all are good, and none where none is wanted', () => {
    expect(piecesFor(40, 1, 0.999)).toBe(40);
    expect(castingsToPour(0, 0.5)).toEqual({ ok: true, value: { pieces: 0, expected: 0 } });
    expect(castingsToPour(20, 0.8)).toMatchObject({ value: { expected: 25 } });
    // A chance that is reached to the billionth is reached.
    expect(piecesFor(1, 0.9, 0.9)).toBe(1);
  });

  it('hold for many, and say where it is too many', () => {
    const pieces = piecesFor(5000, 0.5);
    // The normal far out: 10,000 in the mean, and a tenth of the chance over it.
    expect(Math.abs(pieces - (10_000 + 1.2816 * Math.sqrt(5000 * 0.5) * 2))).toBeLessThan(5);
    expect(castingsToPour(5000, 0.01)).toMatchObject({ ok: false, problem: { code: 'yield.too-many' } });
  });
});
