'use client';

import { Button } from 'antd';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '../shared';
import { newestRigs, rigOfDraft, type RigDraft } from './facts';
import styles from './rig.module.css';

interface KeepRigProps {
  readonly draft: RigDraft;
  /** What keeps it from being made; it may be kept all the same. */
  readonly stops: number;
  readonly onChange: (draft: RigDraft) => void;
  readonly onBegin: (draft: RigDraft | null) => void;
  readonly onKept: (id: string) => void;
}

/** What the rig is called, and keeping it. */
export function KeepRig({ draft, stops, onChange, onBegin, onKept }: KeepRigProps) {
  const { view, workshop } = useBench();
  const name = draft.name.trim();
  const same = newestRigs(view.rigs).find((each) => each.family !== draft.family && each.name === name);
  const problem =
    name === ''
      ? 'Give it a name, such as Pike set, 180 shad.'
      : same
        ? `There is a rig ${same.name} already. Call this one otherwise.`
        : draft.items.length === 0
          ? 'There is nothing on it yet.'
          : null;
  const keep = async () => {
    if (problem) return;
    const { id } = await workshop.rigs.keep(rigOfDraft(draft));
    onBegin(null);
    onKept(id);
  };
  return (
    <form
      className={styles.keep}
      aria-label="Keep the rig"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder="Pike set, 180 shad"
        problem={problem}
        onChange={(next) => onChange({ ...draft, name: next })}
      />
      <TextField
        label="Note"
        value={draft.note}
        most={500}
        onChange={(note) => onChange({ ...draft, note })}
      />
      <Button type="primary" htmlType="submit" disabled={problem !== null}>
        {draft.family === null ? 'Keep it' : 'Keep as a new version'}
      </Button>
      <Button onClick={() => onBegin(null)}>Let it go</Button>
      {stops > 0 ? (
        <p className={styles.mind}>It does not fit yet; kept, it cannot be made before it does.</p>
      ) : null}
    </form>
  );
}
