'use client';

import Link from 'next/link';
import { wareName } from '@/model/bills/promises';
import { headText, lotText } from '@/text/words';
import { SlipNote } from '@/ui/frame/Slip';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import type { WeekAnswer } from './use-week';

interface UnplannedNoteProps {
  readonly answer: WeekAnswer;
  /** Of this ticket alone; of all where left out. */
  readonly ticketId?: string;
}

/** Where what is asked is put together, by its kind. */
const MADE_AT = { build: '/build?part=bait', rig: '/rig', skirt: '/skirt', bin: '/shelf' } as const;

/** What nobody knows how to make yet: by when its ticket is done is not known either. */
export function UnplannedNote({ answer, ticketId }: UnplannedNoteProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  return answer.unplanned
    .filter((each) => ticketId === undefined || each.ticketId === ticketId)
    .map((each) => {
      const no = answer.tickets.find(({ id }) => id === each.ticketId)?.no;
      const whose = ticketId === undefined && no !== undefined ? `Ticket ${no}: ` : '';
      if (each.is === 'ware') {
        return (
          <SlipNote key={each.id} tone="stop">
            {whose === '' ? 'How' : `${whose}how`} {wareName(each.ware, view)} is made is not known yet, so
            neither is by when. <Link href={MADE_AT[each.ware.kind]}>Put one together</Link>
          </SlipNote>
        );
      }
      const metal = view.binById.get(each.line.metalBinId ?? '');
      return (
        <SlipNote key={each.id} tone="stop">
          {whose === '' ? 'No' : `${whose}no`} block gives {headText(each.line, view.binById, mass)}
          {metal ? ` in ${lotText(metal.name)}` : ''}, so by when it is done is not known.{' '}
          <Link href="/molds">Put a block down</Link>
        </SlipNote>
      );
    });
}
