'use client';

import { useUnits } from '@/ui/units/use-units';
import { Button } from 'antd';
import { memo } from 'react';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import { findProblems, recipeOf, type SkirtDraft } from './draft';
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
  const isBarred = problems.name !== null || problems.layers !== null;
  const keep = async () => {
    if (isBarred) return;
    const kept = await workshop.skirts.keep(recipeOf(draft));
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
      <form
        className={styles.keep}
        aria-label="Keep the recipe"
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(keep());
        }}
      >
        <TextField
          label="Called"
          value={draft.name}
          most={80}
          placeholder="Reed perch"
          problem={problems.name}
          onChange={(name) => onChange({ ...draft, name })}
        />
        <TextField
          label="Prey"
          value={draft.prey}
          most={120}
          placeholder="young perch, in weed"
          onChange={(prey) => onChange({ ...draft, prey })}
        />
        <TextField
          label="Note"
          value={draft.note}
          most={500}
          onChange={(note) => onChange({ ...draft, note })}
        />
        <Button type="primary" htmlType="submit" disabled={isBarred}>
          {draft.family === null ? 'Keep it' : 'Keep as a new version'}
        </Button>
        <Button onClick={() => onBegin(null)}>Let it go</Button>
      </form>
    </>
  );
});
