import type { ProfilePoint } from '@/core/solids/loft';

const POINTS = 24;

/**
 * A half outline short enough for an address: so many of its points, radius and place along, in hundredths of a millimeter.
 *
 * @example profileInAddress([[0, 0], [5, 6], [0, 20]]) // '0_0.500_600.0_2000'
 */
export function profileInAddress(profile: readonly ProfilePoint[]): string {
  const last = profile.length - 1;
  const count = Math.min(POINTS, profile.length);
  return Array.from({ length: count }, (_, nth) => {
    // Closer at both ends, where a body closes.
    const share = (1 - Math.cos((Math.PI * nth) / (count - 1))) / 2;
    const [r, z] = profile[Math.round(share * last)] ?? [0, 0];
    return `${Math.round(r * 100)}_${Math.round(z * 100)}`;
  }).join('.');
}

/**
 * What an address says of a half outline: places along and radii, mm, as the profile editor takes them; null where it says
 * none that can be read.
 *
 * @example profileFromAddress('0_0.500_600.0_2000') // [[0, 0], [6, 5], [20, 0]]
 */
export function profileFromAddress(said: string | null): readonly (readonly [number, number])[] | null {
  if (said === null || !/^\d{1,5}_\d{1,5}(\.\d{1,5}_\d{1,5}){2,59}$/.test(said)) return null;
  return said.split('.').map((point) => {
    const [r = 0, z = 0] = point.split('_').map(Number);
    return [z / 100, r / 100] as const;
  });
}
