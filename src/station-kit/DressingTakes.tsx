'use client';

import { useMemo } from 'react';
import { tallyByItem } from '@/core/stock/tally-by-item';
import { dressingOf } from '@/model/bills/promises';
import type { Ticket } from '@/records/ticket';
import { amountText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { SlipPart, SlipRow } from '@/ui/frame/Slip';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from './BenchProvider';

/** What color, skirts, guards, collars and trailers of a ticket still take, bin by bin; nothing where it asks for none. */
export function DressingTakes({ lines }: Pick<Ticket, 'lines'>) {
  const { view } = useBench();
  const { mass } = useUnits();
  const takes = useMemo(() => {
    const all = lines.flatMap((line) => [...dressingOf(line, view)].map(([item, qty]) => ({ item, qty })));
    return tallyByItem(all);
  }, [lines, view]);
  const rows = [...takes].flatMap(([binId, qty]) => {
    const bin = view.binById.get(binId);
    return bin && qty > 0 ? [{ bin, qty, there: view.levels.get(binId) ?? 0 }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <SlipPart label="To dress them">
      {rows.map(({ bin, qty, there }) => (
        <SlipRow key={bin.id} name={bin.name}>
          <Figure
            tone={there < qty ? 'ember' : 'ink'}
            working={{
              title: `${bin.name} for this`,
              steps: [
                `${amountText(qty, bin, mass)} for what is not dressed yet; ${amountText(there, bin, mass)} on the shelf`,
              ],
              inputs: [],
            }}
          >
            {amountText(qty, bin, mass)}
          </Figure>
        </SlipRow>
      ))}
    </SlipPart>
  );
}
