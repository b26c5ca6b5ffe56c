import { INCHES } from './written-in';
import type { BenchProblem, FileProblem } from '@/core/problems/bench-problem';
import type { Problem } from '@/core/problems/problem';
import { benchSentence, fileSentence } from './bench-sentence';
import { inputSentence } from './input-sentence';
import { numberText } from './number-text';
import { sentence } from './sentence';
import { IN_BASE_UNITS, writerIn } from './writer';

describe('numberText', () => {
  it.each([
    [0.30000000000000004, '0.3'],
    [1234.5678, '1234.6'],
    [10, '10'],
    [-3, '-3'],
    [Infinity, 'Infinity'],
  ])('writes %d', (value, expected) => {
    expect(numberText(value)).toBe(expected);
  });
});

describe('sentences', () => {
  const problem = (code: string, facts: object) => ({ code, facts, path: [] }) as unknown as Problem;

  it('say what is wrong and what would be right', () => {
    expect(sentence(problem('units.no-unit', { text: '10', quantity: 'mass' }), IN_BASE_UNITS)).toBe(
      "'10' has no unit. Add g, mg, kg, oz, lb or gr (grains).",
    );
    expect(
      sentence(problem('cavity.no-room', { displacedCm3: 1.2, cavityVolumeCm3: 0.9 }), IN_BASE_UNITS),
    ).toBe('The hook and pins take 1.2 cm3 of a cavity of 0.9 cm3: no room for metal.');
    expect(
      sentence(problem('budget.heel-fills-pot', { heelG: 900, potCapacityG: 800 }), IN_BASE_UNITS),
    ).toContain('under the capacity');
  });

  it('write what is measured in the units of the screen', () => {
    const inches = writerIn(INCHES);
    expect(
      sentence(problem('cut.too-long', { id: 'leader', lengthMm: 609.6, longestMm: 508 }), inches),
    ).toContain("Piece 'leader' is 24 in and the longest stock 20 in.");
    expect(sentence(problem('heat.not-over-fuse', { releaseC: 100, fuseC: 121 }), inches)).toContain(
      'leaves the heat at 212 °F and powder fuses at 250 °F',
    );
    expect(
      sentence(problem('cavity.no-room', { displacedCm3: 16.387064, cavityVolumeCm3: 8.193532 }), inches),
    ).toContain('take 1 in³ of a cavity of 0.5 in³');
    expect(
      benchSentence(
        { code: 'bench.too-little', bin: 'Lead', onHand: 28.3495, asked: 907.185, unit: 'g' },
        inches,
      ),
    ).toContain('Lead has 1 oz; 2 lb cannot come out');
  });

  it('list names, but not without end', () => {
    const keys = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
    expect(sentence(problem('plan.nobody-makes', { keys: ['a'] }), IN_BASE_UNITS)).toContain(
      "No mold makes 'a'.",
    );
    expect(sentence(problem('plan.nobody-makes', { keys: ['a', 'b'] }), IN_BASE_UNITS)).toContain(
      "'a' and 'b'",
    );
    expect(sentence(problem('plan.nobody-makes', { keys }), IN_BASE_UNITS)).toContain('and 2 more');
  });
});

describe('inputSentence', () => {
  const of = (came: unknown, expected: object, path: (string | number)[] = ['lines', 2, 'count']) =>
    inputSentence({ code: 'input', path, came, expected } as Parameters<typeof inputSentence>[0]);

  it('names the field, what came and what is allowed', () => {
    expect(of(-1, { kind: 'at-least', limit: 0, of: 'number' })).toBe(
      'lines[2].count is -1; it must be 0 or more.',
    );
    expect(of(undefined, { kind: 'type', type: 'int' })).toBe(
      'lines[2].count is missing; it must be a whole number.',
    );
    expect(of([], { kind: 'at-least', limit: 1, of: 'list' })).toContain(
      'is an empty list; it must be 1 or more entries long',
    );
    expect(of('x'.repeat(90), { kind: 'type', type: 'number' }).length).toBeLessThan(120);
    expect(of({}, { kind: 'type', type: 'array' }, [])).toBe('The input is an object; it must be a list.');
    expect(of(true, { kind: 'under', limit: 1 })).toContain('is true; it must be under 1');
  });
});

describe('benchSentence and fileSentence', () => {
  it('tell the maker what to do', () => {
    const tooLittle: BenchProblem = {
      code: 'bench.too-little',
      bin: 'Lot 14',
      onHand: 12.5,
      asked: 20,
      unit: 'g',
    };
    expect(benchSentence(tooLittle, IN_BASE_UNITS)).toBe(
      'Lot 14 has 12.5 g; 20 g cannot come out. Take less, or count it first.',
    );
  });

  it('speak of a run of skirts that is on, and of a file that is no skirt', () => {
    expect(benchSentence({ code: 'bench.card-run-on', of: 'skirts' }, IN_BASE_UNITS)).toMatch(
      /End that run, or put it back/,
    );
    expect(benchSentence({ code: 'bench.card-run-ended', of: 'skirts', no: 4 }, IN_BASE_UNITS)).toMatch(
      /^Tying run 4 has ended/,
    );
    expect(fileSentence({ code: 'file.foreign' }, 'skirt')).toBe(
      'This file is not a saved Ruvek skirt. Choose a file that Save as a file wrote. The bench is as it was.',
    );
    expect(fileSentence({ code: 'file.foreign' })).toContain('not a saved Ruvek bench');
  });

  it('promise that the bench is as it was', () => {
    const problems: FileProblem[] = [
      { code: 'file.too-large', bytes: 1e9, most: 6.7e7 },
      { code: 'file.not-json' },
      { code: 'file.foreign' },
      { code: 'file.newer', version: 9, known: 1 },
      { code: 'file.damaged', where: 'bins.0', why: 'no' },
    ];
    for (const each of problems) expect(fileSentence(each)).toContain('The bench is as it was.');
  });
});
