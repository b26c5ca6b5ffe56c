const mm = (value: number) => Number(value.toFixed(3));

/**
 * A circle round a place, as a closed path: to be filled, or stroked as a ring of wire.
 *
 * @example circlePath(2, 0, 1) // 'M1 0a1 1 0 1 1 2 0a1 1 0 1 1 -2 0Z'
 */
export function circlePath(x: number, y: number, r: number): string {
  const [at, across] = [mm(r), mm(2 * r)];
  return `M${mm(x - r)} ${mm(y)}a${at} ${at} 0 1 1 ${across} 0a${at} ${at} 0 1 1 ${-across} 0Z`;
}
