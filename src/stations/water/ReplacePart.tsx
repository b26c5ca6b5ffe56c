'use client';

import { countText } from '@/text/count-text';
import { CountField } from '@/ui/unit-field/CountField';
import { Nothing } from '@/ui/frame/Nothing';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { numberText } from '@/text/number-text';
import { setPreferences } from '@/station-kit/preferences-store';
import { useBench } from '@/station-kit/BenchProvider';
import { replacements, replacementTicket } from '@/model/water/replace';
import { rateWorking } from '@/station-kit/figures/rate-working';
import { Figure } from '@/ui/figure/Figure';
import { keyOf } from '@/model/water/things';
import styles from './water.module.css';
import { inBackground } from '@/station-kit/in-background';

const SPANS = [
  { value: 30, label: 'last month' },
  { value: 92, label: 'last three' },
  { value: 366, label: 'this year' },
] as const;
const DAY_MS = 86_400_000;

/** What was lost and what works, made anew with one button. */
export function ReplacePart({
  onTicket,
  onNote,
}: {
  readonly onTicket: (said: string) => void;
  /** Goes where a loss is noted. */
  readonly onNote: () => void;
}) {
  const { view, workshop } = useBench();
  const [days, setDays] = useState<number>(30);
  const [counts, setCounts] = useState<Readonly<Record<string, number | null>>>({});
  const since = dayjs(workshop.now()).startOf('day').valueOf() - days * DAY_MS;
  const found = useMemo(() => replacements(view, since), [view, since]);
  const chosen = found.map((each) => ({ ...each, count: counts[keyOf(each.of)] ?? each.count }));
  const ticket = replacementTicket(chosen, view, workshop.newId);
  const make = async () => {
    if (!ticket) return;
    const id = await workshop.tickets.add(ticket);
    setPreferences({ ticketInHand: id });
    const pieces = [...ticket.lines, ...ticket.wares].reduce((so, { count }) => so + count, 0);
    onTicket(`A ticket for ${countText(pieces, 'piece')} is written and in hand.`);
  };
  return (
    <>
      <Segmented<number>
        aria-label="Lost in"
        value={days}
        options={SPANS.map(({ value, label }) => ({ value, label }))}
        onChange={setDays}
      />
      {chosen.length === 0 ? (
        <Nothing
          says="Nothing was lost in that time, or nobody noted it."
          mend="Note a loss"
          onMend={onNote}
        />
      ) : (
        <>
          <ul className={styles.replace}>
            {chosen.map(({ of, name, lost, rate, works, count }) => (
              <li key={keyOf(of)}>
                <span>
                  <b>{name}</b>
                  <small>
                    {lost} lost
                    {rate ? (
                      <>
                        ,{' '}
                        <Figure working={rateWorking('fish', rate.dispersion, rate)}>
                          {numberText(rate.perHour, 2)}
                        </Figure>{' '}
                        fish an hour
                      </>
                    ) : null}
                    {works ? ', stands clear: two more' : ''}
                    {of.kind === 'skirt' ? ', a loose skirt' : ''}
                  </small>
                </span>
                <CountField
                  isBare
                  label={`Make of ${name}`}
                  max={999}
                  value={counts[keyOf(of)] === null ? null : count}
                  onChange={(next) => setCounts({ ...counts, [keyOf(of)]: next })}
                />
              </li>
            ))}
          </ul>
          <Button
            type="primary"
            size="large"
            disabled={!ticket || Object.values(counts).includes(null)}
            onClick={() => inBackground(make())}
          >
            Write the ticket
          </Button>
        </>
      )}
    </>
  );
}
