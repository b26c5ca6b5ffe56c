'use client';

import { Button } from 'antd';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '../shared';
import { buildOfDraft, type BuildDraft } from './draft';
import { newestOf } from './facts';
import styles from './build.module.css';

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
  const name = draft.name.trim();
  const same = newestOf(view.builds).find((each) => each.family !== draft.family && each.name === name);
  const problem =
    name === ''
      ? 'Give it a name, such as Quay tandem.'
      : same
        ? `There is a bait ${same.name} already. Call this one otherwise.`
        : null;
  return (
    <form
      className={styles.keep}
      aria-label="Keep the bait"
      onSubmit={(event) => {
        event.preventDefault();
        if (problem) return;
        void workshop.builds.keep(buildOfDraft(draft)).then(({ id }) => {
          onBegin(null);
          onKept(id);
        });
      }}
    >
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder="Quay tandem"
        problem={problem}
        onChange={(next) => onChange({ ...draft, name: next })}
      />
      <CountField
        label="One is worth"
        value={draft.worth}
        max={1_000_000}
        hint="in What now"
        onChange={(worth) => worth !== null && onChange({ ...draft, worth })}
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
        <p className={styles.mind}>It does not fit yet; kept, it cannot be built before it does.</p>
      ) : null}
    </form>
  );
}
