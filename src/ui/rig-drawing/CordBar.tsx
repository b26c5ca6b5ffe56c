import type { GradedWeight } from '@/core/rigs/graded-weights';
import styles from './rig-parts.module.css';

/** The cord with its shot, from the side, to scale. */
export function CordBar({
  cordMm,
  shots,
  shotMm,
  sealMm,
}: GradedWeight & { readonly shotMm: number; readonly sealMm: number }) {
  return (
    <svg viewBox={`0 -4 ${Math.max(cordMm, 1)} 8`} width={Math.min(190, cordMm)} height={16} aria-hidden>
      <rect
        x={0}
        y={-3.2}
        width={cordMm}
        height={6.4}
        rx={1}
        fill="color-mix(in srgb, var(--quench) 24%, transparent)"
        stroke="var(--quench-ink)"
        strokeWidth={0.4}
      />
      {Array.from({ length: shots }, (_, nth) => (
        <circle
          key={nth}
          cx={sealMm + shotMm * (nth + 0.5)}
          cy={0}
          r={Math.min(3, shotMm / 2)}
          className={styles.shotDot}
        />
      ))}
    </svg>
  );
}
