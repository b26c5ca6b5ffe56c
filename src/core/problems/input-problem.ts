import type { ProblemPath } from './problem';

/** What a field of an input should have been. */
export type Expectation =
  | { readonly kind: 'type'; readonly type: string }
  | { readonly kind: 'at-least'; readonly limit: number; readonly of: 'number' | 'list' | 'text' }
  | { readonly kind: 'over'; readonly limit: number }
  | { readonly kind: 'at-most'; readonly limit: number; readonly of: 'number' | 'list' | 'text' }
  | { readonly kind: 'under'; readonly limit: number }
  | { readonly kind: 'one-of'; readonly values: readonly string[] }
  | { readonly kind: 'no-key'; readonly keys: readonly string[] }
  | { readonly kind: 'form'; readonly form: string };

/** A field that does not hold what its schema allows: where it is, what came, what is allowed. */
export interface InputProblem {
  readonly code: 'input';
  readonly path: ProblemPath;
  /** The value that came; undefined where the field is missing. */
  readonly came: unknown;
  readonly expected: Expectation;
}

/** A name that is not in the registry. */
export interface UnknownCalculation {
  readonly code: 'unknown-calculation';
  readonly name: string;
  readonly known: readonly string[];
}
