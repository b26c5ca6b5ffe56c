'use client';

import { Button } from 'antd';
import type { PullItem } from '@/core/pours/pull-list';
import { useBench } from '@/station-kit/BenchProvider';
import { layOutWorking } from '@/station-kit/figures/pours-working';
import { Figure } from '@/ui/figure/Figure';
import styles from './pull-list.module.css';

interface PullListProps {
  readonly items: readonly PullItem[];
  /** Puts the session into a calendar file. */
  readonly onCalendar: () => void;
  /** Puts the whole session on paper, as PDF. */
  readonly onSheet: () => void;
}

/** What to lay out before the pot goes on, place by place, with what is short and what could stand in for it. */
export function PullList({ items, onCalendar, onSheet }: PullListProps) {
  const { view } = useBench();
  const places = [...new Set(items.map(({ place }) => place))];
  return (
    <section className={styles.pull} aria-label="Lay out">
      <header>
        <h2>Lay out</h2>
        <Button size="small" onClick={() => window.print()}>
          Print
        </Button>
        <Button size="small" onClick={onSheet}>
          Job sheet
        </Button>
        <Button size="small" onClick={onCalendar}>
          Calendar file
        </Button>
      </header>
      <ul className={styles.places} data-bench={view.bench.name}>
        {places.map((place) => (
          <li key={place}>
            <h3>{place === '' ? 'No place noted' : place}</h3>
            <ul>
              {items
                .filter((item) => item.place === place)
                .map((item) => (
                  <li key={item.name} data-short={item.short > 0}>
                    <Figure working={layOutWorking(item)}>{item.count}</Figure> {item.name}
                    {item.short > 0 ? (
                      <small>
                        {item.short} short
                        {item.instead.length > 0
                          ? `; ${item.instead.map(({ name, free, place: at }) => `${free} ${name} lie in ${at}`).join(', ')}`
                          : '; nothing of that size stands in'}
                      </small>
                    ) : null}
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
