'use client';

import { dayText } from '@/text/date-text';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { Nothing } from '@/ui/frame/Nothing';
import { Figure } from '@/ui/figure/Figure';
import { perMonthWorking, runOutWorking } from '@/station-kit/figures/run-out-working';
import type { RunOut } from '@/core/stock/forecast-use';
import { amountText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { dayOfYear, seasonOf, usedBins, usedByMonth } from '@/model/stock/past-use';
import styles from './use.module.css';
import { JobFailure } from '@/station-kit/JobFailure';
import { useJob } from '@/station-kit/use-job';

const MONTHS = 6;
const MOST_ROWS = 60;
/** The band is drawn over this long, days. */
const DRAWN_DAYS = 180;
const SEED = 9;

/** What is used in a month, and when each bin runs out, with the band that holds it nine times in ten. */
export function UsePart() {
  const { view, workshop } = useBench();
  const router = useRouter();
  const { mass } = useUnits();
  const [now] = useState(() => workshop.now());
  const used = useMemo(() => usedBins(view, now), [view, now]);
  const job = useJob<ReadonlyMap<string, RunOut | null>>();
  const { start } = job;
  useEffect(() => {
    const season = seasonOf(used, now);
    start(async ({ ask }) => {
      const asked = { bins: used, season, startOfYearDay: dayOfYear(now), seed: SEED };
      return new Map((await ask('forecastUse', asked)).map(({ id, runOut }) => [id, runOut]));
    });
  }, [used, now, start]);
  const runOuts = job.answer;
  if (used.length === 0) {
    return (
      <Nothing
        says="Nothing was used yet. What runs and hands take is learned from here."
        mend="To the tickets"
        onMend={() => router.push('/ticket')}
      />
    );
  }
  if (job.failure !== null) return <JobFailure job={job} />;
  if (!runOuts) return <p role="status">Drawing what may come.</p>;
  const told = used
    .flatMap((bin) => {
      const runOut = runOuts.get(bin.id);
      return runOut ? [{ ...bin, runOut }] : [];
    })
    .sort((a, b) => (a.runOut.middle ?? Infinity) - (b.runOut.middle ?? Infinity));
  const quiet = used.length - told.length;
  const day = (days: number | null) =>
    days === null ? 'past two years' : dayText(dayjs(now).add(days, 'day').valueOf());
  const share = (days: number | null) => 100 * Math.min(1, (days ?? DRAWN_DAYS) / DRAWN_DAYS);
  return (
    <>
      <p className="quiet">
        {told.length} bins with history enough; {quiet} are left unsaid: used less than five times, or watched
        less than four weeks.
      </p>
      <ul className={styles.rows} aria-label="When bins run out">
        {told.slice(0, MOST_ROWS).map(({ id, takings, watchedDays, free, runOut }) => {
          const bin = view.binById.get(id);
          if (!bin) return null;
          const text = (qty: number) => amountText(Math.round(qty * 10) / 10, bin, mass);
          const months = usedByMonth(takings, now, MONTHS);
          const most = Math.max(1e-9, ...months);
          return (
            <li key={id}>
              <span>
                {bin.name}
                <small>
                  <Figure working={perMonthWorking(takings, watchedDays, runOut.usePerMonth, text)}>
                    {text(runOut.usePerMonth)}
                  </Figure>{' '}
                  a month
                </small>
              </span>
              <span className={styles.months} aria-hidden="true">
                {months.map((qty, nth) => (
                  <i key={nth} style={{ height: `${Math.max(3, (100 * qty) / most)}%` }} />
                ))}
              </span>
              <span className={styles.band} aria-hidden="true">
                <i
                  style={{
                    left: `${share(runOut.soonest)}%`,
                    width: `${Math.max(1, share(runOut.latest) - share(runOut.soonest))}%`,
                  }}
                />
                <b style={{ left: `${share(runOut.middle)}%` }} />
              </span>
              <span>
                <Figure
                  working={runOutWorking(
                    takings,
                    amountText(free, bin, mass),
                    [day(runOut.soonest), day(runOut.middle), day(runOut.latest)],
                    now,
                  )}
                >
                  {runOut.middle === 0 ? 'now' : day(runOut.middle)}
                </Figure>
                <small>
                  {day(runOut.soonest)} to {day(runOut.latest)}
                </small>
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}
