'use client';

import { findRigKind } from '@/core/rigs/kinds';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { useBench } from '@/station-kit/BenchProvider';
import type { RigDraft } from '@/model/rigs/rig-draft';
import { newestRigs, riggable } from '@/model/rigs/rig-facts';
import { paceOf } from '@/model/pace/pace-of';

const MOST_ROWS = 8;

/** On paper: the rig on the bench, what the wallet holds, what to mind. */
export function RigSlip({ draft }: { readonly draft: RigDraft | null }) {
  const { view } = useBench();
  const kind = draft ? findRigKind(draft.kind) : null;
  const wallet = newestRigs(view.rigs)
    .map((rig) => ({ rig, count: view.levels.get(`rig-${rig.id}`) ?? 0 }))
    .filter(({ count }) => count > 0);
  const out = view.kits.filter(({ state }) => state === 'packed').length;
  const gives = draft ? riggable(draft, view) : null;
  const pace = draft && kind ? paceOf({ stage: 'rig', family: draft.family, kind: draft.kind }, view) : null;
  return (
    <>
      <SlipTitle over="Rigs">
        {view.rigging
          ? `Run ${view.rigging.no} is on`
          : draft
            ? draft.name.trim() || 'A new rig'
            : 'Nothing on the bench'}
      </SlipTitle>
      {draft && kind && gives && pace ? (
        <SlipPart label="On the bench">
          <SlipRow name="Kind">{kind.name}</SlipRow>
          <SlipRow name="From the shelf">
            <GivesFigure gives={gives} />
          </SlipRow>
          {gives.limiting[0] ? <SlipRow name="Runs out first">{gives.limiting[0]}</SlipRow> : null}
          <SlipRow name={pace.isOwn ? 'Each takes you' : 'Each takes, about'}>
            <PaceFigure pace={pace} />
          </SlipRow>
        </SlipPart>
      ) : null}
      {wallet.length > 0 || out > 0 ? (
        <SlipPart label="In the rig wallet">
          {wallet.slice(0, MOST_ROWS).map(({ rig, count }) => (
            <SlipRow key={rig.id} name={rig.name}>
              {count}
            </SlipRow>
          ))}
          {out > 0 ? <SlipRow name="Kits out">{out}</SlipRow> : null}
        </SlipPart>
      ) : null}
      <SlipNote tone="care">
        {[
          'Hook points: cap or clamp them. Test a rig over a rod, never round a hand.',
          ...(kind?.cautions ?? []),
          'Follow the makers’ sheets and your local rules.',
        ].join(' ')}
      </SlipNote>
    </>
  );
}
