'use client';

import { Button, Progress } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { sum } from '@/core/numeric/sum';
import { placedTasks } from '@/model/week/week-rows';
import { amountText, minutesText } from '@/text/words';
import { weekdayText } from '@/text/date-text';
import { SlipNote, SlipPart, SlipRow } from '@/ui/frame/Slip';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { JobFailure } from '../JobFailure';
import { UnplannedNote } from './UnplannedNote';
import { usePromise, type Asked, type TicketPromise } from './use-promise';
import type { WeekAnswer } from './use-week';
import { outlooks } from './week-words';

/** By when a ticket can be done, as a part of its slip. */
export function PromisePart({
  asked,
  isWritten = false,
}: {
  readonly asked: Asked | null;
  /** On the rail already: what bringing it forward costs is only reckoned where it is asked for. */
  readonly isWritten?: boolean;
}) {
  const [forwardId, setForwardId] = useState<string | null>(null);
  const isForward = !isWritten || forwardId === asked?.id;
  const job = usePromise(asked, isForward);
  if (job.failure !== null) return <JobFailure job={job} />;
  if (!asked) return null;
  const promise = job.answer?.ticketId === asked.id ? job.answer : null;
  return (
    <SlipPart label="By when">
      {promise ? <PromiseRows promise={promise} /> : null}
      {promise && !isForward ? (
        <Button size="small" onClick={() => setForwardId(asked.id)}>
          What would bringing it forward cost?
        </Button>
      ) : null}
      {job.is === 'working' ? (
        <Progress
          percent={100}
          status="active"
          showInfo={false}
          size="small"
          aria-label="Planning the week"
        />
      ) : null}
    </SlipPart>
  );
}

const MOST_SAID = 3;

/** When it is done, what is in the way, and what bringing it forward would cost the others. */
function PromiseRows({
  promise: { ticketId, planned, ahead, without },
}: {
  readonly promise: TicketPromise;
}) {
  const { view } = useBench();
  const { mass } = useUnits();
  const own = outlookOf(planned, ticketId);
  const first = ahead ? outlookOf(ahead, ticketId) : undefined;
  if (planned.unplanned.some((each) => each.ticketId === ticketId)) {
    return <UnplannedNote answer={planned} ticketId={ticketId} />;
  }
  if (!own) {
    return (
      <SlipNote tone="mind">
        When it can be done is not known:{' '}
        {planned.windows.length === 0
          ? 'no time at the bench is left'
          : 'there is no room for it in ten weeks'}
        . <Link href="/ticket?part=week">See the week</Link>
      </SlipNote>
    );
  }
  const tasks = planned.tasks.filter(({ ticketIds }) => ticketIds.includes(ticketId));
  const lacks = new Map(tasks.flatMap((task) => task.lacks.map((lack) => [lack.binId, lack] as const)));
  const unordered = [...lacks.values()].filter(({ dueOn }) => dueOn === null);
  const handMin = sum(tasks.map(({ hands, minutes }) => (hands ? minutes : 0)));
  const before = aheadOf(planned, ticketId, own.finishMin);
  const ovenMin = ovenWait(planned, ticketId);
  const costs = ahead && without ? costsOf(ahead, without) : null;
  return (
    <>
      <SlipRow name={unordered.length > 0 ? 'Done, once all is there' : 'Can be done'}>
        <Figure
          working={{
            title: 'By when',
            steps: [
              `${minutesText(handMin * 60)} of hands for it, in your hours at the bench, after what is due before it`,
              `nine times in ten ${own.band}: the plan carried out 300 times with your pace as it spreads`,
            ],
            inputs: [
              {
                name: 'your pace',
                value: tasks.every(({ isOwn, hands }) => isOwn || !hands)
                  ? 'your own runs'
                  : 'in part as is usual',
                basis: tasks.every(({ isOwn, hands }) => isOwn || !hands) ? 'counted' : 'guess',
              },
              {
                name: 'hours at the bench',
                value: view.bench.week ? 'as you said' : 'as is usual',
                basis: view.bench.week ? 'given' : 'guess',
              },
            ],
          }}
        >
          {own.day}
        </Figure>
      </SlipRow>
      <SlipRow name="Nine times in ten">{own.band}</SlipRow>
      {own.lateDays > 0 ? (
        <SlipNote tone="stop">
          {own.lateDays} {own.lateDays === 1 ? 'day' : 'days'} after it is due.
        </SlipNote>
      ) : null}
      {[...lacks.values()].slice(0, MOST_SAID).map(({ binId, qty, dueOn }) => {
        const bin = view.binById.get(binId);
        if (bin && !view.levels.has(binId)) {
          return (
            <SlipNote key={binId} tone="mind">
              {bin.name} was not counted yet. <Link href={`/shelf?bin=${binId}`}>Count it</Link>
            </SlipNote>
          );
        }
        return bin ? (
          <SlipNote key={binId} tone={dueOn ? 'mind' : 'stop'}>
            {amountText(qty, bin, mass)} {bin.name} to come
            {dueOn ? `, due ${weekdayText(dueOn)}.` : '; none is on order. '}
            {dueOn ? null : <Link href="/shelf?part=buy">Buy</Link>}
          </SlipNote>
        ) : null;
      })}
      {before ? <SlipNote tone="mind">{before}</SlipNote> : null}
      {ovenMin > 0 ? (
        <SlipNote tone="mind">
          The oven is busy with others: it waits {minutesText(ovenMin * 60)} for it.
        </SlipNote>
      ) : null}
      {first ? (
        <SlipNote tone="go">
          {first.finishMin < own.finishMin - 60
            ? `Brought forward: ${first.day}. ${costs ?? 'Nobody else is later for it.'}`
            : 'Before all others it would be done no sooner.'}
        </SlipNote>
      ) : null}
      <p>
        <Link href="/ticket?part=week">See the week</Link>
      </p>
    </>
  );
}

function outlookOf(answer: WeekAnswer, ticketId: string) {
  return outlooks(answer).find(({ ticket }) => ticket.id === ticketId);
}

/** Waits shorter than this nobody notices, min. */
const LEAST_WAIT_MIN = 5;

/** How long the loads of a ticket wait for the oven after all else before them is done, min. */
function ovenWait({ tasks, planned }: WeekAnswer, ticketId: string): number {
  if (!planned) return 0;
  const placed = placedTasks(tasks, planned);
  const endOf = new Map(placed.map(({ id, endMin }) => [id, endMin]));
  const waits = placed
    .filter(({ place, ticketIds }) => place === 'oven' && ticketIds.includes(ticketId))
    .map(
      ({ startMin, after }) =>
        startMin - Math.max(0, ...after.map(({ id, waitMin }) => (endOf.get(id) ?? 0) + waitMin)),
    );
  return sum(waits.filter((wait) => wait >= LEAST_WAIT_MIN));
}

/** What hands do for others before it is done, ticket by ticket, most first. */
function aheadOf(answer: WeekAnswer, ticketId: string, finishMin: number): string | null {
  if (!answer.planned) return null;
  const minutes = new Map<number, number>();
  for (const { hands, ticketIds, startMin, minutes: own } of placedTasks(answer.tasks, answer.planned)) {
    if (!hands || startMin >= finishMin || ticketIds.includes(ticketId)) continue;
    for (const { id, no } of answer.tickets) {
      if (ticketIds.includes(id)) minutes.set(no, (minutes.get(no) ?? 0) + own / ticketIds.length);
    }
  }
  const most = [...minutes].sort((a, b) => b[1] - a[1]).slice(0, MOST_SAID);
  return most.length === 0
    ? null
    : `Before it: ${most.map(([no, min]) => `ticket ${no} (${minutesText(min * 60)})`).join(', ')}.`;
}

/** What the others lose where one goes before them; null where nobody is later. */
function costsOf(ahead: WeekAnswer, without: WeekAnswer): string | null {
  if (!ahead.planned || !without.planned) return null;
  const then = outlooks(ahead);
  const later = outlooks(without).flatMap(({ ticket, finishMin, lateDays }) => {
    const now = then.find((each) => each.ticket.id === ticket.id);
    const days = now ? Math.round((now.finishMin - finishMin) / 1440) : 0;
    if (!now || days < 1) return [];
    const late = now.lateDays > lateDays ? `, ${now.lateDays} late` : '';
    return [`ticket ${ticket.no} ${days} ${days === 1 ? 'day' : 'days'} later${late}`];
  });
  return later.length === 0 ? null : `Then ${later.slice(0, MOST_SAID).join('; ')}.`;
}
