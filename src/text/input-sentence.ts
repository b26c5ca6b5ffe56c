import type { Expectation, InputProblem } from '@/core/problems/input-problem';
import { numberText } from './number-text';

const TYPES: Record<string, string> = {
  number: 'a finite number',
  int: 'a whole number',
  string: 'a text',
  boolean: 'true or false',
  object: 'an object with named fields',
  record: 'an object with named fields',
  array: 'a list',
};

/**
 * The sentence for a field that does not hold what it should: which field, what came, what is allowed.
 *
 * @example
 * inputSentence({ code: 'input', path: ['metal', 'densityGcm3'], came: -3, expected: { kind: 'over', limit: 0 } })
 * // 'metal.densityGcm3 is -3; it must be over 0.'
 */
export function inputSentence({ path, came, expected }: InputProblem): string {
  const field = path.length === 0 ? 'The input' : fieldName(path);
  if (expected.kind === 'no-key') {
    const where = path.length === 0 ? 'The input' : field;
    const keys = expected.keys.map((key) => `'${key}'`).join(', ');
    return `${where} has ${keys}, which is not known here. Take it out or fix its spelling.`;
  }
  if (came === undefined) return `${field} is missing; it must be ${allowed(expected)}.`;
  return `${field} is ${shown(came)}; it must be ${allowed(expected)}.`;
}

/** A path as people write it: `lines[2].count`. */
function fieldName(path: readonly (string | number)[]): string {
  return path.reduce<string>(
    (name, step) => (typeof step === 'number' ? `${name}[${step}]` : name === '' ? step : `${name}.${step}`),
    '',
  );
}

function allowed(expected: Expectation): string {
  switch (expected.kind) {
    case 'type':
      return TYPES[expected.type] ?? expected.type;
    case 'over':
      return `over ${expected.limit}`;
    case 'under':
      return `under ${expected.limit}`;
    case 'at-least':
      return `${expected.limit} or more${counted(expected.of)}`;
    case 'at-most':
      return `${expected.limit} or less${counted(expected.of)}`;
    case 'one-of':
      return `one of ${expected.values.join(', ')}`;
    case 'no-key':
      return `without ${expected.keys.join(', ')}`;
    case 'form':
      return `of another form (${expected.form})`;
  }
}

function counted(of: 'number' | 'list' | 'text'): string {
  if (of === 'list') return ' entries long';
  return of === 'text' ? ' characters long' : '';
}

function shown(value: unknown): string {
  if (typeof value === 'number') return numberText(value, 8);
  if (value === null) return 'null';
  if (Array.isArray(value)) return value.length === 0 ? 'an empty list' : `a list of ${value.length}`;
  if (typeof value === 'object') return 'an object';
  const text = JSON.stringify(value) ?? typeof value;
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}
