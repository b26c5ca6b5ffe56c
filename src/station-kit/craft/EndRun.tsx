'use client';

import { Checkbox, InputNumber, Modal } from 'antd';
import { useState } from 'react';
import { sum } from '@/core/numeric/sum';
import { useBench } from '../BenchProvider';
import styles from './run.module.css';

interface RunEnd {
  readonly passed: number;
  readonly failed: { reason: string; count: number }[];
  readonly putBack: { binId: string; qty: number }[];
}

interface EndRunProps {
  /** `Built`, `Made`: what those that are done are. */
  readonly made: string;
  readonly goOn: string;
  readonly run: {
    readonly taken: readonly { readonly binId: string; readonly qty: number }[];
    readonly count: number;
  };
  readonly done: number;
  readonly checks: readonly string[];
  readonly reasons: readonly string[];
  /** What cannot go back, if anything. */
  readonly note?: string;
  readonly onClose: () => void;
  readonly onEnd: (end: RunEnd) => void;
}

/** The inspection: what passed, what failed and why; what is over goes back, failed ones too where they are stripped. */
export function EndRun({ made, goOn, run, done, checks, reasons, note, onClose, onEnd }: EndRunProps) {
  const { view } = useBench();
  const [built, setBuilt] = useState(done);
  const [failed, setFailed] = useState<Readonly<Record<string, number>>>({});
  const [isStripped, setStripped] = useState(true);
  const bad = sum(Object.values(failed));
  const passed = Math.max(0, built - bad);
  const tooMany = bad > built;
  const back = putBackOf(run, isStripped ? passed : built);
  const word = made.toLowerCase();
  return (
    <Modal
      open
      title="Look them over"
      okText={passed > 0 ? `Book ${passed} ${word}` : 'Put all back'}
      cancelText={goOn}
      okButtonProps={{ disabled: tooMany }}
      onCancel={onClose}
      onOk={() =>
        onEnd({
          passed,
          failed: Object.entries(failed).flatMap(([reason, count]) => (count > 0 ? [{ reason, count }] : [])),
          putBack: back,
        })
      }
    >
      <div>
        {made}:{' '}
        <InputNumber
          aria-label={made}
          min={0}
          max={run.count}
          precision={0}
          value={built}
          onChange={(next) => next !== null && setBuilt(next)}
        />{' '}
        of {run.count}
      </div>
      <ul className={styles.checks}>
        {checks.map((check) => (
          <li key={check}>{check}</li>
        ))}
      </ul>
      <div className={styles.reasons}>
        {reasons.map((reason) => (
          <label key={reason}>
            <InputNumber
              aria-label={`Failed: ${reason}`}
              min={0}
              max={run.count}
              precision={0}
              value={failed[reason] ?? 0}
              onChange={(next) => setFailed({ ...failed, [reason]: next ?? 0 })}
            />
            <span>{reason}</span>
          </label>
        ))}
      </div>
      {tooMany ? (
        <p role="alert" className={styles.problem}>
          {bad} failed of {built} {word}: no more can fail than were {word}.
        </p>
      ) : null}
      {bad > 0 ? (
        <Checkbox checked={isStripped} onChange={({ target }) => setStripped(target.checked)}>
          Strip the failed ones: their parts go back to their bins
        </Checkbox>
      ) : null}
      <p>
        {back.length > 0
          ? `Back on the shelf: ${back
              .map(
                ({ binId, qty }) =>
                  `${Number(qty.toFixed(3))} ${view.binById.get(binId)?.name ?? 'of a bin gone'}`,
              )
              .join('; ')}.`
          : 'Nothing is left over.'}
        {note ? ` ${note}` : ''}
      </p>
    </Modal>
  );
}

/** What goes back when a run ends with so many used up, passed and failed together; failed ones that are stripped go too. */
export function putBackOf(
  { taken, count }: EndRunProps['run'],
  used: number,
): { binId: string; qty: number }[] {
  return taken
    .map(({ binId, qty }) => ({ binId, qty: (qty / count) * (count - used) }))
    .filter(({ qty }) => qty > 1e-9);
}
