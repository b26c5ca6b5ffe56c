import type { z } from 'zod';
import type { Expectation, InputProblem } from '@/core/problems/input-problem';

type Issue = z.core.$ZodIssue;

/**
 * The first thing wrong with an input, as data: where, what came, what is allowed.
 *
 * @example
 * const { error } = z.strictObject({ massG: z.number() }).safeParse({ massG: 'ten' });
 * readIssue(error.issues[0], { massG: 'ten' })
 * // { code: 'input', path: ['massG'], came: 'ten', expected: { kind: 'type', type: 'number' } }
 */
export function readIssue(issue: Issue, input: unknown): InputProblem {
  const path = issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step));
  return { code: 'input', path, came: valueAt(input, path), expected: expectationOf(issue) };
}

function valueAt(input: unknown, path: readonly (string | number)[]): unknown {
  return path.reduce<unknown>(
    (value, step) =>
      value !== null && typeof value === 'object' && Object.hasOwn(value, step)
        ? (value as Record<string | number, unknown>)[step]
        : undefined,
    input,
  );
}

function expectationOf(issue: Issue): Expectation {
  switch (issue.code) {
    case 'invalid_type':
      return { kind: 'type', type: issue.expected };
    case 'too_small':
      return issue.inclusive === false
        ? { kind: 'over', limit: Number(issue.minimum) }
        : { kind: 'at-least', limit: Number(issue.minimum), of: measured(issue.origin) };
    case 'too_big':
      return issue.inclusive === false
        ? { kind: 'under', limit: Number(issue.maximum) }
        : { kind: 'at-most', limit: Number(issue.maximum), of: measured(issue.origin) };
    case 'invalid_value':
      return { kind: 'one-of', values: issue.values.map(String) };
    case 'unrecognized_keys':
      return { kind: 'no-key', keys: issue.keys };
    default:
      return { kind: 'form', form: issue.message };
  }
}

function measured(origin: string): 'number' | 'list' | 'text' {
  if (origin === 'array') return 'list';
  return origin === 'string' ? 'text' : 'number';
}
