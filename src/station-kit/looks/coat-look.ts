import type { Coat } from '@/records/coat';
import type { CoatLook, Tone } from '@/ui/head-drawing/CoatedHead';
import type { BenchView } from '@/model/bench/bench-view';

/** A powder no longer on the shelf. */
const GONE: Tone = { hex: '#8a8a8a', finish: 'solid', secondHex: null };

/** How a recipe looks, from the powders on the shelf. */
export function lookOf(
  { base, second, clearBinId, eye }: Pick<Coat, 'base' | 'second' | 'clearBinId' | 'eye'>,
  { binById }: Pick<BenchView, 'binById'>,
): CoatLook {
  const tone = (binId: string): Tone => {
    const bin = binById.get(binId);
    if (bin?.kind !== 'powder') return GONE;
    const { hex, finish, secondHex } = bin;
    return { hex, finish, secondHex };
  };
  return {
    base:
      base.kind === 'powder' ? tone(base.powderBinId) : { hex: base.hex, finish: 'solid', secondHex: null },
    second: second ? { ...tone(second.powderBinId), place: second.place, share: second.share } : null,
    isClear: clearBinId !== null,
    eye,
  };
}
