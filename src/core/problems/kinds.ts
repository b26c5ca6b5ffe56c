import type { ProblemCode } from './problem';

/** `invalid_input`: the question is ill put. `impossible`: it is well put and has no answer. */
export type ProblemKind = 'invalid_input' | 'impossible';

/** Which of the two each problem is. */
export const PROBLEM_KINDS: Record<ProblemCode, ProblemKind> = {
  'units.empty': 'invalid_input',
  'units.no-number': 'invalid_input',
  'units.left-over': 'invalid_input',
  'units.unknown-unit': 'invalid_input',
  'units.unknown-assumed-unit': 'invalid_input',
  'units.no-unit': 'invalid_input',
  'units.negative': 'invalid_input',
  'units.zero-denominator': 'invalid_input',
  'units.below-absolute-zero': 'invalid_input',
  'units.too-large': 'invalid_input',
  'hook.not-a-size': 'invalid_input',
  'metal.shares-off': 'invalid_input',
  'cavity.no-room': 'impossible',
  'plan.no-molds': 'impossible',
  'plan.nobody-makes': 'impossible',
  'plan.too-few-pours': 'impossible',
  'plan.same-mold-twice': 'invalid_input',
  'plan.unfinished': 'impossible',
  'budget.heel-fills-pot': 'invalid_input',
  'budget.all-scrap': 'invalid_input',
  'budget.all-dross': 'invalid_input',
  'number.not-finite': 'invalid_input',
};
