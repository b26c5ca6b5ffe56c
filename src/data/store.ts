import type { BenchDatabase } from './database';

/** What every repository stands on: the database, and time and names from outside. */
export interface Store {
  readonly db: BenchDatabase;
  /** Milliseconds since 1970. */
  readonly now: () => number;
  readonly newId: () => string;
  /** How money is written where the maker did not say; `€` where nobody knows. */
  readonly sign?: () => string;
}
