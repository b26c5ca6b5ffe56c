'use client';

import { row } from '@/ui/layout/layout';
import { Button } from 'antd';
import { allotFreeHeads } from '@/core/tickets/allot-free-heads';
import type { LineWant } from '@/core/tickets/facts';
import { freeHeads } from '@/model/heads/free-heads';
import { headText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './pour.module.css';
import { inBackground } from '@/station-kit/in-background';

/** What need not be poured: like heads that lie free on the shelf, to be put to the tickets at a tap. */
export function FreeHeadsNote({ wants }: { wants: readonly LineWant[] }) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const allotted = allotFreeHeads(wants, freeHeads(view));
  if (allotted.length === 0) return null;
  const byBin = new Map<string, number>();
  for (const { headBinId, count } of allotted) byBin.set(headBinId, (byBin.get(headBinId) ?? 0) + count);
  const words = [...byBin].flatMap(([binId, count]) => {
    const bin = view.binById.get(binId);
    return bin?.kind === 'head' ? [`${count} ${headText(bin, view.binById, mass)}`] : [];
  });
  return (
    <p className={row(0, styles.unproven)}>
      {words.join(', ')} lie free on the shelf and need no pouring.{' '}
      <Button size="small" onClick={() => inBackground(carryOut(workshop.tickets.giveFromShelf(allotted)))}>
        Put them to{' '}
        {new Set(allotted.map(({ ticketId }) => ticketId)).size > 1 ? 'their tickets' : 'the ticket'}
      </Button>
    </p>
  );
}
