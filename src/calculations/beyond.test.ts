import { answer } from './answer';
import { CALCULATIONS } from './registry';

/** Every place of an example where a number stands. */
function numbersOf(value: unknown, path: readonly (string | number)[] = []): (string | number)[][] {
  if (typeof value === 'number') return [[...path]];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, each]) =>
    numbersOf(each, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

/** An example with one of its numbers another. */
function withNumber(value: unknown, [key, ...rest]: readonly (string | number)[], number: number): unknown {
  if (key === undefined) return number;
  if (Array.isArray(value))
    return value.map((each, at) => (at === key ? withNumber(each, rest, number) : each));
  const record = value as Record<string, unknown>;
  return { ...record, [key]: withNumber(record[key], rest, number) };
}

/** What only sums and multiplies, and is asked with figures that no bench has: nothing of these counts up to a number. */
const SUMS = [
  'pour.budget',
  'heat.calibrate',
  'heat.scale',
  'skirt.materials',
  'skirt.wrap',
  'catch.rate',
  'freeze.time',
];

describe('figures that no bench has', () => {
  it.each(SUMS)('are answered or refused by %s, never a defect', async (name) => {
    const example = CALCULATIONS.find((each) => each.name === name)!.example;
    for (const path of numbersOf(example)) {
      for (const number of [0, -1, 1e-300, 1e15, 2 ** 53, 1e100, Number.MAX_VALUE]) {
        const reply = await answer(name, withNumber(example, path, number));
        if (!reply.ok) expect(reply.problem.code).not.toBe('unknown-calculation');
      }
    }
  });

  it('are said to be too large where sums run over', async () => {
    const lines = [{ pieceMetalG: 1e300, count: 9e15, scrapShare: 0.1 }];
    const budget = { lines, pours: 60, spruePerPourG: 2, drossShare: 0.02, heelG: 0, potCapacityG: 4000 };
    expect(await answer('pour.budget', budget)).toMatchObject({
      ok: false,
      problem: { code: 'number.not-finite' },
    });
  });
});
