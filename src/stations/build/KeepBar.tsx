'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { KeepDraft } from '@/station-kit/KeepDraft';
import { useBench } from '@/station-kit/BenchProvider';
import { buildOfDraft, type BuildDraft } from '@/model/baits/build-draft';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { inBackground } from '@/station-kit/in-background';

interface KeepBarProps {
  readonly draft: BuildDraft;
  /** What keeps it from being built; it may be kept all the same. */
  readonly stops: number;
  readonly onChange: (draft: BuildDraft) => void;
  readonly onBegin: (draft: BuildDraft | null) => void;
  readonly onKept: (id: string) => void;
}

/** What the bait is called and worth, and keeping it. */
export function KeepBar({ draft, stops, onChange, onBegin, onKept }: KeepBarProps) {
  const { view, workshop } = useBench();
  const builds = newestByFamily(view.builds);
  const others = builds.filter(({ family }) => family !== draft.family);
  return (
    <KeepDraft
      what="bait"
      draft={draft}
      taken={others.map(({ name }) => name)}
      own={builds.find(({ family }) => family === draft.family)?.name}
      example="Quay tandem"
      mind={stops > 0 ? 'It does not fit yet; kept, it cannot be built before it does.' : null}
      onChange={(to) => onChange({ ...draft, ...to })}
      onLetGo={() => onBegin(null)}
      onKeep={(as) =>
        inBackground(
          workshop.builds.keep({ ...buildOfDraft(draft), ...as }).then(({ id }) => {
            onBegin(null);
            onKept(id);
          }),
        )
      }
    >
      <CountField
        label="One is worth"
        value={draft.worth}
        max={1_000_000}
        hint="in What now"
        onChange={(worth) => worth !== null && onChange({ ...draft, worth })}
      />
    </KeepDraft>
  );
}
