'use client';

import dayjs from 'dayjs';
import { numberText } from '@/text/number-text';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { notesWorking } from '@/station-kit/figures/water-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { fishedName } from '@/model/water/things';

const LATEST = 4;

/** On paper: the season in a few figures, the last notes for the next version. */
export function WaterSlip() {
  const { view, workshop } = useBench();
  const since = dayjs(workshop.now()).startOf('year').valueOf();
  const mine = view.waterNotes.filter(({ at }) => at >= since);
  const total = (of: 'hours' | 'fish' | 'lost') => mine.reduce((so, note) => so + note[of], 0);
  const next = [...view.waterNotes].reverse().filter((note) => note.next !== '');
  return (
    <>
      <SlipTitle over="Water">This year</SlipTitle>
      <SlipPart label="So far">
        {(
          [
            ['Hours', 'hours'],
            ['Fish', 'fish'],
            ['Baits lost', 'lost'],
          ] as const
        ).map(([name, of]) => {
          const all = numberText(total(of), 5);
          return (
            <SlipRow key={of} name={name}>
              <Figure working={notesWorking(name, all, mine.length)}>{all}</Figure>
            </SlipRow>
          );
        })}
      </SlipPart>
      {next.length > 0 ? (
        <SlipPart label="For the next version">
          {next.slice(0, LATEST).map((note) => (
            <SlipRow key={note.id} name={note.of ? fishedName(note.of, view) : 'not said'}>
              {note.next}
            </SlipRow>
          ))}
        </SlipPart>
      ) : null}
      <SlipNote tone="care">
        What was lost lies in the water: where lead is barred or you can choose, tie on lead-free there. Check
        local rules.
      </SlipNote>
    </>
  );
}
