import { solveIntegerProgram, type ProgramProgress } from './integer-program';

const whole = (cost: number, upper = 9) => ({ cost, lower: 0, upper, whole: true });

describe('solveIntegerProgram', () => {
  it('finds the cheapest whole cover', async () => {
    const answer = await solveIntegerProgram(
      [whole(4), whole(3)],
      [
        {
          terms: [
            [0, 3],
            [1, 2],
          ],
          lower: 7,
          upper: Infinity,
        },
      ],
    );
    expect(answer).toMatchObject({ status: 'optimal', values: [1, 2] });
  });

  it('leaves real unknowns real', async () => {
    const answer = await solveIntegerProgram(
      [{ cost: 1, lower: 0, upper: 10, whole: false }],
      [{ terms: [[0, 4]], lower: 10, upper: Infinity }],
    );
    expect(answer.values[0]).toBeCloseTo(2.5, 9);
  });

  it('says where nothing fits', async () => {
    const answer = await solveIntegerProgram([whole(1, 2)], [{ terms: [[0, 1]], lower: 3, upper: Infinity }]);
    expect(answer.status).toBe('impossible');
  });

  it('throws on a term that names no variable', async () => {
    await expect(solveIntegerProgram([whole(1)], [{ terms: [[4, 1]], lower: 0, upper: 1 }])).rejects.toThrow(
      /requires every term to name a variable/,
    );
  });

  it('gives bounds that close on the answer as it searches', async () => {
    const steps: ProgramProgress[] = [];
    const weights = [23, 31, 29, 44, 53, 38, 63, 85, 89, 82];
    await solveIntegerProgram(
      weights.map((weight) => whole(weight * 1.7 + (weight % 7), 40)),
      [17, 19, 23].map((step) => ({
        terms: weights.map((weight, index) => [index, (weight * step) % 37] as const),
        lower: 1999,
        upper: Infinity,
      })),
      { onProgress: (progress) => steps.push(progress) },
    );
    const known = steps.filter((step) => step.best !== null && step.bound !== null);
    for (const step of known) expect(step.bound!).toBeLessThanOrEqual(step.best! + 1e-6);
    expect(steps.length).toBeGreaterThan(0);
  });
});
