/** A hole in a sheet, from its front edge along its middle line and aside from it, mm. */
export interface PlateHole {
  readonly is: 'line' | 'swing' | 'punched';
  readonly alongMm: number;
  readonly asideMm: number;
  readonly diameterMm: number;
}

/** A blade's holes as a proven first piece has them. */
export interface HolePattern {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly holes: readonly PlateHole[];
}

export type PatternProblem =
  | { readonly code: 'outside'; readonly hole: number }
  | { readonly code: 'near-edge'; readonly hole: number; readonly edgeMm: number }
  | { readonly code: 'near-hole'; readonly hole: number; readonly other: number; readonly webMm: number };

/** Sheet left round a hole, mm: less tears out. */
const LEAST_WEB_MM = 1;

/**
 * What is wrong with a pattern of holes: one outside the sheet, too little sheet left at an edge or between two.
 *
 * @example checkPattern({ lengthMm: 30, widthMm: 20, holes: [] }) // []
 */
export function checkPattern({ lengthMm, widthMm, holes }: HolePattern): PatternProblem[] {
  return holes.flatMap((hole, index): PatternProblem[] => {
    const r = hole.diameterMm / 2;
    const edgeMm = Math.min(hole.alongMm, lengthMm - hole.alongMm, widthMm / 2 - Math.abs(hole.asideMm)) - r;
    const webs = holes.slice(0, index).flatMap((other, nth): PatternProblem[] => {
      const apart = Math.hypot(hole.alongMm - other.alongMm, hole.asideMm - other.asideMm);
      const webMm = apart - r - other.diameterMm / 2;
      return webMm < LEAST_WEB_MM ? [{ code: 'near-hole', hole: index, other: nth, webMm }] : [];
    });
    if (edgeMm <= -2 * r) return [{ code: 'outside', hole: index }];
    return [...(edgeMm < LEAST_WEB_MM ? [{ code: 'near-edge' as const, hole: index, edgeMm }] : []), ...webs];
  });
}

/**
 * A pattern for a blade of another size: distances in proportion, holes as wide as they are drilled.
 *
 * @example scalePattern(pattern, 36, 24).holes[0].alongMm
 */
export function scalePattern(pattern: HolePattern, lengthMm: number, widthMm: number): HolePattern {
  return {
    lengthMm,
    widthMm,
    holes: pattern.holes.map((hole) => ({
      ...hole,
      alongMm: (hole.alongMm * lengthMm) / pattern.lengthMm,
      asideMm: (hole.asideMm * widthMm) / pattern.widthMm,
    })),
  };
}
