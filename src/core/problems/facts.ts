/**
 * The facts each problem code carries: bare values in the units their names say, never sentences.
 * A new problem is one line here, one in `kinds.ts` and one sentence in `messages/sentences.ts`.
 */
export interface ProblemFacts {
  'units.empty': { quantity: string };
  'units.no-number': { text: string; quantity: string };
  'units.left-over': { text: string; rest: string; quantity: string };
  'units.unknown-unit': { text: string; unit: string; quantity: string };
  'units.unknown-assumed-unit': { unit: string; quantity: string };
  'units.no-unit': { text: string; quantity: string };
  'units.negative': { text: string; quantity: string };
  'units.zero-denominator': { text: string };
  'units.below-absolute-zero': { text: string };
  'units.too-large': { text: string };
  'hook.not-a-size': { text: string };
  'metal.shares-off': { sum: number };
  'cavity.no-room': { displacedCm3: number; cavityVolumeCm3: number };
  'plan.no-molds': Record<string, never>;
  'plan.nobody-makes': { keys: readonly string[] };
  'plan.too-few-pours': { keys: readonly string[] };
  'plan.same-mold-twice': { id: string };
  'plan.unfinished': { seconds: number };
  'budget.heel-fills-pot': { heelG: number; potCapacityG: number };
  'budget.all-scrap': { scrapShare: number };
  'budget.all-dross': { drossShare: number };
  'number.not-finite': { name: string };
}
