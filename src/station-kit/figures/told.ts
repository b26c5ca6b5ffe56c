import type { Working } from '@/ui/figure/Figure';

/** What stands in a cell, and how it was reckoned where it was. */
export interface Told {
  readonly text: string;
  readonly working?: Working;
}
