'use client';

import { KeepDraft } from '@/station-kit/KeepDraft';
import { useBench } from '@/station-kit/BenchProvider';
import { rigOfDraft, type RigDraft } from '@/model/rigs/rig-draft';
import { newestRigs } from '@/model/rigs/rig-facts';
import { inBackground } from '@/station-kit/in-background';

interface KeepRigProps {
  readonly draft: RigDraft;
  /** What keeps it from being made; it may be kept all the same. */
  readonly stops: number;
  readonly onChange: (draft: RigDraft) => void;
  readonly onLetGo: () => void;
  readonly onKept: (id: string) => void;
}

/** What the rig is called, and keeping it. */
export function KeepRig({ draft, stops, onChange, onLetGo, onKept }: KeepRigProps) {
  const { view, workshop } = useBench();
  const rigs = newestRigs(view.rigs);
  const others = rigs.filter(({ family }) => family !== draft.family);
  return (
    <KeepDraft
      what="rig"
      draft={draft}
      taken={others.map(({ name }) => name)}
      own={rigs.find(({ family }) => family === draft.family)?.name}
      example="Pike set, 180 shad"
      problem={draft.items.length === 0 ? 'There is nothing on it yet.' : null}
      mind={stops > 0 ? 'It does not fit yet; kept, it cannot be made before it does.' : null}
      onChange={(to) => onChange({ ...draft, ...to })}
      onLetGo={onLetGo}
      onKeep={(as) =>
        inBackground(
          workshop.rigs.keep({ ...rigOfDraft(draft), ...as }).then(({ id }) => {
            onLetGo();
            onKept(id);
          }),
        )
      }
    />
  );
}
