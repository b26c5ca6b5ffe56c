'use client';

import { Button, Select } from 'antd';
import { weekOf } from '@/model/week/bench-windows';
import { dueMinOf } from '@/model/week/week-shop';
import { dueOn } from '@/model/tickets/due-on';
import { placedTasks } from '@/model/week/week-rows';
import { TASK_WORDS } from '@/model/week/week-task';
import { weekdayText } from '@/text/date-text';
import { minutesText } from '@/text/words';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { row } from '@/ui/layout/layout';
import { lateWorking, spanText, taskWorking } from '../figures/week-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { useStart } from './use-start';
import type { WeekAnswer } from './use-week';
import { atText, onText, outlooks, taskText, whoseText, type TicketOutlook } from './week-words';

interface WeekSlipProps {
  readonly answer: WeekAnswer | null;
  readonly pickedId: string | null;
}

/** Beside the week: the piece in hand with what it waits for, and when each ticket is done. */
export function WeekSlip({ answer, pickedId }: WeekSlipProps) {
  if (!answer?.planned) {
    return (
      <>
        <SlipTitle over="The week">Not planned yet</SlipTitle>
        <p className="quiet">With a ticket and hours at the bench, this slip says when each is done.</p>
      </>
    );
  }
  const told = outlooks(answer);
  return (
    <>
      <PickedTask answer={answer} pickedId={pickedId} />
      <SlipTitle over="The week">{titleOf(answer, told)}</SlipTitle>
      {answer.planned.plan.totalLateMin > 0 ? (
        <SlipPart label="Late">
          <SlipRow name="Late, together">
            <Figure working={lateWorking(answer.planned.plan, told, datedDues(answer))}>
              {spanText(answer.planned.plan.totalLateMin)}
            </Figure>
          </SlipRow>
        </SlipPart>
      ) : null}
      <SlipPart label="When each ticket is done">
        {told.map(({ ticket, day, band, lateDays }) => (
          <div key={ticket.id}>
            <SlipRow name={`${ticket.no} ${ticket.title}`}>
              <span className="narrow">{day}</span>
            </SlipRow>
            <small className={lateDays > 0 ? 'wrong' : 'quiet'}>
              {lateDays > 0 ? `${lateDays} ${lateDays === 1 ? 'day' : 'days'} late; ` : ''}nine times in ten{' '}
              {band}
            </small>
          </div>
        ))}
      </SlipPart>
      <SlipNote tone="care">
        Cures and cement go on by themselves, the pot never does: who lights it stays with it until it is
        empty.
      </SlipNote>
    </>
  );
}

/** When tickets that have a day are due, minutes from now. */
function datedDues({ tickets, now }: WeekAnswer): number[] {
  return tickets.filter((ticket) => dueOn(ticket) !== null).map((ticket) => dueMinOf(ticket, now));
}

/** What the week says in a word or two: never that all is well while something is short. */
function titleOf({ tasks, tickets, unplanned }: WeekAnswer, told: readonly TicketOutlook[]): string {
  const late = told.filter(({ lateDays }) => lateDays > 0).length;
  if (told.length === 0) return unplanned.length > 0 ? 'Not known' : 'Nothing to do';
  if (late > 0) return `${late} late`;
  if (tasks.some(({ lacks }) => lacks.some(({ dueOn: day }) => day === null)))
    return 'Once all of it is there';
  return tickets.some((ticket) => dueOn(ticket) !== null) ? 'All in time' : 'Planned';
}

/** The task that is picked: what it waits for, where it is pinned, where to begin it. */
function PickedTask({ answer, pickedId }: WeekSlipProps & { readonly answer: WeekAnswer }) {
  const { view, workshop } = useBench();
  const start = useStart();
  const placed = answer.planned ? placedTasks(answer.tasks, answer.planned) : [];
  const task = placed.find(({ id }) => id === pickedId);
  if (!task) return null;
  const week = weekOf(view.bench);
  const pin = week.pins.find((each) => each.task === task.id);
  const waitsFor = placed.filter(({ id }) => task.after.some((each) => each.id === id));
  const holdsUp = placed.filter(({ after }) => after.some(({ id }) => id === task.id));
  const days = [...new Set(answer.windows.map(({ day }) => day))];
  const save = (pins: typeof week.pins) =>
    inBackground(workshop.bench.save({ ...view.bench, week: { ...week, pins } }));
  const others = week.pins.filter((each) => each.task !== task.id);
  return (
    <>
      <SlipTitle over={`${TASK_WORDS[task.kind]}, ticket ${whoseText(task, answer.tickets)}`}>
        {task.what}
      </SlipTitle>
      <SlipPart label="The piece in hand">
        <SlipRow name={onText(answer.now, task.startMin)}>
          {atText(answer.now, task.startMin)} to {atText(answer.now, task.endMin)}
        </SlipRow>
        <SlipRow name={task.isOwn ? 'At your pace' : 'As is usual, about'}>
          <Figure working={taskWorking(task)}>{minutesText(task.minutes * 60)}</Figure>
        </SlipRow>
        {waitsFor.map((each) => (
          <SlipNote key={each.id} tone="mind">
            Waits for {taskText(each, answer.tickets)}.
          </SlipNote>
        ))}
        {holdsUp.map((each) => (
          <SlipNote key={each.id} tone="go">
            Then {taskText(each, answer.tickets)}.
          </SlipNote>
        ))}
        {task.hands ? (
          <div className={row(8)}>
            <Select
              aria-label="On which day"
              value={pin?.day ?? null}
              placeholder="Put it on a day"
              style={{ minWidth: 150 }}
              options={days.map((day) => ({ value: day, label: weekdayText(day) }))}
              onChange={(day) => save([...others, { task: task.id, day }])}
            />
            {pin ? (
              <Button onClick={() => save(others)}>Unpin</Button>
            ) : (
              <Button
                onClick={() =>
                  save([
                    ...others,
                    {
                      task: task.id,
                      day: answer.windows.find((each) => each.toMin > task.startMin)?.day ?? '',
                    },
                  ])
                }
              >
                Pin it there
              </Button>
            )}
          </div>
        ) : null}
        <Button type="primary" onClick={() => start(task)}>
          Start
        </Button>
      </SlipPart>
    </>
  );
}
