import { followWholeBench } from './reading/bench-reading';
import type { BenchReading } from '@/records/bench-reading';
import { openRepositories } from './repositories/open-repositories';
import type { Store } from './store';

/** The bench over one store: every repository, and what follows all that happens on it. */
export function openWorkshop(store: Store) {
  const repositories = openRepositories(store);
  return {
    ...repositories,
    /** Gives the whole bench now and with every change. Returns what ends that. */
    follow: (onReading: (reading: BenchReading) => void, onFailure: (error: unknown) => void) =>
      followWholeBench(store.db, repositories, onReading, onFailure),
  };
}

export type Workshop = ReturnType<typeof openWorkshop>;
