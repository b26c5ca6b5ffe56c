'use client';

import { Button, Progress } from 'antd';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { Week } from '@/records/week';
import { benchWindows, weekOf } from '@/model/week/bench-windows';
import { placedTasks, sittingsOf, weekRows, type PlacedTask } from '@/model/week/week-rows';
import { TASK_WORDS } from '@/model/week/week-task';
import { weekdayText } from '@/text/date-text';
import { minutesText } from '@/text/words';
import { Nothing } from '@/ui/frame/Nothing';
import { row, stack } from '@/ui/layout/layout';
import { useSentence } from '@/ui/units/use-units';
import { WeekBoard, type BoardDay, type BoardPiece } from '@/ui/week-board/WeekBoard';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { JobFailure } from '../JobFailure';
import { useDragSensors } from '../use-drag-sensors';
import { useNotice } from '../use-notice';
import type { Job } from '../use-job';
import { AskWhen } from './AskWhen';
import { useWeekOut } from './use-week-out';
import { ChangedLine } from './ChangedLine';
import { UnplannedNote } from './UnplannedNote';
import { Tonight } from './Tonight';
import type { WeekAnswer } from './use-week';
import { atText, beginText, whoseText } from './week-words';
import styles from './week.module.css';

/** Hours are said once: their form comes when it is opened. */
const HoursForm = dynamic(() => import('./HoursForm').then((module) => module.HoursForm), { ssr: false });

const DAYS = 7;

interface WeekPartProps {
  readonly job: Job<WeekAnswer>;
  readonly pickedId: string | null;
  readonly onPick: (id: string | null) => void;
  /** Writes a ticket. */
  readonly onTicket: () => void;
}

/** The week: what to do next in its order, then day by day who and what is busy with whose work. */
export function WeekPart({ job, pickedId, onPick, onTicket }: WeekPartProps) {
  const { view, workshop } = useBench();
  const sentence = useSentence();
  const notice = useNotice();
  const sensors = useDragSensors();
  const out = useWeekOut();
  const [first, setFirst] = useState(0);
  const [isAsking, setAsking] = useState<'hours' | 'when' | null>(null);
  const { answer } = job;
  const week = weekOf(view.bench);
  const placed = useMemo(() => (answer?.planned ? placedTasks(answer.tasks, answer.planned) : []), [answer]);
  const links = useMemo(
    () => (answer?.tasks ?? []).flatMap((task) => task.after.map(({ id }) => [id, task.id] as const)),
    [answer],
  );
  const save = (next: Week) => inBackground(workshop.bench.save({ ...view.bench, week: next }));
  const days = useMemo(() => (answer ? boardDays(answer, placed, first) : []), [answer, placed, first]);
  if (job.failure !== null) return <JobFailure job={job} />;
  if (!answer) return <Planning job={job} says="Planning the week." />;

  const move = (id: string, day: string) => {
    if (benchWindows(week, answer.now).every((window) => window.day !== day)) {
      notice.warning(`You are not at the bench on ${weekdayText(day)}. Give that day some hours first.`, 5);
      return;
    }
    save({ ...week, pins: [...week.pins.filter(({ task }) => task !== id), { task: id, day }] });
  };
  const isOff = (day: string) => week.exceptions.some((each) => each.day === day);
  const turn = (day: string) =>
    save({
      ...week,
      exceptions: isOff(day)
        ? week.exceptions.filter((each) => each.day !== day)
        : [...week.exceptions, { day, times: [] }],
    });
  return (
    <div className={stack(14)}>
      <div className={row(8)}>
        <Button onClick={() => setAsking('hours')}>When I am at the bench</Button>
        <Button onClick={() => setAsking('when')}>When could I have…</Button>
        <Button disabled={placed.length === 0} onClick={() => inBackground(out.print(answer, placed))}>
          Print the week
        </Button>
        <Button disabled={placed.length === 0} onClick={() => out.calendar(answer, placed)}>
          Into my calendar
        </Button>
        {view.bench.week ? null : (
          <span className={styles.usual}>hours as is usual, until you say yours</span>
        )}
      </div>
      {job.is === 'working' ? <Planning job={job} says="Planning anew." /> : null}
      {answer.problem ? (
        <p role="alert" className="wrong">
          {answer.windows.length === 0
            ? 'There is no time at the bench in the next ten weeks: say when you are there, and the week is planned.'
            : sentence(answer.problem)}
        </p>
      ) : null}
      {answer.planned && !answer.planned.keepsHeld ? (
        <p role="alert" className="wrong">
          What was put on a day by hand finds no room there: the week is planned without it. Remove a pin, or
          make that evening longer.
        </p>
      ) : null}
      <UnplannedNote answer={answer} />
      <ChangedLine answer={answer} />
      {answer.tasks.length === 0 && answer.unplanned.length === 0 ? (
        <Nothing
          says={
            answer.tickets.length === 0
              ? 'No ticket is open. Write one, and the week says when it can be done.'
              : 'All that open tickets ask is done. Close them, or write the next.'
          }
          mend="Write a ticket"
          onMend={onTicket}
        />
      ) : null}
      <Tonight answer={answer} sitting={sittingsOf(placed, answer.windows)[0] ?? null} onPick={onPick} />
      {answer.tasks.length > 0 ? (
        <section aria-label="The week" className={styles.week}>
          <div className={row(8)}>
            <Button disabled={first === 0} onClick={() => setFirst(first - DAYS)}>
              A week back
            </Button>
            <Button onClick={() => setFirst(first + DAYS)}>A week on</Button>
            <span className="quiet">
              One scale of time; a piece pulled to another day stays there, and what follows moves.
            </span>
          </div>
          <WeekBoard
            days={days.map((day) => ({
              ...day,
              isOff: isOff(day.day) && day.open.length === 0,
              beside: (
                <Button size="small" type="text" onClick={() => turn(day.day)}>
                  {isOff(day.day) ? 'As usual' : 'Skip this day'}
                </Button>
              ),
            }))}
            pickedId={pickedId}
            onPick={onPick}
            onMove={move}
            links={links}
            sensors={sensors}
          />
        </section>
      ) : null}
      {isAsking === 'hours' ? <HoursForm week={week} onSave={save} onClose={() => setAsking(null)} /> : null}
      {isAsking === 'when' ? <AskWhen onClose={() => setAsking(null)} /> : null}
    </div>
  );
}

/** A plan that is under way, and how to call it off. */
function Planning({ job, says }: { readonly job: Job<WeekAnswer>; readonly says: string }) {
  const [isOff, setOff] = useState(false);
  if (isOff) {
    const again = () => {
      setOff(false);
      job.again();
    };
    return (
      <p role="status">
        Canceled. <Button onClick={again}>Plan the week</Button>
      </p>
    );
  }
  return (
    <div className={row(8)} role="status">
      <span>{says}</span>
      <Progress
        percent={100}
        status="active"
        showInfo={false}
        size="small"
        style={{ maxWidth: 160 }}
        aria-label={says}
      />
      <Button
        size="small"
        onClick={() => {
          setOff(true);
          job.cancel();
        }}
      >
        Cancel
      </Button>
    </div>
  );
}

/** The days as the board draws them: hands first, then what else is busy. */
function boardDays(
  { now, tickets, windows, planned, shop }: WeekAnswer,
  placed: readonly PlacedTask[],
  first: number,
): Omit<BoardDay, 'isOff' | 'beside'>[] {
  const late = new Set(planned?.plan.orders.flatMap(({ id, lateMin }) => (lateMin > 0 ? [id] : [])));
  const pieceOf = (task: PlacedTask): BoardPiece => {
    const [own, ...others] = task.ticketIds;
    const isLate = task.ticketIds.some((id) => late.has(id));
    const whose = whoseText(task, tickets);
    const small = `${whose ? `ticket ${whose}, ` : ''}${task.isOwn ? '' : 'about '}${minutesText(task.minutes * 60)}${isLate ? ', late' : ''}`;
    return {
      id: task.id,
      says: `${TASK_WORDS[task.kind]} ${task.what}`,
      small,
      // What stands on it, word for word, and then when.
      name: `${TASK_WORDS[task.kind]}: ${task.what}, ${small}, ${beginText(task, now)}`,
      fromMin: task.startMin,
      toMin: task.endMin,
      hue: own === undefined || others.length > 0 ? null : tickets.findIndex(({ id }) => id === own),
      isLate,
      isGuess: task.hands && !task.isOwn,
      mayMove: task.hands,
    };
  };
  return weekRows(placed, windows, now, first, DAYS).map(({ day, windows: open, fromMin, toMin, tasks }) => {
    const lane = (name: string, isThin: boolean, is: (task: PlacedTask) => boolean) => ({
      name,
      isThin,
      pieces: tasks.filter(is).map(pieceOf),
    });
    const byHand = handLanes(tasks, shop.pairs ?? 1);
    const handMin = tasks.reduce((so, task) => so + (task.hands ? task.minutes : 0), 0);
    const times = open.map((each) => `${atText(now, each.fromMin)} to ${atText(now, each.toMin)}`);
    return {
      day,
      title: weekdayText(day),
      says: [
        times.length > 0 ? times.join(', ') : 'not at the bench',
        handMin > 0 ? `${minutesText(handMin * 60)} of hands` : '',
      ]
        .filter(Boolean)
        .join('; '),
      open,
      fromMin,
      toMin,
      lanes: [
        ...byHand.map((own, nth) => ({
          name: byHand.length > 1 ? `Hands ${nth + 1}` : 'Hands',
          isThin: false,
          pieces: own.map(pieceOf),
        })),
        lane('Oven', true, ({ kind, place }) => kind === 'cure' && place === 'oven'),
        lane('Dries', true, ({ hands, place }) => !hands && place === null),
      ].filter(({ isThin, pieces }) => pieces.length > 0 || (!isThin && open.length > 0)),
    };
  });
}

/** Hand work by the pair of hands that is free for it. */
function handLanes(tasks: readonly PlacedTask[], pairs: number): PlacedTask[][] {
  const lanes = Array.from({ length: pairs }, (): PlacedTask[] => []);
  for (const task of tasks) {
    if (!task.hands) continue;
    const free = lanes.find((lane) => (lane.at(-1)?.endMin ?? 0) <= task.startMin + 1e-6);
    (free ?? lanes[0])?.push(task);
  }
  return lanes;
}
