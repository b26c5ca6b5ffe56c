import { memo } from 'react';
import styles from './materials.module.css';

interface SteelProps {
  /** The middle of the wire, mm. */
  readonly d: string;
  readonly wireMm: number;
  /** Its color where it is not steel's own: a wire that is marked, or plated. */
  readonly tone?: string;
}

/**
 * Round wire as a tube in the light from the upper left: dark, its own color a little aside, a thin highlight.
 * The light stays where it is however the wire is bent.
 */
export const Steel = memo(function Steel({ d, wireMm, tone }: SteelProps) {
  const aside = (share: number) => `translate(${-share * 0.5 * wireMm} ${-share * wireMm})`;
  return (
    <g className={styles.steel}>
      <path d={d} strokeWidth={wireMm} className={styles.deep} style={tone ? { stroke: tone } : undefined} />
      <path
        d={d}
        strokeWidth={wireMm * 0.62}
        className={styles.middle}
        style={tone ? { stroke: tone } : undefined}
        transform={aside(0.09)}
      />
      <path d={d} strokeWidth={wireMm * 0.2} className={styles.shine} transform={aside(0.2)} />
    </g>
  );
});
