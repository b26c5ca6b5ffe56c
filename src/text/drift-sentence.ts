import type { Drift } from '@/core/quality/find-drift';

const ORDINALS = ['first', 'second', 'third'];

const ordinal = (place: number) => ORDINALS[place - 1] ?? `${place}th`;

/**
 * How a cavity drifts, in a sentence.
 *
 * @example driftSentence({ pattern: 'at-once', from: 5, offShare: 0.031 }, 'Cavity 3')
 * // 'Cavity 3 went heavy at its 6th casting: since then 3.1 % over what it should give.'
 */
export function driftSentence({ pattern, from, offShare }: Drift, who: string): string {
  const side = offShare < 0 ? 'light' : 'heavy';
  const by = `${(Math.abs(offShare) * 100).toFixed(1)} % ${offShare < 0 ? 'under' : 'over'} what it should give`;
  switch (pattern) {
    case 'at-once':
      return `${who} went ${side} at its ${ordinal(from + 1)} casting: since then ${by}.`;
    case 'creeping':
      return `${who} creeps ${side}, casting by casting: by now ${by}.`;
    case 'always':
      return `${who} is ${side} from the first casting on: ${by}.`;
    case 'single':
      return `${who} holds, but its ${ordinal(from + 1)} casting is ${by}.`;
  }
}
