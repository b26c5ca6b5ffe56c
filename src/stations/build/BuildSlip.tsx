'use client';

import { findKind } from '@/core/builds/kinds';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { BaitWeight } from '@/station-kit/figures/BaitWeight';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { useBench } from '@/station-kit/BenchProvider';
import type { BuildDraft } from '@/model/baits/build-draft';
import { buildableOf, weightLines } from '@/model/baits/bait-facts';
import { paceOf } from '@/model/pace/pace-of';
import { newestByFamily } from '@/model/versions/newest-by-family';

const MOST_ROWS = 8;

/** On paper: what is in the bait box, what the bait on the bench takes, what to mind. */
export function BuildSlip({ draft }: { readonly draft: BuildDraft | null }) {
  const { view } = useBench();
  const inBox = newestByFamily(view.builds)
    .map((build) => ({ build, count: view.levels.get(`bait-${build.id}`) ?? 0 }))
    .filter(({ count }) => count > 0);
  const kind = draft ? findKind(draft.kind) : null;
  const pace =
    draft && kind ? paceOf({ stage: 'build', family: draft.family, kind: draft.kind }, view) : null;
  const gives = draft ? buildableOf(draft, view) : null;
  return (
    <>
      <SlipTitle over="Builds">
        {view.building
          ? `Run ${view.building.no} is on`
          : draft
            ? draft.name.trim() || 'A new bait'
            : 'Nothing on the bench'}
      </SlipTitle>
      {draft && kind && pace && gives ? (
        <SlipPart label="On the bench">
          <SlipRow name="Kind">{kind.name}</SlipRow>
          <SlipRow name="Finished">
            <BaitWeight lines={weightLines(draft, view)} />
          </SlipRow>
          <SlipRow name="From the shelf">
            <GivesFigure gives={gives} />
          </SlipRow>
          {gives.limiting[0] ? <SlipRow name="Runs out first">{gives.limiting[0]}</SlipRow> : null}
          <SlipRow name={pace.isOwn ? 'Each takes you' : 'Each takes, about'}>
            <PaceFigure pace={pace} />
          </SlipRow>
        </SlipPart>
      ) : null}
      {inBox.length > 0 ? (
        <SlipPart label="In the bait box">
          {inBox.slice(0, MOST_ROWS).map(({ build, count }) => (
            <SlipRow key={build.id} name={build.name}>
              {count}
            </SlipRow>
          ))}
        </SlipPart>
      ) : null}
      <SlipNote tone="care">
        {[
          'Wire ends fly when they are cut: eye protection. Hook points: cap or clamp them.',
          ...(kind?.cautions ?? []),
          'Follow the makers’ sheets and your local rules.',
        ].join(' ')}
      </SlipNote>
    </>
  );
}
