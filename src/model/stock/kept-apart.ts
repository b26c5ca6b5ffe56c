import type { Bin, PartBin } from '@/records/bin';
import { measuredStuff } from './cabinet';

export type KeptApart = NonNullable<PartBin['keepApart']>;

const LABELS: Readonly<Record<KeptApart, string>> = {
  'soft-plastic': 'soft plastic',
  'stretch-plastic': 'stretchy plastic',
  'hard-plastic': 'hard plastic lures',
  painted: 'painted things',
};

/** What must be kept from what it harms, to choose among. */
export const KEPT_APART = Object.entries(LABELS).map(([value, label]) => ({ value, label }));

/** What a bin counts as where nothing else is said of it. */
export function measuredAs(bin: Bin): string {
  const stuff = measuredStuff(bin);
  return stuff === null ? 'nothing it harms' : `as it was measured: ${LABELS[stuff as KeptApart]}`;
}
