'use client';

import type { AlloyFit } from '@/core/metals/rank-alloys';
import { numberText as n } from '@/text/number-text';
import styles from './metal-drawing.module.css';

const WIDTH = 520;
const BASE = 74;
const FROM = 6.5;
const TO = 19;

/** Where a measured density lies among the metals known, with its error; what fits stands out. */
export function DensityLine(props: {
  densityGcm3: number;
  errorGcm3: number;
  fits: readonly (AlloyFit & { readonly name: string })[];
}) {
  const { densityGcm3, errorGcm3, fits } = props;
  // Most metals lie between 7 and 12; sintered tungsten is far off, so the line is even in ratio.
  const x = (density: number) => (Math.log(density / FROM) / Math.log(TO / FROM)) * WIDTH;
  const clamp = (density: number) => x(Math.min(TO, Math.max(FROM, density)));
  const [low, high] = [clamp(densityGcm3 - 2 * errorGcm3), clamp(densityGcm3 + 2 * errorGcm3)];
  return (
    <svg
      viewBox={`-10 0 ${WIDTH + 20} 104`}
      className={styles.densityLine}
      role="img"
      aria-label={`Density ${n(densityGcm3, 4)} among known metals`}
    >
      <rect x={low} y={18} width={Math.max(2, high - low)} height={BASE - 18} fill="var(--quench-wash)" />
      <path d={`M${clamp(densityGcm3)} 18V${BASE}`} stroke="var(--quench)" strokeWidth="2" />
      <text x={clamp(densityGcm3)} y={13} textAnchor="middle" className={styles.densityFound}>
        {n(densityGcm3, 4)} ± {n(2 * errorGcm3, 2)}
      </text>
      <path d={`M0 ${BASE}H${WIDTH}`} stroke="var(--lead)" />
      {[7, 8, 9, 10, 11, 12, 14, 16].map((tick) => (
        <g key={tick}>
          <path d={`M${x(tick)} ${BASE}v6`} stroke="var(--lead)" />
          <text x={x(tick)} y={BASE + 21} textAnchor="middle" className={styles.densityTick}>
            {tick}
          </text>
        </g>
      ))}
      {fits.map((fit) => (
        <g key={fit.key}>
          <title>{`${fit.name}: ${n(fit.densityGcm3, 4)} g/cm³`}</title>
          <path
            d={`M${x(fit.densityGcm3)} ${BASE}V${fit.fits ? 36 : 54}`}
            stroke={fit.fits ? 'var(--ember)' : 'var(--lead)'}
            strokeWidth={fit.fits ? 2 : 1.2}
          />
          <circle
            cx={x(fit.densityGcm3)}
            cy={fit.fits ? 36 : 54}
            r={fit.fits ? 4.5 : 3}
            fill={fit.fits ? 'var(--ember)' : 'var(--lead)'}
          />
        </g>
      ))}
      <text x={WIDTH} y={BASE + 21} textAnchor="end" className={styles.densityTick}>
        g/cm³
      </text>
    </svg>
  );
}
