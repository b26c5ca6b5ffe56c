import type { ProblemFacts } from './facts';

/** Every foreseeable problem has a code; its facts say what the sentence needs. */
export type ProblemCode = keyof ProblemFacts;

/** A step into an input: a key or an index. */
export type ProblemPath = readonly (string | number)[];

/** A foreseeable problem as data. The sentence is made in `text/`. */
export type Problem = {
  [Code in ProblemCode]: {
    readonly code: Code;
    readonly facts: ProblemFacts[Code];
    readonly path: ProblemPath;
  };
}[ProblemCode];

/** What a computation that may find its question unanswerable gives back. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: Problem };

/**
 * Wraps an answer.
 *
 * @example done(3) // { ok: true, value: 3 }
 */
export function done<T>(value: T): Outcome<T> {
  return { ok: true, value };
}

/**
 * Wraps a problem. `path` points into the asker's input, at the field to mend.
 *
 * @example fail('plan.no-molds', {}, ['molds']).ok // false
 */
export function fail<Code extends ProblemCode>(
  code: Code,
  facts: ProblemFacts[Code],
  path: ProblemPath = [],
): { ok: false; problem: Problem } {
  return { ok: false, problem: { code, facts, path } as Problem };
}
