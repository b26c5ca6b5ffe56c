'use client';

import { stack } from '@/ui/layout/layout';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { Nothing } from '@/ui/frame/Nothing';
import { numberText } from '@/text/number-text';
import { useBench } from '@/station-kit/BenchProvider';
import { moneyWorking } from '@/station-kit/figures/money-working';
import { Figure } from '@/ui/figure/Figure';
import { moneyText } from '@/model/cost/cost-slices';
import { seasonLosses } from '@/model/cost/losses';
import styles from './cost.module.css';

/** What the water took this year, and what that cost. */
export function LossPart() {
  const { view, workshop } = useBench();
  const router = useRouter();
  const { sign } = view.bench.money;
  const year = dayjs(workshop.now());
  const lines = useMemo(
    () => seasonLosses(view, year.startOf('year').valueOf()),
    // A day's new notes come with the view.
    [view, year],
  );
  const lost = lines.reduce((so, line) => so + line.lost, 0);
  const cost = lines.reduce((so, line) => so + line.lost * line.each, 0);
  const hours = lines.reduce((so, line) => so + line.hours, 0);
  const dearest = Math.max(1e-9, ...lines.map((line) => line.lost * line.each));
  if (lines.length === 0) {
    return (
      <Nothing
        says="No loss was noted this year. What the water takes is noted at Water, and costed here."
        mend="Note a loss"
        onMend={() => router.push('/water')}
      />
    );
  }
  return (
    <>
      <p className={styles.answer}>
        <Figure
          size="large"
          working={moneyWorking(
            'Lost this year',
            lines.map(({ name, lost: count, each }) => ({ name, count, each })),
            cost,
            sign,
          )}
        >
          {moneyText(cost, sign)}
        </Figure>{' '}
        on the bottom this year: {numberText(lost)} baits in {numberText(hours, 3)} h with what lost some,{' '}
        {moneyText(cost / lost, sign)} each on the average.
      </p>
      <ul className={stack(6, styles.routes)}>
        {lines.map((line) => (
          <li key={line.id}>
            <span>
              <i style={{ width: `${(100 * line.lost * line.each) / dearest}%` }} aria-hidden="true" />
              {line.name}
            </span>
            <b>
              <Figure
                working={moneyWorking(
                  'Lost',
                  [{ name: line.name, count: line.lost, each: line.each }],
                  line.lost * line.each,
                  sign,
                )}
              >
                {moneyText(line.lost * line.each, sign)}
              </Figure>
            </b>
            <span className="quiet">
              {line.lost} lost, {moneyText(line.each, sign)} each
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
