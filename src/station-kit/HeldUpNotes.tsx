'use client';

import { Fragment, useMemo } from 'react';
import { allotPromises } from '@/core/stock/allot-promises';
import { SlipNote } from '@/ui/frame/Slip';
import { useBench } from './BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { StandInRows } from './stand-ins/StandInRows';
import { amountText } from '@/text/words';

const MOST = 4;

/** What of colors, skirts, baits and rigs holds a ticket up; metal and hooks are said with what casting takes. */
export function HeldUpNotes({ ticketId }: { readonly ticketId: string }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const short = useMemo(
    () =>
      allotPromises(view.promises, view.levels).filter(({ forWhom, item }) => {
        const kind = view.binById.get(item)?.kind;
        return forWhom === ticketId && kind !== 'metal' && kind !== 'hook';
      }),
    [view, ticketId],
  );
  if (short.length === 0) return null;
  return (
    <>
      {short.slice(0, MOST).map(({ item, needed, got, short: lacks }) => {
        const bin = view.binById.get(item);
        if (!bin) return null;
        return (
          <Fragment key={item}>
            <SlipNote tone="stop">
              {bin.name}: {amountText(lacks, bin, mass)} short, {amountText(got, bin, mass)} of{' '}
              {amountText(needed, bin, mass)} free for this ticket.
            </SlipNote>
            <StandInRows bin={bin} lacks={lacks} />
          </Fragment>
        );
      })}
      {short.length > MOST ? (
        <SlipNote tone="stop">And {short.length - MOST} more: see what to buy at the Shelf.</SlipNote>
      ) : null}
    </>
  );
}
