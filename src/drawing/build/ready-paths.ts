const mm = (value: number) => Number(value.toFixed(2));

/** Strands that are drawn of a skirt, whatever it has: more would be one blot. */
const STRANDS = 11;
/** How far the outermost lie from the middle at their ends, of their length. */
const SPREAD = 0.22;
/** How far a band stretched over a collar is wide, mm. */
const BAND_MM = 5;

/**
 * A skirt ready in its band, laid back along x from the origin: its strands, and the band round them.
 *
 * @example readySkirt(60).box // [-2.5, -13.2, 62.5, 26.4]
 */
export function readySkirt(lengthMm: number): {
  readonly strands: string;
  readonly band: string;
  readonly box: readonly [left: number, top: number, width: number, height: number];
} {
  const strands = Array.from({ length: STRANDS }, (_, nth) => {
    const aside = (nth / (STRANDS - 1) - 0.5) * 2;
    const [root, end] = [aside * BAND_MM * 0.5, aside * SPREAD * lengthMm];
    const reach = lengthMm * (1 - 0.08 * aside * aside);
    return `M0 ${mm(root)}C${mm(reach * 0.35)} ${mm(end)} ${mm(reach * 0.7)} ${mm(end)} ${mm(reach)} ${mm(end * 0.94)}`;
  });
  const half = BAND_MM * 0.6;
  const box = [-BAND_MM / 2, -SPREAD * lengthMm, lengthMm + BAND_MM / 2, 2 * SPREAD * lengthMm] as const;
  return {
    strands: strands.join(''),
    band: `M${-BAND_MM / 2} ${-half}h${BAND_MM}v${2 * half}h${-BAND_MM}Z`,
    box: [box[0], mm(box[1]), box[2], mm(box[3])],
  };
}

/**
 * A rig ready to hang in: a ring at each end and its line between them, along x from the origin.
 *
 * @example readyRig(150) // 'M0 0a2.4...'
 */
export function readyRig(lengthMm: number): string {
  const r = mm(Math.min(2.4, lengthMm * 0.06));
  const ring = (x: number) => `M${mm(x)} 0a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0`;
  return `${ring(0)}M${2 * r} 0H${mm(lengthMm - 2 * r)}${ring(lengthMm - 2 * r)}`;
}
