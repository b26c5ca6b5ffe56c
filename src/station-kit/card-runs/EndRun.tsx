'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { Button, Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { sum } from '@/core/numeric/sum';
import { useBench } from '../BenchProvider';
import { BIN_GONE, type AmountOf } from './card-run-kind';
import type { MassUnit } from '@/core/units/write-mass';
import { useUnits } from '@/ui/units/use-units';
import type { Taken } from './card-run-kind';
import styles from './run.module.css';

interface RunEnd<Back> {
  readonly passed: number;
  readonly failed: { reason: string; count: number }[];
  readonly putBack: Back;
}

interface EndRunProps<Back extends readonly Taken[]> {
  /** `Built`, `Made`: what those that are done are. */
  readonly made: string;
  readonly goOn: string;
  readonly count: number;
  readonly done: number;
  readonly checks: readonly string[];
  readonly reasons: readonly string[];
  /** Parts of failed ones can go back. */
  readonly canStrip: boolean;
  /** What goes back where so many are used up. */
  readonly backOf: (used: number) => Back;
  readonly amountText: (amount: Back[number], of: AmountOf, mass: MassUnit) => string;
  /** What cannot go back, if anything. */
  readonly note?: string;
  readonly onClose: () => void;
  readonly onEnd: (end: RunEnd<Back>) => void;
}

/** The inspection: what passed, what failed and why; what is over goes back, failed ones too where they are stripped. */
export function EndRun<Back extends readonly Taken[]>(props: EndRunProps<Back>) {
  const { made, goOn, count, done, checks, reasons, canStrip, note } = props;
  const { backOf, amountText, onClose, onEnd } = props;
  const { view } = useBench();
  const { mass } = useUnits();
  const [said, setSaid] = useState<number | null>(done);
  const [failed, setFailed] = useState<Readonly<Record<string, number | null>>>({});
  const [isStripped, setStripped] = useState(canStrip);
  const built = said ?? 0;
  const counts = Object.values(failed);
  const isUnread = said === null || counts.includes(null);
  const bad = sum(counts.map((many) => many ?? 0));
  const passed = Math.max(0, built - bad);
  const tooMany = bad > built;
  const back = backOf(isStripped ? passed : built);
  const word = made.toLowerCase();
  return (
    <Dialog
      open
      title="Look them over"
      okText={passed > 0 ? `Book ${passed} ${word}` : 'Put all back'}
      cancelText={goOn}
      okButtonProps={{ disabled: tooMany || isUnread }}
      onCancel={onClose}
      onOk={() =>
        onEnd({
          passed,
          failed: Object.entries(failed).flatMap(([reason, many]) =>
            many !== null && many > 0 ? [{ reason, count: many }] : [],
          ),
          putBack: back,
        })
      }
    >
      <div>
        {made}: <CountField isBare label={made} max={count} value={said} onChange={setSaid} /> of {count}{' '}
        {built < count ? (
          <Button size="small" onClick={() => setSaid(count)}>
            All {count}
          </Button>
        ) : null}
      </div>
      <ul className={styles.checks}>
        {checks.map((check) => (
          <li key={check}>{check}</li>
        ))}
      </ul>
      <h4 className={styles.failed}>Failed, by what is wrong</h4>
      <div className={styles.reasons}>
        {reasons.map((reason) => (
          <label key={reason}>
            <CountField
              isBare
              label={`Failed: ${reason}`}
              max={count}
              value={failed[reason] === undefined ? 0 : failed[reason]}
              onChange={(next) => setFailed({ ...failed, [reason]: next })}
            />
            <span>{reason}</span>
          </label>
        ))}
      </div>
      {tooMany ? (
        <p role="alert" className="wrong">
          {bad} failed of {built} {word}: no more can fail than were {word}.
        </p>
      ) : null}
      {bad > 0 && canStrip ? (
        <Checkbox checked={isStripped} onChange={({ target }) => setStripped(target.checked)}>
          Strip the failed ones: their parts go back to their bins
        </Checkbox>
      ) : null}
      <p>
        {back.length > 0
          ? `Back on the shelf: ${back.map((each) => amountText(each, view.binById.get(each.binId) ?? BIN_GONE, mass)).join('; ')}.`
          : 'Nothing is left over.'}
        {note ? ` ${note}` : ''}
      </p>
    </Dialog>
  );
}
