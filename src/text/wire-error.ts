import type { InputProblem, UnknownCalculation } from '@/core/problems/input-problem';
import { PROBLEM_KINDS } from '@/core/problems/kinds';
import type { Problem, ProblemPath } from '@/core/problems/problem';
import { inputSentence } from './input-sentence';
import { sentence } from './sentence';
import { IN_BASE_UNITS } from './writer';

/** An error as the command line and the API give it. */
export interface WireError {
  readonly code: 'invalid_input' | 'impossible' | 'unknown_calculation';
  readonly message: string;
  readonly path: ProblemPath;
}

/**
 * A problem with a calculation, as it goes out.
 *
 * @example wireError({ code: 'plan.no-molds', facts: {}, path: ['molds'] }).code // 'impossible'
 */
export function wireError(problem: Problem | InputProblem | UnknownCalculation): WireError {
  if (problem.code === 'input') {
    return { code: 'invalid_input', message: inputSentence(problem), path: problem.path };
  }
  if (problem.code === 'unknown-calculation') {
    const message = `There is no calculation '${problem.name}'. Known: ${problem.known.join(', ')}.`;
    return { code: 'unknown_calculation', message, path: ['name'] };
  }
  return { code: PROBLEM_KINDS[problem.code], message: sentence(problem, IN_BASE_UNITS), path: problem.path };
}
