'use client';

import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { notKeptYet } from '@/model/tickets/not-kept-yet';
import type { TicketWare } from '@/records/ticket';
import { useBench } from './BenchProvider';
import { anotherName } from '@/model/versions/another-name';
import { TextField } from '@/ui/unit-field/TextField';
import styles from './keep-draft.module.css';

interface KeepDraftProps {
  /** `bait`, `rig`: what is kept. */
  readonly what: string;
  readonly draft: { readonly name: string; readonly note: string; readonly family: string | null };
  /** Names that others have already, and what it is called itself so far; nothing where it is new. */
  readonly taken: readonly string[];
  readonly own?: string | undefined;
  readonly example: string;
  /** What else keeps it from being kept. */
  readonly problem?: string | null;
  /** Said where it does not fit yet; it may be kept all the same. */
  readonly mind: string | null;
  readonly onChange: (to: { readonly name?: string; readonly note?: string }) => void;
  /** As a first or a new version, or under a name of its own beside what it began from. */
  readonly onKeep: (as: { readonly name: string; readonly family: string | null }) => void;
  readonly onLetGo: () => void;
  readonly children?: ReactNode;
}

/** What a draft is called and noted, and keeping it: as a first, or as a new version. */
export function KeepDraft(props: KeepDraftProps) {
  const { what, draft, taken, own = '', example, mind, onChange, onKeep, onLetGo, children } = props;
  const name = draft.name.trim();
  const problem = taken.includes(name)
    ? `There is a ${what} ${name} already. Call this one otherwise.`
    : (props.problem ?? null);
  return (
    <form
      className={wrap(0, styles.keep)}
      aria-label={`Keep the ${what}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (!problem && name !== '') onKeep({ name, family: draft.family });
      }}
    >
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder={example}
        problem={problem}
        asks={`Give it a name, such as ${example}.`}
        onChange={(next) => onChange({ name: next })}
      />
      {children}
      {draft.family === null ? <AskedFor {...{ what, name, onChange }} /> : null}
      <TextField label="Note" value={draft.note} most={500} onChange={(note) => onChange({ note })} />
      <Button type="primary" htmlType="submit" disabled={problem !== null || name === ''}>
        {draft.family === null ? 'Keep it' : 'Keep as a new version'}
      </Button>
      {draft.family === null ? null : (
        <Button
          disabled={problem !== null || name === ''}
          onClick={() => onKeep({ name: anotherName(name, [...taken, own]), family: null })}
        >
          Keep as another
        </Button>
      )}
      <Button onClick={onLetGo}>Discard</Button>
      {mind ? <p>{mind}</p> : null}
    </form>
  );
}

const KINDS: Readonly<Record<string, TicketWare['kind']>> = { bait: 'build', rig: 'rig', skirt: 'skirt' };

/** What tickets ask for by a name that nobody has kept yet: kept under that name, it is what they wait for. */
function AskedFor({
  what,
  name,
  onChange,
}: Pick<KeepDraftProps, 'what' | 'onChange'> & { readonly name: string }) {
  const { view } = useBench();
  const kind = KINDS[what];
  const asked = kind === undefined ? [] : notKeptYet(kind, view);
  return asked.map(({ ware, ticket, name: asks }) =>
    asks === name ? (
      <p key={ware.id} role="status">
        {ticket.title} asks for {ware.count} of it.
      </p>
    ) : (
      <Button key={ware.id} type="dashed" onClick={() => onChange({ name: asks })}>
        It is {asks}: {ticket.title} asks for {ware.count}
      </Button>
    ),
  );
}
