'use client';

import { fields, stack } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { CAUSE_IDS } from '@/core/quality/causes/cause';
import { findCause } from '@/core/quality/causes/causes';
import { FLAWS, findFlaw, type FlawKind } from '@/core/quality/flaws';
import type { Batch } from '@/records/batch';
import { CountField } from '@/ui/unit-field/CountField';
import { useBench } from '@/station-kit/BenchProvider';
import { batchCavities } from '@/model/quality/batch-facts';
import { CauseTable, symptomName } from '@/ui/quality-drawing/CauseTable';
import { FlawTable } from './FlawTable';
import type { Learned } from './use-learned';
import styles from './flaws.module.css';
import { inBackground } from '@/station-kit/in-background';

const ExpectedFlaws = dynamic(
  () => import('@/station-kit/freeze/ExpectedFlaws').then((module) => module.ExpectedFlaws),
  { ssr: false },
);

const UNKNOWN = 'unknown';
type Fate = 'kept' | 'scrapped';

interface FlawsPartProps {
  readonly batch: Batch;
  readonly learned: Learned;
}

/** Castings found wrong at the dressing bench, and what all flaws so far say. */
export function FlawsPart({ batch, learned }: FlawsPartProps) {
  const { view, workshop, carryOut } = useBench();
  const cavities = batchCavities(batch, view);
  const [kind, setKind] = useState<FlawKind | null>(null);
  const [place, setPlace] = useState<string>(
    cavities.length === 1 ? (cavities[0]?.cavity.id ?? UNKNOWN) : UNKNOWN,
  );
  const [count, setCount] = useState<number | null>(1);
  const [fate, setFate] = useState<Fate>('scrapped');
  const from = cavities.find(({ cavity }) => cavity.id === place);
  const metal = view.metals.find(({ id }) => id === batch.metalBinId);
  const hook = batch.hookBinId === null ? null : (view.hooks.get(batch.hookBinId) ?? null);
  const own = view.flaws.filter(({ batchId }) => batchId === batch.id).sort((a, b) => b.at - a.at);
  const problem =
    fate === 'scrapped' && count !== null && count > batch.count
      ? `Only ${batch.count} are left of the batch. Write ${batch.count} or fewer.`
      : count === 0
        ? 'At least one.'
        : null;

  const note = async () => {
    if (kind === null || count === null) return;
    const done = await carryOut(
      workshop.batches.note(batch.id, {
        moldId: from?.mold.id ?? batch.moldId,
        cavity: from?.index ?? null,
        kind,
        count,
        fate,
        cause: null,
      }),
    );
    if (!done) return;
    setKind(null);
    setCount(1);
  };

  return (
    <div className={stack(16)}>
      <div>
        <fieldset className={stack(6, styles.kinds)}>
          <legend>What is wrong</legend>
          {FLAWS.map((flaw) => (
            <button
              key={flaw.kind}
              type="button"
              aria-pressed={kind === flaw.kind}
              onClick={() => setKind(kind === flaw.kind ? null : flaw.kind)}
            >
              <strong>{flaw.name}</strong>
              <small>{flaw.looks}</small>
            </button>
          ))}
        </fieldset>
        <div className={fields(12)}>
          <div>
            <span className={styles.label}>From cavity</span>
            <Segmented
              aria-label="From cavity"
              value={place}
              options={[
                ...cavities.map(({ cavity, index }) => ({ value: cavity.id, label: String(index + 1) })),
                { value: UNKNOWN, label: 'nobody knows' },
              ]}
              onChange={setPlace}
            />
          </div>
          <CountField
            label="How many"
            value={count}
            min={1}
            onChange={setCount}
            problem={problem}
            width={96}
          />
          <div>
            <span className={styles.label}>They</span>
            <Segmented<Fate>
              aria-label="What becomes of them"
              value={fate}
              options={[
                { value: 'scrapped', label: 'go back to the pot' },
                { value: 'kept', label: 'keep them' },
              ]}
              onChange={setFate}
            />
          </div>
          <Button
            type="primary"
            disabled={kind === null || count === null || problem !== null}
            onClick={() => inBackground(note())}
          >
            {kind === null ? 'Note it' : `Note ${findFlaw(kind).name.toLowerCase()}`}
          </Button>
        </div>
        {own.length > 0 ? (
          <ul className={styles.noted} aria-label="Noted of this batch">
            {own.map((flaw) => (
              <li key={flaw.id}>
                <span>
                  <b>{flaw.count}</b> {symptomName(flaw.kind).toLowerCase()}
                  {flaw.cavity === null ? '' : `, cavity ${flaw.cavity + 1}`}
                  {flaw.fate === 'scrapped' ? ', back to the pot' : ''}
                </span>
                <Select
                  size="small"
                  aria-label={`What ${symptomName(flaw.kind).toLowerCase()} came of`}
                  placeholder="came of"
                  allowClear
                  value={flaw.cause}
                  popupMatchSelectWidth={false}
                  options={CAUSE_IDS.map((id) => ({ value: id, label: findCause(id).name }))}
                  onChange={(cause) => inBackground(workshop.batches.setCause(flaw, cause ?? null))}
                />
              </li>
            ))}
          </ul>
        ) : null}
      </div>
      <div className={stack(28, styles.tables)}>
        <FlawTable castings={learned.castings} />
        <CauseTable learned={learned} />
        {metal ? <ExpectedFlaws cavities={cavities} metal={metal} hook={hook} /> : null}
      </div>
    </div>
  );
}
