import type { Sitting } from '@/core/molds/sit-on-bottom';
import type { StudiedBody } from '@/core/molds/study-body';
import type { Outcome } from '@/core/problems/problem';

/** The cold casting of a design and how it lies on the bottom, as far as they were worked out. */
export interface Study {
  readonly body: StudiedBody | null;
  readonly sitting: Outcome<Sitting> | null;
  /** What is shown belongs to an earlier shape. */
  readonly isStale: boolean;
}
