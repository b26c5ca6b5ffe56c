'use client';

import { countText } from '@/text/count-text';
import { Button } from 'antd';
import { waitingToDress } from '@/model/next/waiting-to-dress';
import { useBench } from '@/station-kit/BenchProvider';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';

/** Nothing can be planned: no block makes what is asked, or all of it is cast and goes on at the dressing bench. */
export function NothingToPour({ isAsked }: { readonly isAsked: boolean }) {
  const { view, workshop } = useBench();
  const toDress = isAsked ? 0 : waitingToDress(view, workshop.now());
  const tickets = <Button href="/ticket">To the tickets</Button>;
  if (toDress === 0) {
    return (
      <EmptyStation
        of="pour"
        says={
          isAsked
            ? 'No block on the bench makes these as they are asked; the slip says what is nearest.'
            : 'Nothing is left to pour here. Take up another ticket, or write one.'
        }
        mend={tickets}
      />
    );
  }
  return (
    <EmptyStation
      of="pour"
      says={`Nothing is left to pour here: ${countText(toDress, 'head waits', 'heads wait')} at Dress.`}
      mend={
        <Button type="primary" href="/dress">
          Dress {toDress === 1 ? 'it' : 'them'}
        </Button>
      }
      other={tickets}
    />
  );
}
