import type { SolidOutline } from '@/core/solids/solid-outline';

/** A body cut along its axis, drawn lying: the axis along x from its foot, mm. */
export interface SectionView {
  readonly solids: readonly string[];
  readonly cuts: readonly string[];
  readonly lengthMm: number;
  readonly radiusMm: number;
}

const mm = (value: number) => Number(value.toFixed(3));

/**
 * The section of a solid as SVG paths in mm, to scale: what is metal, and what is cut from it.
 *
 * @example sectionView(outlineSolid({ parts: [{ shape: 'cylinder', diameterMm: 4, heightMm: 10 }] })).solids
 * // ['M0 -2L10 -2L10 2L0 2Z']
 */
export function sectionView(outline: SolidOutline): SectionView {
  const paths = outline.parts.flatMap(({ profile, isCut, offsetsMm }) =>
    offsetsMm.map((offset) => {
      const upper = profile.map(([r, z]) => `${mm(z - outline.bottomMm)} ${mm(offset - r)}`);
      const lower = [...profile].reverse().map(([r, z]) => `${mm(z - outline.bottomMm)} ${mm(offset + r)}`);
      return { isCut, path: `M${[...upper, ...lower].join('L')}Z` };
    }),
  );
  return {
    solids: paths.filter(({ isCut }) => !isCut).map(({ path }) => path),
    cuts: paths.filter(({ isCut }) => isCut).map(({ path }) => path),
    lengthMm: outline.topMm - outline.bottomMm,
    radiusMm: outline.radiusMm,
  };
}
