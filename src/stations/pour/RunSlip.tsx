'use client';

import { hourText } from '@/text/date-text';
import type { RunCount } from '@/core/pours/count-run';
import type { Run } from '@/records/run';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { headText, lotText, massText } from '@/text/words';
import { PourCautions } from '@/station-kit/TicketSlip';
import { useBench } from '@/station-kit/BenchProvider';
import { BackInPot } from './BackInPot';
import { inPotWorking } from '@/station-kit/figures/pot-working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';

/** The slip of a run: what is cast of what was asked, and the pot's books. */
export function RunSlip({ run, count }: { run: Run; count: RunCount }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const good = new Map<string, number>();
  for (const { key, good: isGood } of view.pours.flatMap((pour) => pour.castings)) {
    if (isGood) good.set(key, (good.get(key) ?? 0) + 1);
  }
  const asked = new Map<string, number>();
  for (const want of run.wants) asked.set(want.key, (asked.get(want.key) ?? 0) + want.count);
  const tickets = new Set(run.wants.map((want) => want.ticketId));
  const titles = view.tickets.filter((ticket) => tickets.has(ticket.id)).map((ticket) => ticket.title);
  return (
    <>
      <SlipTitle over={`Run ${run.no}, began ${hourText(run.startedAt)}`}>
        {titles.length === 1
          ? titles[0]
          : `${titles.length} tickets in ${lotText(view.binById.get(run.metalBinId)?.name ?? '')}`}
      </SlipTitle>
      <SlipPart label="Cast">
        {run.heads
          .filter((head) => asked.has(head.key) || good.has(head.key))
          .map((head) => (
            <SlipRow key={head.key} name={headText(head, view.binById, mass)}>
              {good.get(head.key) ?? 0} of {asked.get(head.key) ?? 0}
            </SlipRow>
          ))}
      </SlipPart>
      <SlipPart label="The pot">
        <SlipRow name="Into the pot">{massText(run.chargedG, mass)}</SlipRow>
        <SlipRow name="In the pot now">
          <Figure working={inPotWorking(run, count, mass)}>{massText(Math.max(0, count.potG), mass)}</Figure>
        </SlipRow>
        <SlipRow name="Misfilled">{count.misfilled}</SlipRow>
        <SlipRow name="Pours">
          {count.poured} of {count.poured + count.ahead}
        </SlipRow>
        <BackInPot run={run} />
      </SlipPart>
      {count.potG < view.pot.heelG ? (
        <SlipNote tone="stop">
          The pot is down to its heel. Top it up before the next pour, and let it heat.
        </SlipNote>
      ) : null}
      {titles.length > 1 ? <SlipNote tone="go">{titles.join(', ')}</SlipNote> : null}
      <PourCautions />
    </>
  );
}
