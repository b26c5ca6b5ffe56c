import { FIELD_MM, MARKER_MM, MAT_MARKERS, MAT_MM, POUCH_MARKS } from '@/core/mat/mat';
import { isBlack, MARKER_MODULES } from '@/core/mat/marker-bits';
import { bladeShape, hookShape, laid, swivelShape } from '@/core/posed/shapes';
import { pathOf } from './MatPicture';
import styles from './mat.module.css';

const MODULE_MM = MARKER_MM / MARKER_MODULES;
const MODULES = Array.from({ length: MARKER_MODULES }, (_, at) => at);

/** Every black module of the border as one path. */
const BORDER = MAT_MARKERS.flatMap(({ id, at: [x, y] }) =>
  MODULES.flatMap((down) =>
    MODULES.filter((across) => isBlack(id, down, across)).map(
      (across) =>
        `M${x + across * MODULE_MM} ${y + down * MODULE_MM}h${MODULE_MM}v${MODULE_MM}h-${MODULE_MM}z`,
    ),
  ),
).join('');

/** Things as they are laid on it. */
const LAID = [
  laid(bladeShape(47, 20, 2, 2.4), { at: [48, 120], turnDeg: 70 }),
  laid(hookShape({ lengthMm: 38, gapeMm: 13, wireMm: 1.2, eyeMm: 2.4, biteMm: 11, barbMm: 4.6 }), {
    at: [92, 98],
    turnDeg: 80,
  }),
  laid(swivelShape(18, 4, 2.4), { at: [137, 124], turnDeg: 75 }),
];

/** The mat as it is printed, with things laid on it in faint line. */
export function EmptyMat() {
  return (
    <svg
      className={styles.empty}
      viewBox={`-8 -8 ${MAT_MM.width + 16} ${MAT_MM.height + 16}`}
      role="img"
      aria-label="The mat: a border of markers, and parts laid inside it"
    >
      <rect x={-8} y={-8} width={MAT_MM.width + 16} height={MAT_MM.height + 16} />
      <path d={BORDER} />
      {LAID.map((outline, at) => (
        <path key={at} d={pathOf(outline)} data-part />
      ))}
      {POUCH_MARKS.map(([x, y], at) => (
        <text key={at} x={x} y={y + 2} textAnchor="middle">
          {at + 1}
        </text>
      ))}
      <text x={(FIELD_MM.left + FIELD_MM.right) / 2} y={FIELD_MM.bottom - 12} textAnchor="middle" data-says>
        parts apart, the whole mat in the picture
      </text>
    </svg>
  );
}
