'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { TextField } from '@/ui/unit-field/TextField';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { lookOf } from '@/station-kit/looks/coat-look';
import { useBench } from '@/station-kit/BenchProvider';
import { ColorBase } from './ColorBase';
import { ColorEyes } from './ColorEyes';
import { ColorOver } from './ColorOver';
import { ColorVerdicts } from './ColorVerdicts';
import { SWATCH_HEAD, type DraftCoat } from './draft-coat';
import styles from './colors.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ColorFormProps {
  readonly coat: DraftCoat;
  readonly onSaved: (id: string) => void;
  readonly onLeave: () => void;
}

/** A recipe of color: base, second tone, clear, eye; drawn as it is chosen, with what it may go on. */
export function ColorForm({ coat, onSaved, onLeave }: ColorFormProps) {
  const { view, workshop } = useBench();
  const [draft, setDraft] = useState(coat);
  const set = (change: Partial<DraftCoat>) => setDraft({ ...draft, ...change });
  const isChanged = draft !== coat || draft.id === null;
  const nameProblem =
    isChanged && draft.name.trim() === ''
      ? 'Give it a name, such as Reed shiner.'
      : view.coats.some((each) => each.id !== draft.id && !each.retired && each.name === draft.name.trim())
        ? `There is a color ${draft.name.trim()} already. Call this one otherwise.`
        : null;
  const save = async () => {
    if (nameProblem) return;
    onSaved(await workshop.coats.save({ ...draft, name: draft.name.trim() }));
  };
  return (
    <form
      className={stack(12, styles.form)}
      aria-label={draft.id === null ? 'New color' : draft.name}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(save());
      }}
    >
      <div className={styles.big}>
        <CoatSwatch
          name={`${draft.name || 'New color'} on a head`}
          head={SWATCH_HEAD}
          look={lookOf(draft, view)}
          view={view}
          pxPerMm={8}
          maxWidthPx={330}
        />
      </div>
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder="Reed shiner"
        problem={nameProblem}
        onChange={(name) => set({ name })}
      />
      <ColorBase draft={draft} set={set} />
      {draft.base.kind === 'powder' ? <ColorOver draft={draft} set={set} /> : null}
      <ColorEyes draft={draft} set={set} />
      <TextField label="Note" value={draft.note} most={200} onChange={(note) => set({ note })} />
      <ColorVerdicts coat={draft} />
      <div className={styles.foot}>
        {draft.id === null ? (
          <Button onClick={onLeave}>Cancel</Button>
        ) : (
          <Button
            onClick={async () => {
              await workshop.coats.save({ ...draft, retired: true });
              onLeave();
            }}
          >
            Put away
          </Button>
        )}
        <Button type="primary" htmlType="submit" disabled={!isChanged || nameProblem !== null}>
          {draft.id === null ? 'Keep this color' : 'Change it'}
        </Button>
      </div>
    </form>
  );
}
