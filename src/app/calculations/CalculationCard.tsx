'use client';

import { inBackground } from '@/station-kit/in-background';
import { useId, useState, useSyncExternalStore } from 'react';
import styles from './calculations.module.css';

type Reply = { state: 'none' | 'asking' } | { state: 'answered' | 'refused' | 'lost'; text: string };

const NEVER = () => () => undefined;

/** A worked example that can be changed and rerun. */
export function CalculationCard({ name, example }: { name: string; example: string }) {
  const [text, setText] = useState(example);
  const [reply, setReply] = useState<Reply>({ state: 'none' });
  const id = useId();
  // What is typed before the page is awake would be mixed with what it wakes up with.
  const isAwake = useSyncExternalStore(
    NEVER,
    () => true,
    () => false,
  );
  const run = async () => {
    setReply({ state: 'asking' });
    try {
      const response = await fetch(`/api/calc/${name}`, { method: 'POST', body: text });
      const answer: unknown = await response.json();
      const refusal = (answer as { error?: { message: string } }).error;
      setReply(
        refusal
          ? { state: 'refused', text: refusal.message }
          : { state: 'answered', text: JSON.stringify(answer, null, 2) },
      );
    } catch {
      setReply({ state: 'lost', text: 'The server did not answer. Is it still running? Then try again.' });
    }
  };
  return (
    <form
      className={styles.example}
      aria-label={`Example of ${name}`}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(run());
      }}
    >
      <label htmlFor={id}>Example</label>
      <textarea
        id={id}
        value={text}
        readOnly={!isAwake}
        spellCheck={false}
        rows={Math.min(18, text.split('\n').length + 1)}
        onChange={(event) => setText(event.target.value)}
      />
      <div className={styles.run}>
        <button type="submit" disabled={reply.state === 'asking'}>
          Run
        </button>
        <button type="button" onClick={() => setText(example)} disabled={text === example}>
          As it was
        </button>
      </div>
      <output className={styles.reply} data-state={reply.state}>
        {'text' in reply ? reply.text : reply.state === 'asking' ? 'Computing.' : ''}
      </output>
    </form>
  );
}
