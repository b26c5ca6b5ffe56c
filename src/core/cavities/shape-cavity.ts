import type { HeadStyle, OutlinePoint } from './styles/definition';

export interface CavityShape {
  /** Half outline from nose to tail in mm: along the axis, from the axis. */
  readonly outlineMm: readonly OutlinePoint[];
  readonly lengthMm: number;
  /** The body's largest radius in the plane of the hook, mm. */
  readonly radiusMm: number;
  /** Where along the axis the eye leaves the body, mm. */
  readonly eyeMm: number;
}

const MM3_PER_CM3 = 1000;

/**
 * The true size of a head of a style whose cavity holds a volume: the style's outline, scaled so that the body
 * has it. Sections across the axis are ellipses, `depth` times as wide as high; between two points of the
 * outline lies a frustum.
 *
 * Throws where the outline encloses nothing.
 *
 * @example
 * // a cylinder of radius 1 and length 1 has pi; scaled to pi cm3 it is 10 mm in radius
 * shapeCavity({ ...style, outline: [[0, 0], [0, 1], [1, 1], [1, 0]], depth: 1 }, Math.PI).radiusMm // 10
 */
export function shapeCavity(style: HeadStyle, volumeCm3: number): CavityShape {
  const unitVolume = style.depth * outlineVolume(style.outline);
  if (!(unitVolume > 0)) throw new RangeError(`shapeCavity requires ${style.key} to enclose a volume`);
  const scale = Math.cbrt((volumeCm3 * MM3_PER_CM3) / unitVolume);
  const outlineMm = style.outline.map(([along, radius]): OutlinePoint => [along * scale, radius * scale]);
  const lengthMm = outlineMm.at(-1)?.[0] ?? 0;
  return {
    outlineMm,
    lengthMm,
    radiusMm: Math.max(...outlineMm.map(([, radius]) => radius)),
    eyeMm: style.eyeAt * lengthMm,
  };
}

function outlineVolume(outline: readonly OutlinePoint[]): number {
  return outline.slice(1).reduce((total, [along, radius], index) => {
    const [before, radiusBefore] = outline[index] ?? [along, radius];
    const squares = radius ** 2 + radius * radiusBefore + radiusBefore ** 2;
    return total + (Math.PI / 3) * (along - before) * squares;
  }, 0);
}
