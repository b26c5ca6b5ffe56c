'use client';

import type { Ticket } from '@/records/ticket';
import { SlipNote, SlipPart } from '@/ui/frame/Slip';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { headText, temperatureText } from '@/text/words';
import { refusalsOfLine } from './refusals';

/** Lines of a ticket whose color an oven would ruin them for, each with why and what to do. */
export function CoatNotes({ lines }: { lines: Ticket['lines'] }) {
  const { view } = useBench();
  const { mass, temperature } = useUnits();
  const refused = lines.flatMap((line) => {
    const coat = view.coatById.get(line.coatId ?? '');
    const [why] = refusalsOfLine(line, view, (celsius) => temperatureText(celsius, temperature));
    return coat && why ? [{ line, coat, why }] : [];
  });
  if (refused.length === 0) return null;
  return (
    <SlipPart label="Colors">
      {refused.map(({ line, coat, why }) => (
        <SlipNote key={line.id} tone="stop">
          {headText(line, view.binById, mass)} in {coat.name}: {why}
        </SlipNote>
      ))}
    </SlipPart>
  );
}
