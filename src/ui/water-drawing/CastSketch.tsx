'use client';

import { SINKER_HALF, sketchCast, type WaterScene } from '@/drawing/water/line-in-water';
import { Lit } from '../materials/Lit';
import styles from './water-drawing.module.css';

interface CastSketchProps {
  readonly scene: WaterScene;
  readonly label: string;
  /** What stands at the sinker, and at the bow. */
  readonly weight: string;
  readonly sag: string;
  readonly depth: string;
  readonly cast: string;
}

const WIDTH = 660;

/** A sinker as it lies, its line drawn into it. */
function Sinker({ at: { x, y } }: { readonly at: { readonly x: number; readonly y: number } }) {
  const d = `M${x - 9} ${y}C${x - 6} ${y - SINKER_HALF * 1.3} ${x + 9} ${y - SINKER_HALF * 1.3} ${x + 9} ${y}S${x - 6} ${y + SINKER_HALF * 1.3} ${x - 9} ${y}Z`;
  return <Lit d={d} fill="var(--old-lead)" finish="dull" stroke="var(--cast-edge)" />;
}

/** A cast from the side and from above, to one scale, with its figures on it. */
export function CastSketch({ scene, label, weight, sag, depth, cast }: CastSketchProps) {
  const { height, side, above, current, tip, sinker, tipAbove, sinkerAbove } = sketchCast(scene, WIDTH);
  return (
    <svg className={styles.sketch} viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label}>
      <rect
        className={styles.water}
        x="0"
        y={side.surfaceY}
        width={WIDTH}
        height={side.bottomY - side.surfaceY}
      />
      <rect className={styles.ground} x="0" y={side.bottomY} width={WIDTH} height="12" />
      <path stroke="var(--quench)" strokeWidth={1.5} d={`M0 ${side.surfaceY}H${WIDTH}`} />
      <path className={styles.line} d={side.line} />
      <path
        fill="none"
        stroke="var(--ink)"
        strokeWidth={3}
        strokeLinecap="round"
        d={`M${tip.x - 22} ${tip.y - 12}L${tip.x} ${tip.y}`}
      />
      <Sinker at={sinker} />
      <text
        className={styles.figure}
        x={sinker.x + 6}
        y={(side.surfaceY + side.bottomY) / 2}
        textAnchor="end"
      >
        {weight}
      </text>
      <text x="8" y={(side.surfaceY + side.bottomY) / 2 + 4}>
        {depth}
      </text>
      <text x={WIDTH / 2} y={side.surfaceY - 8} textAnchor="middle">
        {cast}
      </text>
      <text className={styles.view} x={WIDTH - 8} y={side.surfaceY - 8} textAnchor="end">
        from the side
      </text>
      <path fill="none" stroke="var(--rule)" strokeDasharray="5 5" d={above.straight} />
      <path className={styles.line} d={above.line} />
      <circle className={styles.tip} cx={tipAbove.x} cy={tipAbove.y} r="3" />
      <Sinker at={sinkerAbove} />
      <path
        d={current}
        fill="none"
        stroke="var(--quench)"
        strokeWidth={1.5}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <text x={above.sagAt.x} y={above.sagAt.y + 16} textAnchor="middle">
        {sag}
      </text>
      <text className={styles.view} x={WIDTH - 8} y={tipAbove.y - 30} textAnchor="end">
        from above, the current comes from the top
      </text>
    </svg>
  );
}
