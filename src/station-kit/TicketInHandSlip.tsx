'use client';

import { SlipTitle } from '@/ui/frame/Slip';
import type { LineWant } from '@/core/tickets/facts';
import type { Ticket } from '@/records/ticket';
import { useBench } from './BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { CoatNotes } from './coats/CoatNotes';
import { PourCautions, TicketSlip } from './TicketSlip';
import { DressingTakes } from './DressingTakes';
import { HeldUpNotes } from './HeldUpNotes';
import { wareName } from '@/model/bills/promises';
import { headText } from '@/text/words';
import { dueOn } from '@/model/tickets/due-on';

interface TicketInHandSlipProps {
  readonly ticket: (Pick<Ticket, 'title' | 'lines' | 'wares'> & { readonly id?: string }) | null;
  readonly wants: readonly LineWant[];
  /** Castings made so far, by line. */
  readonly made: ReadonlyMap<string, number>;
  /** Still being typed: promised nothing yet. */
  readonly isDraft?: boolean;
  readonly isOpen?: boolean;
}

/** The slip of the ticket in hand, or of the one being written. */
export function TicketInHandSlip({
  ticket,
  wants,
  made,
  isDraft = false,
  isOpen = true,
}: TicketInHandSlipProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  if (!ticket) {
    return (
      <>
        <SlipTitle over="Ticket in hand">None</SlipTitle>
        <p className="quiet">Write a ticket, and this slip says what it takes.</p>
      </>
    );
  }
  return (
    <TicketSlip
      over={isDraft ? 'As you write' : 'Ticket in hand'}
      title={ticket.title}
      due={dueOn(ticket)}
      isWritten={!isDraft && isOpen}
      wants={wants}
      lines={[
        ...ticket.lines.map((line) => ({
          id: line.id,
          text: [
            headText(line, view.binById, mass),
            view.coatById.get(line.coatId ?? '')?.name,
            view.skirtById.get(line.skirtId ?? '')?.name,
          ]
            .filter(Boolean)
            .join(', '),
          made: made.get(line.id) ?? 0,
          count: line.count,
        })),
        ...ticket.wares.map((ware) => ({
          id: ware.id,
          text: wareName(ware, view),
          made: made.get(ware.id) ?? 0,
          count: ware.count,
        })),
      ]}
    >
      <DressingTakes lines={ticket.lines} />
      {isOpen && ticket.id !== undefined ? <HeldUpNotes ticketId={ticket.id} /> : null}
      <CoatNotes lines={ticket.lines} />
      <PourCautions />
    </TicketSlip>
  );
}
