import type { BenchProblem } from '@/core/problems/bench-problem';
import { benchSentence } from './bench-sentence';
import { IN_BASE_UNITS } from './writer';

const PROBLEMS: readonly (readonly [BenchProblem, RegExp])[] = [
  [
    { code: 'bench.too-little', bin: 'Cable', onHand: 465, asked: 600, unit: 'mm' },
    /Cable has 465 mm; 600 mm cannot come out/,
  ],
  [{ code: 'bench.too-little', bin: 'Hook', onHand: 2, asked: 6, unit: 'pieces' }, /Hook has 2; 6 cannot/],
  [{ code: 'bench.card-run-on', of: 'rigs' }, /Rigs are being made already/],
  [{ code: 'bench.card-run-ended', of: 'rigs', no: 7 }, /Rig run 7 has ended/],
  [
    { code: 'bench.length-changed', bin: 'Cable', thereMm: 8500.5, toldMm: 10_000 },
    /was 10000 mm when the cuts were planned and is 8500\.5 mm now\. Plan the cuts again/,
  ],
  [{ code: 'bench.kit-back', no: 3 }, /Kit 3 is back on the shelf already/],
  [{ code: 'bench.kept-by-length', bin: 'Cable' }, /kept by its lengths.*at Rig, Rolls/],
  [
    { code: 'bench.below-zero', bin: 'Cable', level: -20, unit: 'mm' },
    /Cable would hold 20 mm less than nothing. Count it first/,
  ],
  [{ code: 'bench.other-unit', bin: 'Hair', other: 'Tab' }, /Hair is not counted the way Tab is/],
];

it.each(PROBLEMS.map(([problem, words]) => [problem.code, problem, words] as const))(
  '%s says what is so and what to do',
  (_, problem, words) => {
    expect(benchSentence(problem, IN_BASE_UNITS)).toMatch(words);
  },
);
