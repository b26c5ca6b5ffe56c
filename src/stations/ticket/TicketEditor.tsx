'use client';

import { Button, Input, Segmented } from 'antd';
import { useId, useState } from 'react';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PercentField } from '@/ui/unit-field/PercentField';
import { useBench } from '../shared';
import { findProblems, newLine, type DraftLine, type TicketDraft } from './draft';
import { LineFields } from './LineFields';

import styles from './ticket.module.css';

interface TicketEditorProps {
  readonly draft: TicketDraft;
  readonly onChange: (draft: TicketDraft) => void;
  readonly onWrite: () => void;
  readonly onLeave: () => void;
}

/** A ticket being written or changed. Nothing is lost: the draft stays on this screen until it is written. */
export function TicketEditor({ draft, onChange, onWrite, onLeave }: TicketEditorProps) {
  const { workshop, view } = useBench();
  const [isPressed, setIsPressed] = useState(false);
  const id = useId();
  const problems = findProblems(draft);
  const told = <T,>(problem: T) => (isPressed ? problem : null);
  const set = (change: Partial<TicketDraft>) => onChange({ ...draft, ...change });
  const setLine = (line: DraftLine) =>
    set({ lines: draft.lines.map((each) => (each.id === line.id ? line : each)) });
  const write = () => {
    setIsPressed(true);
    if (problems.count === 0) onWrite();
  };
  return (
    <form
      aria-label={draft.ticketId ? 'Change the ticket' : 'New ticket'}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        write();
      }}
    >
      <div className={styles.headFields}>
        <FieldShell id={`${id}title`} label="Ticket" problem={told(problems.title)}>
          <Input
            id={`${id}title`}
            value={draft.title}
            maxLength={120}
            placeholder="Zander league"
            autoFocus
            status={told(problems.title) ? 'error' : undefined}
            onChange={(event) => set({ title: event.target.value })}
          />
        </FieldShell>
        <FieldShell id={`${id}for`} label="For">
          <Segmented<'stock' | 'order'>
            id={`${id}for`}
            block
            value={draft.buyer === null ? 'stock' : 'order'}
            options={[
              { value: 'stock', label: 'Stock' },
              { value: 'order', label: 'An order' },
            ]}
            onChange={(kind) => set({ buyer: kind === 'stock' ? null : '' })}
          />
        </FieldShell>
        {draft.buyer === null ? null : (
          <FieldShell id={`${id}buyer`} label="Ordered by" problem={told(problems.buyer)}>
            <Input
              id={`${id}buyer`}
              value={draft.buyer}
              maxLength={120}
              placeholder="Club league"
              status={told(problems.buyer) ? 'error' : undefined}
              onChange={(event) => set({ buyer: event.target.value })}
            />
          </FieldShell>
        )}
        <PercentField
          label="Weight within"
          value={draft.toleranceShare}
          most={0.5}
          problem={told(problems.tolerance)}
          onChange={(toleranceShare) => set({ toleranceShare })}
        />
      </div>
      {draft.lines.map((line, index) => (
        <LineFields
          key={line.id}
          line={line}
          place={index + 1}
          problems={isPressed ? (problems.lines.get(line.id) ?? {}) : {}}
          canRemove={draft.lines.length > 1}
          onChange={setLine}
          onRemove={() => set({ lines: draft.lines.filter((each) => each.id !== line.id) })}
        />
      ))}
      <div className={styles.formFoot}>
        <Button
          onClick={() =>
            set({ lines: [...draft.lines, newLine(workshop.newId(), draft.lines.at(-1), view.metals)] })
          }
        >
          + line
        </Button>
        <span className={styles.grow} />
        {told(problems.count) ? (
          <span role="status" className={styles.problemCount}>
            {problems.count} {problems.count === 1 ? 'field wants' : 'fields want'} mending
          </span>
        ) : null}
        <Button onClick={onLeave}>Leave</Button>
        <Button type="primary" htmlType="submit">
          Write ticket
        </Button>
      </div>
    </form>
  );
}
