'use client';

import { Checkbox, InputNumber, Modal } from 'antd';
import { useState } from 'react';
import { findKind } from '@/core/builds/kinds';
import { sum } from '@/core/numeric/sum';
import type { BuildRecord, Building } from '@/records/build';
import { useBench } from '../shared';
import { finishedOf, weightLines } from './facts';
import { putBackOf } from './run-plan';
import styles from './run.module.css';

interface EndBuildingProps {
  readonly building: Building;
  readonly build: BuildRecord;
  readonly done: number;
  readonly onClose: () => void;
  readonly onEnded: (passed: number) => void;
}

const REASONS = ['does not spin freely', 'does not run true', 'eye or loop open', 'crooked'] as const;

/** The inspection: what passed, what failed and why; what is over goes back, failed ones too where they are stripped. */
export function EndBuilding({ building, build, done, onClose, onEnded }: EndBuildingProps) {
  const { view, workshop, carryOut } = useBench();
  const [built, setBuilt] = useState(done);
  const [failed, setFailed] = useState<Readonly<Record<string, number>>>({});
  const [isStripped, setStripped] = useState(true);
  const kind = findKind(build.kind);
  const bad = sum(Object.values(failed));
  const passed = Math.max(0, built - bad);
  const tooMany = bad > built;
  const back = putBackOf(building, isStripped ? passed : built);
  const { finishedG, unweighed } = finishedOf(weightLines(build, view));
  return (
    <Modal
      open
      title="Look them over"
      okText={passed > 0 ? `Book ${passed} built` : 'Put all back'}
      cancelText="Go on building"
      okButtonProps={{ disabled: tooMany }}
      onCancel={onClose}
      onOk={async () => {
        const ended = await carryOut(
          workshop.buildings.end(building.id, {
            passed,
            failed: Object.entries(failed).flatMap(([reason, count]) =>
              count > 0 ? [{ reason, count }] : [],
            ),
            putBack: back,
            massG: unweighed.length > 0 ? null : finishedG,
          }),
        );
        if (ended) onEnded(passed);
      }}
    >
      <div>
        Built:{' '}
        <InputNumber
          aria-label="Built"
          min={0}
          max={building.count}
          precision={0}
          value={built}
          onChange={(next) => next !== null && setBuilt(next)}
        />{' '}
        of {building.count}
      </div>
      <ul className={styles.checks}>
        {kind.checks.map((check) => (
          <li key={check}>{check}</li>
        ))}
      </ul>
      <div className={styles.reasons}>
        {REASONS.map((reason) => (
          <label key={reason}>
            <InputNumber
              aria-label={`Failed: ${reason}`}
              min={0}
              max={building.count}
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
          {bad} failed of {built} built: no more can fail than were built.
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
      </p>
    </Modal>
  );
}
