'use client';

import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { TextField } from '@/ui/unit-field/TextField';
import styles from './keep-draft.module.css';

interface KeepDraftProps {
  /** `bait`, `rig`: what is kept. */
  readonly what: string;
  readonly draft: { readonly name: string; readonly note: string; readonly family: string | null };
  /** Names that others have already. */
  readonly taken: readonly string[];
  readonly example: string;
  /** What else keeps it from being kept. */
  readonly problem?: string | null;
  /** Said where it does not fit yet; it may be kept all the same. */
  readonly mind: string | null;
  readonly onChange: (to: { readonly name?: string; readonly note?: string }) => void;
  readonly onKeep: () => void;
  readonly onLetGo: () => void;
  readonly children?: ReactNode;
}

/** What a draft is called and noted, and keeping it: as a first, or as a new version. */
export function KeepDraft(props: KeepDraftProps) {
  const { what, draft, taken, example, mind, onChange, onKeep, onLetGo, children } = props;
  const name = draft.name.trim();
  const problem =
    name === ''
      ? `Give it a name, such as ${example}.`
      : taken.includes(name)
        ? `There is a ${what} ${name} already. Call this one otherwise.`
        : (props.problem ?? null);
  return (
    <form
      className={wrap(0, styles.keep)}
      aria-label={`Keep the ${what}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (!problem) onKeep();
      }}
    >
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder={example}
        problem={problem}
        onChange={(next) => onChange({ name: next })}
      />
      {children}
      <TextField label="Note" value={draft.note} most={500} onChange={(note) => onChange({ note })} />
      <Button type="primary" htmlType="submit" disabled={problem !== null}>
        {draft.family === null ? 'Keep it' : 'Keep as a new version'}
      </Button>
      <Button onClick={onLetGo}>Let it go</Button>
      {mind ? <p>{mind}</p> : null}
    </form>
  );
}
