'use client';

import { stack } from '@/ui/layout/layout';
import { weekdayText } from '@/text/date-text';
import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import { sum } from '@/core/numeric/sum';
import type { Ticket, TicketWare } from '@/records/ticket';
import { finishedBins, wareName, wareRecord } from '@/model/bills/promises';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './ticket.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The baits and rigs of a ticket: how many are put to it, how many lie ready, where they are made. */
export function WareRows({ ticket }: { readonly ticket: Ticket }) {
  if (ticket.wares.length === 0) return null;
  return (
    <ul aria-label="Baits and rigs">
      {ticket.wares.map((ware) => (
        <WareRow key={ware.id} ticket={ticket} ware={ware} />
      ))}
    </ul>
  );
}

const IS = { build: 'bait', rig: 'rig', skirt: 'loose skirts', bin: 'bought' } as const;
const GOT_AT = {
  build: ['/build?part=bait', 'Build'],
  rig: ['/rig?part=rig', 'Rig'],
  skirt: ['/skirt?part=board', 'Tie'],
  bin: ['/shelf?part=buy', 'Buy'],
} as const;

function WareRow({ ticket, ware }: { readonly ticket: Ticket; readonly ware: TicketWare }) {
  const { workshop, view, carryOut } = useBench();
  const router = useRouter();
  const given = view.made.get(ware.id) ?? 0;
  const name = wareName(ware, view);
  const bins = finishedBins(ware, view);
  const held = new Map<string, number>();
  const notClosed = new Set(view.tickets.flatMap(({ id, state }) => (state === 'closed' ? [] : [id])));
  for (const { binId, qty, ticketId } of view.ticketEntries) {
    if (ticketId !== null && notClosed.has(ticketId)) held.set(binId, (held.get(binId) ?? 0) + qty);
  }
  const readyIn = (binId: string) => Math.max(0, (view.levels.get(binId) ?? 0) - (held.get(binId) ?? 0));
  const ready = sum(bins.map(readyIn));
  const left = Math.max(0, ware.count - given);
  const give = () => {
    let open = Math.min(left, ready);
    const allotments = bins.flatMap((headBinId) => {
      const count = Math.min(open, readyIn(headBinId));
      open -= count;
      return count > 0 ? [{ headBinId, ticketId: ticket.id, lineId: ware.id, count }] : [];
    });
    inBackground(carryOut(workshop.tickets.giveFromShelf(allotments)));
  };
  return (
    <li className={stack(16, styles.headRow)}>
      <div className={styles.headWords}>
        <strong>{name}</strong>
        <span className="quiet">
          {IS[ware.kind]}, {ready} ready on the shelf
          {ware.dueOn ? `, due ${weekdayText(ware.dueOn)}` : ''}
        </span>
      </div>
      {ticket.state === 'open' && left > 0 ? (
        ready > 0 ? (
          <Button onClick={give}>Put {Math.min(left, ready)} to it</Button>
        ) : (
          <Button onClick={() => router.push(GOT_AT[ware.kind][0])}>
            {wareRecord(ware, view) ? '' : 'First: '}
            {GOT_AT[ware.kind][1]}
          </Button>
        )
      ) : null}
      <div className={styles.tally}>
        <span className={styles.big} data-done={given >= ware.count}>
          {given}
        </span>
        <span className="quiet">of {ware.count} ready</span>
      </div>
    </li>
  );
}
