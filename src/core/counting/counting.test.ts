import fc from 'fast-check';
import jstat from 'jstat';
import { drawNormal } from '../numeric/draw-normal';
import { repeatableRandom } from '../numeric/repeatable-random';
import { countByWeight } from './count-by-weight';
import { countError } from './count-error';
import { sampleFor } from './sample-for';
import { weighPiece, type Handful, type PieceSpread } from './weigh-piece';

const USUAL: PieceSpread = { share: 0.02, degrees: 6 };

const valueOf = <T>(outcome: { ok: true; value: T } | { ok: false; problem: { code: string } }): T => {
  if (!outcome.ok) throw new Error(outcome.problem.code);
  return outcome.value;
};

/** One count as it happens: pieces of a kind that strays as such kinds do, a handful or some, a scale that reads in steps. */
function countOnce(random: () => number) {
  const normal = () => drawNormal(random);
  const eachG = 0.05 * 200 ** random();
  // How far this very kind strays is drawn as what is usual leaves it open.
  const spread = Math.sqrt(
    (USUAL.degrees * USUAL.share ** 2) / jstat.gamma.inv(random(), USUAL.degrees / 2, 2),
  );
  const scaleG = [0.003, 0.03, 0.1][Math.floor(random() * 3)]!;
  const weigh = (pieces: readonly number[]) => pieces.reduce((so, each) => so + each, 0) + scaleG * normal();
  const piece = () => eachG * (1 + spread * normal());
  const handfuls: Handful[] = [];
  const counted: number[] = [];
  for (let nth = 1 + Math.floor(random() * 3); nth > 0; nth -= 1) {
    const own = Array.from({ length: 5 + Math.floor(random() * 20) }, piece);
    handfuls.push({ count: own.length, massG: weigh(own) });
    counted.push(...own);
  }
  const isAmong = random() < 0.6;
  const others = Array.from({ length: Math.floor(random() * 150) + 1 }, piece);
  const whole = isAmong ? [...counted, ...others] : others;
  const weighed = weighPiece(handfuls, USUAL, scaleG);
  if (!weighed.ok) return null;
  const found = countByWeight(weighed.value, weigh(whole), isAmong, scaleG);
  return found.ok ? { ...found.value, truth: whole.length } : null;
}

describe('a count by weight', () => {
  it('is right as often as it says, on 5,000 counts by chance', () => {
    const random = repeatableRandom(24);
    const counts = Array.from({ length: 5000 }, () => countOnce(random)).filter((each) => each !== null);
    expect(counts.length).toBeGreaterThan(4800);
    const bands = [0, 0.4, 0.6, 0.8, 0.9, 0.97, 1.01];
    for (const [nth, from] of bands.slice(0, -1).entries()) {
      const own = counts.filter(({ chance }) => chance >= from && chance < bands[nth + 1]!);
      expect(own.length).toBeGreaterThan(80);
      const said = own.reduce((so, { chance }) => so + chance, 0) / own.length;
      const right = own.filter(({ count, truth }) => count === truth).length / own.length;
      // Within what chance allows so many counts (four deviations), and two in a hundred besides.
      const most = 4 * Math.sqrt((said * (1 - said)) / own.length) + 0.02;
      expect({ from, right: Math.abs(right - said) <= most, said, was: right }).toMatchObject({
        right: true,
      });
    }
    // What else it may be is told as well: the truth is hardly ever none of them where they are all.
    const told = counts.filter(
      ({ chance, others }) => chance + others.reduce((so, each) => so + each.chance, 0) > 0.97,
    );
    const missed = told.filter(
      ({ count, others, truth }) => ![count, ...others.map((each) => each.count)].includes(truth),
    );
    expect(missed.length / told.length).toBeLessThan(0.03);
  });

  it('is sure of what can hardly be otherwise, and says so where it is not', () => {
    const piece = valueOf(weighPiece([{ count: 10, massG: 4.2 }], USUAL, 0.003));
    const few = valueOf(countByWeight(piece, 12 * 0.42, true, 0.003));
    expect(few).toMatchObject({ count: 12, others: [] });
    expect(few.chance).toBeGreaterThan(0.99);
    const many = valueOf(countByWeight(piece, 400 * 0.42, true, 0.003));
    expect(many.count).toBe(400);
    expect(many.chance).toBeLessThan(0.3);
    // Half way between two, either may be.
    const half = valueOf(countByWeight(piece, 12.5 * 0.42, true, 0.003));
    expect(half.chance).toBeLessThan(0.6);
  });

  it('counts the handful itself where nothing was added', () => {
    const piece = valueOf(weighPiece([{ count: 10, massG: 4.2 }], USUAL, 0.003));
    expect(valueOf(countByWeight(piece, 4.2, true, 0.003))).toMatchObject({ count: 10 });
    expect(countByWeight(piece, 2, true, 0.003)).toMatchObject({
      ok: false,
      problem: { code: 'count.under-handful' },
    });
    expect(valueOf(countByWeight(piece, 0, false, 0.003)).count).toBe(0);
  });

  it('wants a handful that weighs something', () => {
    expect(weighPiece([], USUAL, 0.003)).toMatchObject({ problem: { code: 'count.no-handful' } });
    expect(weighPiece([{ count: 3, massG: 0.004 }], USUAL, 0.003)).toMatchObject({
      problem: { code: 'count.light-handful' },
    });
  });

  it('learns how far pieces stray from handfuls that differ', () => {
    const alike = valueOf(
      weighPiece(
        [1, 2, 3, 4].map(() => ({ count: 10, massG: 4.2 })),
        USUAL,
        0.003,
      ),
    );
    const unlike = valueOf(
      weighPiece(
        [4.0, 4.4, 4.1, 4.5].map((massG) => ({ count: 10, massG })),
        USUAL,
        0.003,
      ),
    );
    expect(alike.spread).toMatchObject({ degrees: 9 });
    expect(alike.spread.share).toBeLessThan(USUAL.share);
    expect(unlike.spread.share).toBeGreaterThan(2 * USUAL.share);
  });
});

describe('how many to count by hand', () => {
  const piece = valueOf(weighPiece([{ count: 10, massG: 4.2 }], USUAL, 0.003));

  it('is the least that is sure enough, found one by one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 300 }),
        fc.constantFrom(0.9, 0.99, 0.999),
        fc.boolean(),
        fc.constantFrom(0.003, 0.1),
        (pieces, sure, isAmong, scaleG) => {
          const isSure = (count: number) => {
            const strays = countError({ ...piece, count }, pieces, isAmong, scaleG);
            return 1 - 2 * jstat.studentt.cdf(-0.5 / strays, piece.spread.degrees) >= sure;
          };
          const one = Array.from({ length: pieces - 1 }, (_, at) => at + 1).find(isSure) ?? null;
          expect(sampleFor(piece, pieces, sure, isAmong, scaleG)).toBe(one);
        },
      ),
    );
  });

  it('strays less the more are counted by hand', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 100 }), (count, more) => {
        const few = countError({ ...piece, count }, 250, true, 0.003);
        expect(countError({ ...piece, count: count + more }, 250, true, 0.003)).toBeLessThanOrEqual(
          few + 1e-12,
        );
      }),
    );
  });
});
