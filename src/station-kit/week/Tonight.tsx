'use client';

import dayjs from 'dayjs';
import { Button } from 'antd';
import type { Sitting } from '@/model/week/week-rows';
import { TASK_WORDS } from '@/model/week/week-task';
import { weekdayText } from '@/text/date-text';
import { amountText, minutesText } from '@/text/words';
import { line } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { sittingWorking } from '../figures/week-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '../BenchProvider';
import { useStart } from './use-start';
import type { WeekAnswer } from './use-week';
import { atText, whoseText } from './week-words';
import styles from './week.module.css';

interface TonightProps {
  readonly answer: WeekAnswer;
  readonly sitting: Sitting | null;
  readonly onPick: (id: string) => void;
}

/** What to do at the next sitting, in its order: each with the station where it is done, the right thing in hand. */
export function Tonight({ answer, sitting, onPick }: TonightProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const start = useStart();
  if (!sitting) return null;
  const { window, tasks } = sitting;
  const isToday = window.day === dayjs(workshop.now()).format('YYYY-MM-DD');
  const hours = new Date(answer.now + window.fromMin * 60_000).getHours();
  const title = isToday ? (hours >= 17 ? 'Tonight' : 'Today') : weekdayText(window.day);
  const allMin = tasks.reduce((so, { minutes }) => so + minutes, 0);
  return (
    <section aria-label="Next at the bench" className={styles.tonight}>
      <header className={line(6)}>
        <h2>{title}, in this order,</h2>
        <Figure size="large" working={sittingWorking(tasks)}>
          {minutesText(allMin * 60)}
        </Figure>
      </header>
      <ol>
        {tasks.map((task, nth) => {
          const short = task.lacks.flatMap(({ binId, qty, dueOn }) => {
            const bin = view.binById.get(binId);
            if (bin && !view.levels.has(binId)) return [`${bin.name} not counted yet`];
            return bin
              ? [
                  `${amountText(qty, bin, mass)} ${bin.name}${dueOn ? ` by ${weekdayText(dueOn)}` : ', none on order'}`,
                ]
              : [];
          });
          const whose = whoseText(task, answer.tickets);
          return (
            <li key={task.id}>
              <time>{atText(answer.now, task.startMin)}</time>
              <button type="button" className={styles.task} onClick={() => onPick(task.id)}>
                <b>{TASK_WORDS[task.kind]}</b> {task.what}
                <small>
                  {whose ? `ticket ${whose}, ` : ''}
                  <span className={task.isOwn ? undefined : styles.usual}>
                    {task.isOwn ? '' : 'about '}
                    {minutesText(task.minutes * 60)}
                  </span>
                  {short.length > 0 ? `; needs ${short.join(', ')}` : ''}
                </small>
              </button>
              <Button
                type={nth === 0 ? 'primary' : 'default'}
                aria-label={`Start: ${TASK_WORDS[task.kind]} ${task.what}`}
                onClick={() => start(task)}
              >
                Start
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
