import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { PourPlan, KeyCount, PlanMold } from '@/core/pours/pour-plan';
import type { Outcome } from '@/core/problems/problem';
import type { Answer } from '@/calculations/calculation';

/** Everything a worker can be asked, by name: what it takes and what it gives. */
export interface Jobs {
  readonly calculate: { readonly takes: { name: string; input: unknown }; readonly gives: Answer };
  readonly planPours: {
    readonly takes: { demand: readonly KeyCount[]; molds: readonly PlanMold[] };
    readonly gives: Outcome<PourPlan>;
  };
}

export type JobName = keyof Jobs;

/** The worker's one door. */
export interface WorkerDoor {
  run<Name extends JobName>(
    name: Name,
    input: Jobs[Name]['takes'],
    onProgress: (progress: ProgramProgress) => void,
  ): Promise<Jobs[Name]['gives']>;
}
