'use client';

import { row } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Beginning } from '@/station-kit/beginning/Beginning';
import { Station } from '@/ui/frame/Station';
import { dueOn } from '@/model/tickets/due-on';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { TicketInHandSlip } from '@/station-kit/TicketInHandSlip';
import { useBench } from '@/station-kit/BenchProvider';
import { useTicketInHand } from '@/station-kit/use-ticket-in-hand';
import { wantsOf } from '@/model/tickets/wants-of';
import { completeLines, completeWares, draftOf, newDraft } from '@/model/tickets/ticket-draft';
import { TicketEditor } from './TicketEditor';
import { TicketRail } from './TicketRail';
import { TicketSheet } from './TicketSheet';
import { useDraft } from './use-draft';
import styles from './ticket.module.css';
import { PromisePart } from '@/station-kit/week/PromisePart';
import { useInAddress } from '@/station-kit/use-in-address';
import { useWeek } from '@/station-kit/week/use-week';
import { WeekPart } from '@/station-kit/week/WeekPart';
import { WeekSlip } from '@/station-kit/week/WeekSlip';
import { useKeyMap } from '@/station-kit/key-map';
import { TICKET_KEYS } from './keys';
import { inBackground } from '@/station-kit/in-background';

type Shown = 'open' | 'set-aside' | 'closed';

const NO_LINES: ReadonlyMap<string, number> = new Map();

/** What to make: the tickets on their rail, the one in hand below, and on the slip what it takes. */
export function TicketStation() {
  const { workshop, view, demo } = useBench();
  const router = useRouter();
  const preferences = usePreferences();
  const [shown, setShown] = useState<Shown>('open');
  const [draft, setDraft] = useDraft();
  const [part, turn] = useInAddress('part', ['rail', 'week'], 'rail');
  const [pickedId, setPickedId] = useState<string | null>(null);
  const isWeek = part === 'week' && !draft;
  const week = useWeek(isWeek);
  const inHand = useTicketInHand();
  const tickets = useMemo(
    () =>
      view.tickets
        .filter((ticket) => ticket.state === shown)
        .sort((a, b) =>
          shown === 'open' ? (dueOn(a) ?? '9999').localeCompare(dueOn(b) ?? '9999') : b.no - a.no,
        ),
    [view.tickets, shown],
  );
  const ticket = inHand?.state === shown ? inHand : (tickets[0] ?? null);
  // A new line begins with the lot of which there is most: the house metal, more often than not.
  const begin = () => {
    const level = (id: string) => view.levels.get(id) ?? 0;
    setDraft(
      newDraft(
        workshop.newId(),
        [...view.metals].sort((a, b) => level(b.id) - level(a.id)),
      ),
    );
  };

  useKeyMap(TICKET_KEYS, { add: draft ? null : begin });

  const write = async () => {
    if (!draft || draft.toleranceShare === null) return;
    const fields = {
      title: draft.title.trim(),
      buyer: draft.buyer?.trim() ?? null,
      toleranceShare: draft.toleranceShare,
      note: draft.note,
      lines: completeLines(draft),
      wares: completeWares(draft),
    };
    const changed = view.tickets.find((each) => each.id === draft.ticketId);
    const id = changed
      ? (await workshop.tickets.edit({ ...changed, ...fields }), changed.id)
      : await workshop.tickets.add(fields);
    setDraft(null);
    setShown('open');
    setPreferences({ ticketInHand: id });
  };

  const slipTicket = draft
    ? {
        id: draft.ticketId ?? 'draft',
        title: draft.title.trim() === '' ? 'New ticket' : draft.title,
        lines: completeLines(draft),
        wares: completeWares(draft),
        toleranceShare: draft.toleranceShare ?? 0,
      }
    : ticket;
  const isNewBench = view.bins.length + view.molds.length + view.tickets.length === 0;
  const made = draft && !draft.ticketId ? NO_LINES : view.made;
  // A draft is rebuilt on each stroke; its content decides, not its identity.
  const slipKey = JSON.stringify(slipTicket);
  const wants = useMemo(() => {
    const known = JSON.parse(slipKey) as typeof slipTicket;
    return known ? wantsOf(known, made) : [];
  }, [slipKey, made]);
  return (
    <Station
      title={draft ? (draft.ticketId ? 'Change the ticket' : 'New ticket') : isWeek ? 'The week' : 'Tickets'}
      sub={
        draft
          ? 'kept on this screen until you write it'
          : isWeek
            ? 'what to do when, and by when each is done'
            : 'what to make, first due first'
      }
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        draft ? null : (
          <>
            <Segmented<'rail' | 'week'>
              aria-label="What to do"
              value={part}
              options={[
                { value: 'rail', label: 'Tickets' },
                { value: 'week', label: 'The week' },
              ]}
              onChange={turn}
            />
            {isWeek ? null : (
              <Segmented<Shown>
                aria-label="Which tickets"
                value={shown}
                options={[
                  { value: 'open', label: 'Open' },
                  { value: 'set-aside', label: 'Set aside' },
                  { value: 'closed', label: 'Closed' },
                ]}
                onChange={setShown}
              />
            )}
            <Button type="primary" onClick={begin}>
              New ticket
            </Button>
          </>
        )
      }
      slip={
        isWeek ? (
          <WeekSlip answer={week.answer} pickedId={pickedId} />
        ) : (
          <>
            <TicketInHandSlip ticket={slipTicket} wants={wants} made={made} isDraft={draft !== null} />
            <PromisePart asked={draft || shown === 'open' ? slipTicket : null} isWritten={draft === null} />
          </>
        )
      }
    >
      {draft ? (
        <TicketEditor
          draft={draft}
          onChange={setDraft}
          onWrite={() => inBackground(write())}
          onLeave={() => setDraft(null)}
        />
      ) : isWeek ? (
        <WeekPart job={week} pickedId={pickedId} onPick={setPickedId} onTicket={begin} />
      ) : ticket ? (
        <>
          <TicketRail
            tickets={tickets}
            chosen={ticket.id}
            today={dayjs(workshop.now()).format('YYYY-MM-DD')}
            onChoose={(id) => setPreferences({ ticketInHand: id })}
          />
          <TicketSheet ticket={ticket} onChange={() => setDraft(draftOf(ticket))} />
        </>
      ) : shown === 'open' && isNewBench ? (
        <Beginning
          onBegun={(next) => router.push(next)}
          others={
            <>
              <Button onClick={begin}>A ticket of my own (N)</Button>
              <Button onClick={() => router.push('/answers')}>Quick answers</Button>
              <Button onClick={() => inBackground(demo().then((bench) => workshop.backup.restore(bench)))}>
                Look round the demo bench
              </Button>
            </>
          }
        />
      ) : (
        <div className={row(12, styles.empty)}>
          <p>
            {shown === 'open'
              ? 'No open ticket. Write down what to make: heads, weights, how many.'
              : `No ticket is ${shown === 'closed' ? 'closed' : 'set aside'}.`}
          </p>
          {shown === 'open' ? (
            <Button type="primary" onClick={begin}>
              New ticket
            </Button>
          ) : null}
        </div>
      )}
    </Station>
  );
}
