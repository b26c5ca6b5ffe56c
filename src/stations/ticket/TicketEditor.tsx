'use client';

import { countText } from '@/text/count-text';
import { row, stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { PercentField } from '@/ui/unit-field/PercentField';
import { useBench } from '@/station-kit/BenchProvider';
import { findProblems, newLine, type DraftLine, type TicketDraft } from '@/model/tickets/ticket-draft';
import { LineFields } from './LineFields';
import { WareFields } from './WareFields';

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
  const router = useRouter();
  const id = useId();
  const problems = findProblems(draft);
  const { wares } = draft;
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
      <div className={stack(12, styles.headFields)}>
        <TextField
          label="Ticket"
          isFirst
          problem={told(problems.title)}
          value={draft.title}
          placeholder="Zander league"
          onChange={(text) => set({ title: text })}
        />
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
          <TextField
            label="Ordered by"
            problem={told(problems.buyer)}
            value={draft.buyer}
            placeholder="Club league"
            onChange={(text) => set({ buyer: text })}
          />
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
          canRemove={draft.lines.length + wares.length > 1}
          onChange={setLine}
          onRemove={() => set({ lines: draft.lines.filter((each) => each.id !== line.id) })}
        />
      ))}
      {wares.map((ware, index) => (
        <WareFields
          key={ware.id}
          ware={ware}
          place={index + 1}
          problems={isPressed ? (problems.wares.get(ware.id) ?? null) : null}
          onChange={(next) => set({ wares: wares.map((each) => (each.id === next.id ? next : each)) })}
          onRemove={() => set({ wares: wares.filter((each) => each.id !== ware.id) })}
        />
      ))}
      {told(problems.nothing) ? <p role="alert">{problems.nothing}</p> : null}
      <div className={row(10, styles.formFoot)}>
        <Button
          onClick={() =>
            set({ lines: [...draft.lines, newLine(workshop.newId(), draft.lines.at(-1), view.metals)] })
          }
        >
          + line
        </Button>
        <Button
          onClick={() =>
            set({ wares: [...wares, { id: workshop.newId(), of: null, count: null, dueOn: null }] })
          }
        >
          + bait or rig
        </Button>
        {draft.ticketId === null ? (
          <Button
            type="text"
            onClick={() => {
              // Nothing was written here yet: it is written there.
              if (draft.title.trim() === '' && draft.lines.every(({ count }) => count === null)) onLeave();
              router.push('/skirt?part=order');
            }}
          >
            Jigs of all sorts, piece by piece
          </Button>
        ) : null}
        <span className={styles.grow} />
        {told(problems.count) ? (
          <span role="status" className={styles.problemCount}>
            Fix {countText(problems.count, 'field')}
          </span>
        ) : null}
        <Button onClick={onLeave}>Cancel</Button>
        <Button type="primary" htmlType="submit">
          Write ticket
        </Button>
      </div>
    </form>
  );
}
