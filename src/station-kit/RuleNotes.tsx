'use client';

import dayjs from 'dayjs';
import { useMemo } from 'react';
import type { LineWant } from '@/core/tickets/facts';
import { SlipNote, SlipPart } from '@/ui/frame/Slip';
import { useBench } from './BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { ruleNotes } from '@/model/tickets/rule-notes';
import { headText, lotText } from '@/text/words';

/** What the maker's own rules say of a ticket's lines, and which metal would do instead. */
export function RuleNotes({ wants }: { wants: readonly LineWant[] }) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const today = dayjs(workshop.now()).format('YYYY-MM-DD');
  const notes = useMemo(() => ruleNotes(wants, view, today), [wants, view, today]);
  if (notes.length === 0) return null;
  return (
    <SlipPart label="My rules">
      {notes.map(({ want, rule, verdict, instead }) => {
        const place = rule.place === '' ? '' : ` (${rule.place})`;
        const head = headText(want, view.binById, mass);
        return (
          <SlipNote key={`${want.lineId} ${rule.id}`} tone={verdict === 'bars' ? 'stop' : 'mind'}>
            {verdict === 'bars'
              ? `Your rule '${rule.name}'${place} bars ${head} in this metal.`
              : `Your rule '${rule.name}'${place} may bar ${head}: nobody knows what its metal is.`}{' '}
            {instead.length > 0
              ? `Would do instead: ${instead.map((metal) => lotText(metal.name)).join(', ')}.`
              : 'No lot on the shelf makes it otherwise in your molds.'}{' '}
            Check the local rules.
          </SlipNote>
        );
      })}
    </SlipPart>
  );
}
