'use client';

import { Button } from 'antd';
import { sum } from '@/core/numeric/sum';
import { allotFreeHeads } from '@/core/tickets/allot-free-heads';
import type { LineWant } from '@/core/tickets/facts';
import { freeHeads } from '@/model/heads/free-heads';
import { isBoughtHead } from '@/reference/typical/suits';
import { headText } from '@/text/words';
import { SlipPart, SlipRow } from '@/ui/frame/Slip';
import { wrap } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from './BenchProvider';
import { inBackground } from './in-background';
import { PutDownButton } from './put-down/PutDownButton';

interface BoughtHeadsPartProps {
  readonly wants: readonly LineWant[];
  /** Whether the ticket is on the rail already: heads are put to that, not to a draft. */
  readonly isWritten: boolean;
}

/** What of a ticket is not cast here: how many are wanted, what of the shelf would do, and where to put bought ones down. */
export function BoughtHeadsPart({ wants, isWritten }: BoughtHeadsPartProps) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const bought = wants.filter(({ metalBinId, left }) => metalBinId === null && left > 0);
  if (bought.length === 0) return null;
  const allotted = allotFreeHeads(bought, freeHeads(view));
  const there = sum(allotted.map(({ count }) => count));
  const short = sum(bought.map(({ left }) => left)) - there;
  return (
    <SlipPart label="Heads not cast here">
      {bought.map((want) => (
        <SlipRow key={want.lineId} name={headText(want, view.binById, mass)}>
          {want.left}
        </SlipRow>
      ))}
      <div className={wrap(8)}>
        {there > 0 && isWritten ? (
          <Button
            size="small"
            type="primary"
            onClick={() => inBackground(carryOut(workshop.tickets.giveFromShelf(allotted)))}
          >
            Take {there} from the shelf
          </Button>
        ) : null}
        {short > 0 ? (
          <PutDownButton
            size="small"
            mend={`${short} short: put bought heads down`}
            title="Bought heads"
            suits={isBoughtHead}
          />
        ) : null}
      </div>
    </SlipPart>
  );
}
