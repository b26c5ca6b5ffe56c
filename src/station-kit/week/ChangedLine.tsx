'use client';

import { Button } from 'antd';
import { useEffect, useMemo } from 'react';
import { useKeptState } from '../use-kept';
import type { WeekAnswer } from './use-week';
import { outlooks } from './week-words';

/** The day on which each ticket was to be done when the week was last looked at. */
type Seen = Readonly<Record<string, string>>;

const readSeen = (kept: unknown): Seen | null =>
  typeof kept === 'object' && kept !== null && Object.values(kept).every((day) => typeof day === 'string')
    ? (kept as Seen)
    : null;

/** What the plan says otherwise than when it was last looked at, in one line. */
export function ChangedLine({ answer }: { readonly answer: WeekAnswer }) {
  const [seen, setSeen] = useKeptState<Seen>('week-seen', readSeen);
  const now = useMemo(
    () => Object.fromEntries(outlooks(answer).map(({ ticket, day }) => [ticket.id, day])),
    [answer],
  );
  useEffect(() => {
    if (seen === null && Object.keys(now).length > 0) setSeen(now);
  }, [seen, now, setSeen]);
  if (!seen || !answer.planned) return null;
  const names = new Map(answer.tickets.map(({ id, no }) => [id, no]));
  const changes = [
    ...Object.entries(now).flatMap(([id, day]) => {
      const before = seen[id];
      const no = names.get(id);
      if (before === day) return [];
      return [
        before === undefined
          ? `ticket ${no} is new, done ${day}`
          : `ticket ${no} moves from ${before} to ${day}`,
      ];
    }),
    ...(Object.keys(seen).some((id) => !(id in now))
      ? [`${Object.keys(seen).filter((id) => !(id in now)).length} done or put aside`]
      : []),
  ];
  if (changes.length === 0) return null;
  return (
    <p role="status">
      Planned anew: {changes.join('; ')}.{' '}
      <Button size="small" onClick={() => setSeen(now)}>
        Seen
      </Button>
    </p>
  );
}
