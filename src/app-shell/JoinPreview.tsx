'use client';

import { stack, wrap } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { momentText } from '@/text/date-text';
import { Button, Checkbox } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useEffect, useState } from 'react';
import { conflictKey, type MergeChoices, type MergePlan } from '@/data/exchange/merge/merge-benches';
import { benchSentence } from '@/text/bench-sentence';
import type { BenchContents } from '@/records/bench-file';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits, useWriter } from '@/ui/units/use-units';
import { amountText } from '@/text/words';
import { ChangeTable } from './ChangeTable';
import { ALL_TABLES } from '@/records/bench-file';
import styles from './bench-menu.module.css';
import { inBackground } from '@/station-kit/in-background';

interface JoinPreviewProps {
  readonly name: string;
  readonly contents: BenchContents;
  readonly onDone: () => void;
}

const MOST_ROWS = 12;

/** What joining another device's bench would do: what comes, what both changed, what would lie below zero. */
export function JoinPreview({ name, contents, onDone }: JoinPreviewProps) {
  const { workshop, view, carryOut } = useBench();
  const notice = useNotice();
  const { mass } = useUnits();
  const write = useWriter();
  const [choices, setChoices] = useState<MergeChoices>({});
  const [plan, setPlan] = useState<MergePlan | null>(null);
  const [isAgreed, setAgreed] = useState(false);
  useEffect(() => {
    let isLive = true;
    inBackground(
      workshop.backup.previewJoin(contents, choices).then((next) => {
        if (isLive) setPlan(next);
      }),
    );
    return () => {
      isLive = false;
    };
  }, [workshop, contents, choices]);
  if (!plan) return <p role="status">Laying both benches side by side.</p>;
  const { counts, conflicts, belowZero, twoUnderWay } = plan;
  const [running] = twoUnderWay;
  const join = async () => {
    const done = await carryOut(workshop.backup.join(contents, choices));
    if (!done) return;
    onDone();
    notice.success('Joined. The bench before is kept; Go back brings it again.');
  };
  const when = (at: number | null) => (at === null ? 'not noted' : momentText(at));
  return (
    <section className={styles.preview} aria-label="What joining would do">
      <h3>Join {name}?</h3>
      {counts.length === 0 ? (
        <p>All of it is on this bench already. Nothing is counted twice.</p>
      ) : (
        <ChangeTable rows={counts} />
      )}
      {conflicts.length > 0 ? (
        <>
          <p>Changed on both since they parted. Which one stands?</p>
          <ul className={stack(8, styles.conflicts)}>
            {conflicts.slice(0, MOST_ROWS).map((conflict) => (
              <li key={conflictKey(conflict)}>
                <span>
                  {conflict.name}
                  <small>
                    {ALL_TABLES[conflict.table].all}; here {when(conflict.oursAt)}, there{' '}
                    {when(conflict.theirsAt)}
                  </small>
                </span>
                <Segmented<'ours' | 'theirs'>
                  aria-label={`Which ${conflict.name} stands`}
                  value={conflict.stands}
                  options={[
                    { value: 'ours', label: 'this one' },
                    { value: 'theirs', label: 'theirs' },
                  ]}
                  onChange={(side) => setChoices({ ...choices, [conflictKey(conflict)]: side })}
                />
              </li>
            ))}
          </ul>
          {conflicts.length > MOST_ROWS ? (
            <p>And {conflicts.length - MOST_ROWS} more, as they were changed last.</p>
          ) : null}
        </>
      ) : null}
      {belowZero.length > 0 ? (
        <>
          <p role="alert" className="stop">
            Both took from the same bins. There would be less than nothing in{' '}
            {belowZero
              .slice(0, MOST_ROWS)
              .map(({ binId, name: bin, level }) => {
                const unit = view.binById.get(binId) ?? { unit: 'pieces' as const };
                return `${bin} (${amountText(level, unit, mass)})`;
              })
              .join(', ')}
            .
          </p>
          <Checkbox checked={isAgreed} onChange={(event) => setAgreed(event.target.checked)}>
            Join all the same; I will count those bins
          </Checkbox>
        </>
      ) : null}
      {running ? (
        <p role="alert" className="stop">
          {benchSentence({ code: 'bench.two-under-way', table: ALL_TABLES[running].all }, write)}
        </p>
      ) : null}
      <div className={wrap(8, styles.row)}>
        <Button
          type="primary"
          disabled={counts.length === 0 || running !== undefined || (belowZero.length > 0 && !isAgreed)}
          onClick={() => inBackground(join())}
        >
          Join the benches
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </section>
  );
}
