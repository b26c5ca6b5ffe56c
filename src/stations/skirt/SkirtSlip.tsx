'use client';

import { countText } from '@/text/count-text';
import { piecesDone } from '@/core/card-runs/turn-card';
import { findHold } from '@/core/skirts/holds';
import { outsideIn } from '@/core/skirts/outside-in';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { headText } from '@/text/words';
import { materialOf } from '@/model/skirts/skirt-facts';
import { shortName } from '@/text/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import { paceOf } from '@/model/pace/pace-of';
import { versionText } from '@/model/versions/version-text';

/** On paper: what waits for a skirt, how long the recipe takes, what lies outside, what to mind. */
export function SkirtSlip({ draft, count }: { readonly draft: SkirtDraft | null; readonly count: number }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const waiting = view.toTie.reduce((so, each) => so + each.count, 0);
  const hold = draft ? findHold(draft.hold) : null;
  const pace =
    draft && hold ? paceOf({ stage: 'skirt', family: draft.family, kind: draft.hold }, view) : null;
  const outer = draft ? outsideIn(draft.layers)[0] : undefined;
  const outerMaterial = outer ? materialOf(outer, view) : null;
  const accents = draft?.layers.filter(({ isShort }) => isShort) ?? [];
  return (
    <>
      <SlipTitle over="To tie">
        {view.tying
          ? `${piecesDone(view.tying)} of ${view.tying.count} tied`
          : waiting > 0
            ? countText(waiting, 'head waits', 'heads wait')
            : 'No head waits'}
      </SlipTitle>
      {view.toTie.length > 0 ? (
        <SlipPart label="Waiting">
          {view.toTie.map(({ headBinId, skirtId, lineId, count: heads }) => {
            const bin = view.binById.get(headBinId);
            const skirt = view.skirtById.get(skirtId);
            return (
              <SlipRow
                key={`${lineId} ${headBinId}`}
                name={`${bin?.kind === 'head' ? headText(bin, view.binById, mass) : 'heads'}, ${skirt ? versionText(skirt) : 'a skirt gone'}`}
              >
                {heads}
              </SlipRow>
            );
          })}
        </SlipPart>
      ) : null}
      {draft && hold && pace ? (
        <SlipPart label="The recipe">
          <SlipRow name="Held by">{hold.name}</SlipRow>
          <SlipRow name={pace.isOwn ? 'Each takes you' : 'Each takes, about'}>
            <PaceFigure pace={pace} />
          </SlipRow>
          <SlipRow name={`${count} take`}>
            <PaceFigure pace={pace} count={count} />
          </SlipRow>
        </SlipPart>
      ) : null}
      {outer && outerMaterial ? (
        <SlipNote tone="go">
          {outer.isForward
            ? 'Tied forward: what is tied first ends outside'
            : 'Tied back: what is tied last lies outside'}
          . Outside lies {shortName(outerMaterial)}.
          {accents.length > 0 ? ' What is cut short shows only on a stop.' : ''}
        </SlipNote>
      ) : null}
      <SlipNote tone="care">
        {[
          'Hook points: cap or clamp them.',
          ...(hold?.cautions ?? []),
          'Glue and cement: vent, gloves, no flame. Glass rattles break: no pliers.',
          'Follow the makers’ sheets and your local rules.',
        ].join(' ')}
      </SlipNote>
    </>
  );
}
