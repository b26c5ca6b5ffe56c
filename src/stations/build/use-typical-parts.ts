'use client';

import { typicalParts } from '@/model/baits/typical-bait';
import type { PartBin } from '@/records/bin';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { putOn } from '@/model/baits/put-on';
import { newBuild, type BuildDraft } from '@/model/baits/build-draft';

/** Puts everything on a bait that such a bait usually has: what is not on the shelf is put down, not counted yet. */
export function useTypicalParts(draft: BuildDraft, onChange: (draft: BuildDraft) => void) {
  const { view, workshop } = useBench();
  const { length, mass } = useUnits();
  return async () => {
    // Who ties skirts puts one of them on.
    const ties = draft.skirtId !== null || view.skirts.length > 0;
    const parts = typicalParts(draft.kind, view, length).filter(
      ({ bin }) => !(ties && bin.kind === 'part' && bin.gauge?.as === 'skirt'),
    );
    // The same thing at two places is one bin.
    const fresh = [
      ...new Map(parts.flatMap(({ isThere, bin }) => (isThere ? [] : [[bin.name, bin]]))).values(),
    ];
    const made = await workshop.shelf.layOut(fresh);
    const byName = new Map(made.map((bin) => [bin.name, bin]));
    const bins = parts.flatMap(({ isThere, bin }) => {
      const own = isThere ? bin : byName.get(bin.name);
      return own?.kind === 'part' ? [own] : [];
    });
    const binById = new Map([...view.binById, ...bins.map((bin): [string, PartBin] => [bin.id, bin])]);
    const bare = {
      ...newBuild(draft.kind, view, mass),
      name: draft.name,
      family: draft.family,
      from: draft.from,
    };
    const built = bins.reduce((so, bin) => {
      const placed = putOn(so, bin, so.arm.length, workshop.newId(), { binById });
      return placed.ok ? placed.draft : so;
    }, bare);
    onChange({ ...built, head: draft.head ?? built.head, skirtId: draft.skirtId });
  };
}
