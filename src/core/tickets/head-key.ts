import type { HeadSpec } from './facts';

/**
 * One name for heads that are the same but for their metal: style, weight asked, hook.
 *
 * @example headKey({ style: 'round', nominalG: 10, hookBinId: null }) // 'round|10|-'
 */
export function headKey({ style, nominalG, hookBinId }: HeadSpec): string {
  return `${style}|${nominalG}|${hookBinId ?? '-'}`;
}
