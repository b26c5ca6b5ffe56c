import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Pour, Run } from '@/records/run';
import type { BenchDatabase } from '../database';
import { granted, refuse } from '../write';

/** A run while it can still change, with its pours in order; or why it cannot. */
export async function underWay(
  db: BenchDatabase,
  runId: string,
): Promise<BenchOutcome<{ run: Run; pours: Pour[] }>> {
  const run = await db.runs.get(runId);
  if (!run) return refuse({ code: 'bench.gone', what: 'run' });
  if (run.state !== 'pouring') return refuse({ code: 'bench.run-ended', no: run.no });
  return granted({ run, pours: await db.pours.where('runId').equals(runId).sortBy('no') });
}
