import type { PowderBin } from '@/records/bin';
import type { Coat } from '@/records/coat';
import type { BenchView } from '@/model/bench/bench-view';
import type { HeadOf } from '@/model/heads/head-facts';

/** A recipe before it has an id. */
export type DraftCoat = Omit<Coat, 'id'> & { readonly id: string | null };

/** The head that swatches are drawn on. */
export const SWATCH_HEAD: HeadOf = { style: 'round', nominalG: 10, hookBinId: 'hook-2-0', metalBinId: null };

/** A recipe to begin with: the first powder that covers, nothing over it. */
export function newCoat(view: Pick<BenchView, 'bins'>): DraftCoat {
  const powder = view.bins.find((bin): bin is PowderBin => bin.kind === 'powder' && bin.finish !== 'clear');
  return {
    id: null,
    name: '',
    base: powder
      ? { kind: 'powder', powderBinId: powder.id }
      : { kind: 'air', paint: 'Air-dry paint', hex: '#6b7a80' },
    second: null,
    clearBinId: null,
    eye: null,
    retired: false,
    note: '',
  };
}
