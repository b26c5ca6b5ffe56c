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
      {notes.map(({ want, rule, verdict, heads, instead }) => {
        const place = rule.place === '' ? '' : ` (${rule.place})`;
        const head = heads ? heads.name : `${headText(want, view.binById, mass)} in this metal`;
        const what = heads ? 'these heads are' : 'its metal is';
        return (
          <SlipNote
            key={`${want.lineId} ${rule.id} ${heads?.id ?? ''}`}
            tone={verdict === 'bars' ? 'stop' : 'mind'}
          >
            {verdict === 'bars'
              ? `Your rule '${rule.name}'${place} bars ${head}.`
              : `Your rule '${rule.name}'${place} may bar ${head}: nobody knows what ${what} made of.`}{' '}
            {instead.length > 0
              ? `Would do instead: ${instead.map((metal) => lotText(metal.name)).join(', ')}.`
              : heads
                ? 'No other heads of that weight lie there.'
                : 'No lot on the shelf makes it otherwise in your molds.'}{' '}
            Check the local rules.
          </SlipNote>
        );
      })}
    </SlipPart>
  );
}
