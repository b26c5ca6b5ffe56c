import type { z } from 'zod';
import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { InputProblem, UnknownCalculation } from '@/core/problems/input-problem';
import { fail, type Outcome, type Problem } from '@/core/problems/problem';
import { readIssue } from './read-issue';

/** What a long calculation may be given besides its input. */
export interface RunOptions {
  readonly timeLimitS?: number;
  readonly onProgress?: (progress: ProgramProgress) => void;
}

export type AnswerProblem = Problem | InputProblem | UnknownCalculation;

export type Answer =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly problem: AnswerProblem };

/** What a definition file states. A new calculation is a new file and a line in `registry.ts`. */
interface CalculationDefinition<Input extends z.ZodType, Output extends z.ZodType> {
  /** The name it is asked by, `room.verb`. Names are kept for good. */
  readonly name: string;
  /** One sentence. */
  readonly summary: string;
  /** Where the formula or the numbers come from. */
  readonly sources: readonly string[];
  /** Strict: an unknown key is bad input. Units stand in the names. */
  readonly input: Input;
  readonly output: Output;
  /** A worked example, shown on the reference page. */
  readonly example: z.input<Input>;
  readonly run: (
    input: z.output<Input>,
    options: RunOptions,
  ) => Outcome<z.input<Output>> | Promise<Outcome<z.input<Output>>>;
}

/** A calculation as the registry publishes it: it checks what it is given and what it gives. */
export interface Calculation {
  readonly name: string;
  readonly summary: string;
  readonly sources: readonly string[];
  readonly input: z.ZodType;
  readonly output: z.ZodType;
  readonly example: unknown;
  /** Foreseeable problems come back as data; a throw is a defect. */
  readonly answer: (input: unknown, options?: RunOptions) => Promise<Answer>;
}

/**
 * Publishes a definition: checks the input against its schema, runs it, checks that the output keeps its schema
 * and is finite (inputs near the largest numbers can overflow).
 */
export function defineCalculation<Input extends z.ZodType, Output extends z.ZodType>(
  definition: CalculationDefinition<Input, Output>,
): Calculation {
  const { name, summary, sources, input: inputSchema, output: outputSchema, example, run } = definition;
  const answer = async (input: unknown, options: RunOptions = {}): Promise<Answer> => {
    const parsed = inputSchema.safeParse(input);
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      if (!issue) throw new Error(`${name} requires a failed parse to say what failed`);
      return { ok: false, problem: readIssue(issue, input) };
    }
    const outcome = await attempt(() => run(parsed.data, options), name, input);
    if (!outcome.ok) return { ok: false, problem: outcome.problem };
    const checked = outputSchema.safeParse(outcome.value);
    if (checked.success) return { ok: true, output: checked.data };
    // Figures that no bench has run over or under what numbers hold, or past whole numbers that are told apart.
    if (hasAny(outcome.value, isBeyond) || hasAny(input, isExtreme))
      return fail('number.not-finite', { name });
    throw new Error(`${name} requires its output to keep its schema: ${checked.error.message}`);
  };
  return { name, summary, sources, input: inputSchema, output: outputSchema, example, answer };
}

/** What a calculation gives; one that breaks on figures that no bench has refuses them, and any other break is a defect. */
async function attempt<Value>(
  run: () => Outcome<Value> | Promise<Outcome<Value>>,
  name: string,
  input: unknown,
): Promise<Outcome<Value>> {
  try {
    return await run();
  } catch (error) {
    if (hasAny(input, isExtreme)) return fail('number.not-finite', { name });
    throw error;
  }
}

/** A thousand tons in grams, and what is no length at all: far beyond either no figure of a bench lies. */
const [LARGEST, SMALLEST] = [1e12, 1e-12];

const isBeyond = (number: number) => !Number.isFinite(number) || Math.abs(number) > Number.MAX_SAFE_INTEGER;
const isExtreme = (number: number) =>
  Math.abs(number) > LARGEST || (number !== 0 && Math.abs(number) < SMALLEST);

function hasAny(value: unknown, holds: (number: number) => boolean): boolean {
  if (typeof value === 'number') return holds(value);
  return (
    value !== null && typeof value === 'object' && Object.values(value).some((each) => hasAny(each, holds))
  );
}
