'use client';

import { LOSSES } from '@/records/water-note';
import { Chips } from '@/ui/water-drawing/ChipRow';
import type { NoteDraft } from './draft-note';

interface DraftProps {
  readonly draft: NoteDraft;
  readonly set: (change: Partial<NoteDraft>) => void;
}

/** How those that were lost went: one more with each press, none again past what was lost. */
export function LostTo({ draft, set }: DraftProps) {
  return (
    <Chips label="Lost to">
      {LOSSES.map((how) => {
        const count = draft.lostTo.find((each) => each.how === how)?.count ?? 0;
        const others = draft.lostTo.filter((each) => each.how !== how);
        const told = draft.lostTo.reduce((so, each) => so + each.count, 0);
        const next = told < draft.lost ? count + 1 : 0;
        return (
          <button
            key={how}
            type="button"
            aria-pressed={count > 0}
            onClick={() => set({ lostTo: next > 0 ? [...others, { how, count: next }] : others })}
          >
            {how}
            {count > 0 ? ` ${count}` : ''}
          </button>
        );
      })}
    </Chips>
  );
}
