/** A twist drill's point, as nearly all are ground, degrees. */
const POINT_DEG = 118;
const MM3_PER_CM3 = 1000;

/** How far the point of a drill runs ahead of its full width, mm. */
const pointMm = (bitMm: number) => bitMm / 2 / Math.tan((POINT_DEG / 2) * (Math.PI / 180));

/**
 * The room of a hole drilled so deep by a twist drill, cm3: a cylinder on the cone of its point. The depth is to the tip,
 * as a stop on the drill is set.
 *
 * @example drilledCm3(10, 20) // 1.414
 */
export function drilledCm3(bitMm: number, depthMm: number): number {
  const radiusMm = bitMm / 2;
  const tipMm = pointMm(bitMm);
  const coneMm = Math.min(depthMm, tipMm);
  const coneRadiusMm = (coneMm / tipMm) * radiusMm;
  const cone = (Math.PI * coneRadiusMm ** 2 * coneMm) / 3;
  return (cone + Math.PI * radiusMm ** 2 * Math.max(0, depthMm - tipMm)) / MM3_PER_CM3;
}

/**
 * How deep a twist drill goes, to its tip, for a hole of so much room, mm.
 *
 * @example drillDepthMm(10, 1.414) // 20
 */
export function drillDepthMm(bitMm: number, roomCm3: number): number {
  const tipMm = pointMm(bitMm);
  const coneCm3 = drilledCm3(bitMm, tipMm);
  if (roomCm3 <= coneCm3) return tipMm * Math.cbrt(roomCm3 / coneCm3);
  return tipMm + ((roomCm3 - coneCm3) * MM3_PER_CM3) / (Math.PI * (bitMm / 2) ** 2);
}
