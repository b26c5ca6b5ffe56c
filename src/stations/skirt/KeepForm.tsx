'use client';

import { useUnits } from '@/ui/units/use-units';
import { memo } from 'react';
import { TextField } from '@/ui/unit-field/TextField';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { useBench } from '@/station-kit/BenchProvider';
import { KeepDraft } from '@/station-kit/KeepDraft';
import { findProblems, recipeOf, type SkirtDraft } from '@/model/skirts/skirt-draft';
import styles from './skirt.module.css';
import { inBackground } from '@/station-kit/in-background';

interface KeepFormProps {
  readonly draft: SkirtDraft;
  readonly onChange: (draft: SkirtDraft) => void;
  readonly onBegin: (draft: SkirtDraft | null) => void;
  readonly onKept: (id: string) => void;
}

/** What the tying will not like, then what the recipe is called, and keeping it. */
export const KeepForm = memo(function KeepForm({ draft, onChange, onBegin, onKept }: KeepFormProps) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const problems = findProblems(draft, view, length);
  const skirts = newestByFamily(view.skirts.filter(({ retired }) => !retired));
  const others = skirts.filter(({ family }) => family !== draft.family);
  const keep = async (as: { readonly name: string; readonly family: string | null }) => {
    const kept = await workshop.skirts.keep({ ...recipeOf(draft), ...as });
    onBegin(null);
    onKept(kept.id);
  };
  return (
    <>
      {problems.cautions.length > 0 ? (
        <ul className={styles.cautions} aria-label="To mind">
          {problems.cautions.map((why) => (
            <li key={why}>{why}</li>
          ))}
        </ul>
      ) : null}
      <KeepDraft
        what="skirt"
        draft={draft}
        taken={others.map(({ name }) => name)}
        own={skirts.find(({ family }) => family === draft.family)?.name}
        example="Reed perch"
        problem={problems.layers}
        mind={null}
        onChange={(to) => onChange({ ...draft, ...to })}
        onLetGo={() => onBegin(null)}
        onKeep={(as) => inBackground(keep(as))}
      >
        <TextField
          label="Prey"
          value={draft.prey}
          most={120}
          placeholder="young perch, in weed"
          onChange={(prey) => onChange({ ...draft, prey })}
        />
      </KeepDraft>
    </>
  );
});
