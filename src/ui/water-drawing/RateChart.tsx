'use client';

import { stack } from '../layout/layout';
import { Figure, type Working } from '../figure/Figure';
import { layRates, type RateBand } from '@/drawing/water/rate-rows';
import styles from './water-drawing.module.css';

interface RateChartProps {
  readonly label: string;
  readonly rows: readonly (RateBand & { readonly note: string; readonly working: Working })[];
  readonly winner: string | null;
}

/** What came in an hour, group by group: a mark where it most likely is, a band that holds it nine times in ten. */
export function RateChart({ label, rows, winner }: RateChartProps) {
  const { bands, ticks, most } = layRates(rows);
  return (
    <div className={stack(0, styles.rates)} role="table" aria-label={label}>
      {rows.map((row, nth) => {
        const band = bands[nth];
        if (!band) return null;
        const percent = (share: number) => `${(100 * share).toFixed(2)}%`;
        return (
          <div key={row.under} role="row" data-winner={row.under === winner}>
            <span role="cell">
              {row.under}
              <small>{row.note}</small>
            </span>
            <span role="cell" className={styles.scale}>
              <i style={{ left: percent(band.from), width: percent(band.to - band.from) }} />
              <b style={{ left: percent(band.at) }} />
            </span>
            <span role="cell">
              <Figure working={row.working}>{row.perHour.toFixed(2)}</Figure>{' '}
              <small>{`${row.low.toFixed(2)} to ${row.high.toFixed(2)}`}</small>
            </span>
          </div>
        );
      })}
      <div className={styles.ticks} aria-hidden="true">
        <span />
        <span className={styles.scale}>
          {ticks.map((tick) => (
            <em key={tick} style={{ left: `${(100 * tick) / most}%` }}>
              {tick}
            </em>
          ))}
        </span>
        <span />
      </div>
    </div>
  );
}
