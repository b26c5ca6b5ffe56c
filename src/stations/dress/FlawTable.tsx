'use client';

import { row, stack } from '@/ui/layout/layout';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { FIRST_POURS } from '@/core/quality/causes/clues';
import { countFlaws, type CountedCasting, type FlawCount } from '@/core/quality/count-flaws';
import { findFlaw } from '@/core/quality/flaws';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { flawShareWorking } from '@/ui/quality-drawing/quality-working';
import { Figure } from '@/ui/figure/Figure';
import table from '@/ui/quality-drawing/cause-table.module.css';
import styles from './flaws.module.css';

type By = 'mold' | 'cavity' | 'pot' | 'pour';

/** Pots are counted in bands this wide, C. */
const BAND_C = 10;
const SHOWN_KINDS = 3;
const MOST_ROWS = 9;

/** Castings that went wrong, counted by mold, cavity, pot temperature or pour, with how sure each share is. */
export function FlawTable({ castings }: { castings: readonly CountedCasting[] }) {
  const { view } = useBench();
  const { temperature } = useUnits();
  const [by, setBy] = useState<By>('mold');
  const moldName = (id: string) => view.moldById.get(id)?.name ?? 'a block that is gone';
  const keyOf: Record<By, (casting: CountedCasting) => string | null> = {
    mold: ({ moldId }) => (moldId === null ? null : moldName(moldId)),
    cavity: ({ moldId, cavity }) =>
      moldId === null || cavity === null ? null : `${moldName(moldId)}, cavity ${cavity + 1}`,
    pot: ({ potC }) => (potC === null ? null : String(Math.floor(potC / BAND_C) * BAND_C)),
    pour: ({ pourNo }) =>
      pourNo === null
        ? null
        : pourNo <= FIRST_POURS
          ? `pour ${pourNo}`
          : pourNo <= 10
            ? 'pour 4 to 10'
            : 'pour 11 on',
  };
  const counted = countFlaws(castings, keyOf[by]);
  const rows = [...counted].sort((a, b) =>
    by === 'pot'
      ? Number(a.key) - Number(b.key)
      : by === 'pour'
        ? Number(/\d+/.exec(a.key)?.[0]) - Number(/\d+/.exec(b.key)?.[0])
        : b.flawed - a.flawed || b.share - a.share,
  );
  const label = ({ key }: FlawCount) =>
    by === 'pot'
      ? `${temperatureText(Number(key), temperature)} to ${temperatureText(Number(key) + BAND_C, temperature)}`
      : key;
  const widest = Math.max(0.1, ...rows.map(({ highShare }) => highShare));
  return (
    <section aria-label="Flaws counted">
      <header className={row(10, table.head)}>
        <h3>Flaws by</h3>
        <Segmented<By>
          aria-label="Flaws by"
          value={by}
          options={[
            { value: 'mold', label: 'Block' },
            { value: 'cavity', label: 'Cavity' },
            { value: 'pot', label: 'Pot' },
            { value: 'pour', label: 'Pour' },
          ]}
          onChange={setBy}
        />
      </header>
      {rows.length === 0 ? (
        <p className="quiet">
          {by === 'pot'
            ? 'No pour was read by a thermocouple yet.'
            : 'No run is booked yet. What is tapped as misfilled there is counted here.'}
        </p>
      ) : (
        <ol className={stack(2, table.rows)}>
          {rows.slice(0, MOST_ROWS).map((row) => (
            <li key={row.key}>
              <strong>{label(row)}</strong>
              <svg
                viewBox="0 0 200 16"
                preserveAspectRatio="none"
                role="img"
                aria-label={`${(row.share * 100).toFixed(1)} %, 95 % sure between ${(row.lowShare * 100).toFixed(0)} and ${(row.highShare * 100).toFixed(0)} %`}
              >
                <rect x="0" y="5" width={(row.share / widest) * 200} height="6" className={styles.bar} />
                <path
                  d={`M${(row.lowShare / widest) * 200} 8H${(row.highShare / widest) * 200}`}
                  className={styles.sure}
                />
              </svg>
              <b>
                <Figure working={flawShareWorking(label(row), row)}>{(row.share * 100).toFixed(1)} %</Figure>
              </b>
              <small>
                {row.flawed} of {row.cast}
                {row.kinds.length > 0
                  ? `: ${row.kinds
                      .slice(0, SHOWN_KINDS)
                      .map(({ kind, count }) => `${count} ${findFlaw(kind).name.toLowerCase()}`)
                      .join(', ')}`
                  : ''}
              </small>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
