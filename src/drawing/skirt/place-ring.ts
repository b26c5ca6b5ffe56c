import type { Arc } from '@/core/skirts/skirt-layer';
import { pathPoint } from './drawn-strand';

/**
 * A part of the round as a band's middle line, seen from behind with the top up; a full round as two halves.
 *
 * @example placeRing({ fromDeg: -90, toDeg: 90 }, 10) // 'M-10 0A10 10 0 0 1 10 0'
 */
export function placeRing({ fromDeg, toDeg }: Arc, radius: number): string {
  const at = (deg: number) => {
    const rad = ((deg - 90) * Math.PI) / 180;
    return pathPoint([Math.cos(rad) * radius, Math.sin(rad) * radius]);
  };
  const arc = (from: number, to: number) => `A${radius} ${radius} 0 ${to - from > 180 ? 1 : 0} 1 ${at(to)}`;
  const middle = (fromDeg + toDeg) / 2;
  return toDeg - fromDeg >= 360
    ? `M${at(fromDeg)}${arc(fromDeg, middle)}${arc(middle, toDeg)}`
    : `M${at(fromDeg)}${arc(fromDeg, toDeg)}`;
}
