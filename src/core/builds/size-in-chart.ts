import type { BuildPiece } from './build';

/**
 * Which part of the shop's own chart a measured one really is: of its role and form, the nearest by length and width (or
 * across). `offMm` is the largest of its differences.
 *
 * @example sizeInChart(measured, blades)?.offMm // 0.4
 */
export function sizeInChart(
  measured: Pick<BuildPiece, 'gauge'>,
  chart: readonly BuildPiece[],
): { readonly piece: BuildPiece; readonly offMm: number } | null {
  const keys = ['lengthMm', 'widthMm', 'diameterMm'] as const;
  const ranked = chart
    .filter(({ gauge }) => gauge.as === measured.gauge.as && gauge.form === measured.gauge.form)
    .flatMap((piece) => {
      const offs = keys.flatMap((key) => {
        const [a, b] = [measured.gauge.sizes[key], piece.gauge.sizes[key]];
        return a === undefined || b === undefined ? [] : [Math.abs(a - b)];
      });
      return offs.length === 0 ? [] : [{ piece, offMm: Math.max(...offs) }];
    })
    .sort((a, b) => a.offMm - b.offMm);
  return ranked[0] ?? null;
}
