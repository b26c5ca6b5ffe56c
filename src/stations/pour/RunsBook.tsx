'use client';

import { apart, stack } from '@/ui/layout/layout';
import { weekdayText } from '@/text/date-text';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { afterPour } from '@/model/next/next-steps';
import { NextSteps } from '@/station-kit/NextSteps';
import { useBench } from '@/station-kit/BenchProvider';
import { lotText, massText } from '@/text/words';
import type { MassUnit } from '@/core/units/write-mass';
import type { Run } from '@/records/run';
import { useUnits } from '@/ui/units/use-units';
import styles from './pour.module.css';

const RunsChart = dynamic(() => import('@/ui/pour-drawing/RunsChart').then((module) => module.RunsChart), {
  ssr: false,
});

const LATEST = 5;

/** The book of past runs: how many came good on each, and the latest in figures. */
export function RunsBook() {
  const { view } = useBench();
  const { mass } = useUnits();
  const booked = view.runs.filter((run) => run.booking !== null && run.state === 'booked');
  const newest = booked.at(-1);
  const next = useMemo(() => (newest ? afterPour(newest, view, mass) : []), [newest, view, mass]);
  if (!newest) return null;
  return (
    <section className={stack(14, styles.book)} aria-label="Past runs">
      {next.length > 0 ? (
        <div className={stack(10, 'said')}>
          <p>
            Run {newest.no} is booked: {goodText(newest, mass)}.
          </p>
          <NextSteps steps={next} />
        </div>
      ) : null}
      <h2>Past runs</h2>
      <div className={apart(24, styles.bookGrid)}>
        <RunsChart runs={booked} />
        <ol className={styles.bookList}>
          {[...booked]
            .reverse()
            .slice(0, LATEST)
            .map((run) => (
              <li key={run.id}>
                <strong>
                  {run.no} · {weekdayText(run.startedAt)}
                </strong>
                <span>
                  {run.blocks
                    .map((block) => view.moldById.get(block.moldId)?.name ?? 'a block gone')
                    .join(', ')}
                  , {lotText(view.binById.get(run.metalBinId)?.name ?? 'a lot gone')}
                </span>
                <span>{goodText(run, mass)}</span>
              </li>
            ))}
        </ol>
      </div>
    </section>
  );
}

/** What a run gave: `12 good, 0 misfilled, 2.78 oz of metal`. */
function goodText({ booking }: Run, mass: MassUnit): string {
  return `${booking?.good} good, ${booking?.misfilled} misfilled, ${massText(booking?.goodG ?? 0, mass)} of metal`;
}
