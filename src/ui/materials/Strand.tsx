import type { LineForm } from '@/core/parts/part-roles';
import styles from './materials.module.css';

interface StrandProps {
  readonly d: string;
  readonly form: LineForm | null;
  /** How thick it is drawn, mm. */
  readonly acrossMm: number;
}

/** What lies on a line's plain stroke: the lay of a cable, the plait of a braid, the gleam of clear line. */
export function Strand({ d, form, acrossMm: w }: StrandProps) {
  const dashes = (...shares: number[]) => shares.map((share) => share * w).join(' ');
  const aside = (share: number) => `translate(0 ${share * w})`;
  switch (form) {
    case 'cable':
      return (
        <g data-light className={styles.strand}>
          <path d={d} strokeWidth={w} className={styles.deep} />
          <path d={d} strokeWidth={w * 0.82} className={styles.middle} strokeDasharray={dashes(1.1, 0.35)} />
          <path
            d={d}
            strokeWidth={w * 0.26}
            className={styles.shine}
            strokeDasharray={dashes(0.7, 0.75)}
            transform={aside(-0.22)}
          />
        </g>
      );
    case 'cord':
      return (
        <g data-light className={styles.strand}>
          {[-0.22, 0.22].map((share) => (
            <path
              key={share}
              d={d}
              strokeWidth={w * 0.36}
              className={styles.lightTurn}
              strokeDasharray={dashes(0.8, 0.8)}
              strokeDashoffset={share > 0 ? w * 0.8 : 0}
              transform={aside(share)}
            />
          ))}
        </g>
      );
    case 'hollow':
      return null;
    default:
      return (
        <g data-light className={styles.strand}>
          <path d={d} strokeWidth={w * 0.34} className={styles.gleam} transform={aside(-0.16)} />
        </g>
      );
  }
}
