'use client';

import { stack } from '@/ui/layout/layout';
import { Checkbox, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useState } from 'react';
import { DRESS_STEPS, type DressStepId } from '@/core/dress/dress-steps';
import type { HeadBin } from '@/records/bin';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { headText } from '@/text/words';
import { isBoughtHead } from '@/reference/typical/suits';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { draftBatch } from '@/model/quality/batch-facts';
import styles from './dress.module.css';

interface BeginBatchProps {
  readonly onClose: () => void;
  readonly onBegun: (batchId: string) => void;
}

/** Heads from the shelf, cast longer ago or bought, laid on the dressing bench. */
export function BeginBatch({ onClose, onBegun }: BeginBatchProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const id = useId();
  const there = (bin: HeadBin) => Math.floor(view.levels.get(bin.id) ?? 0);
  const heads = view.bins.filter((bin): bin is HeadBin => bin.kind === 'head' && there(bin) > 0);
  const [binId, setBinId] = useState(heads[0]?.id ?? null);
  const bin = heads.find((each) => each.id === binId) ?? heads[0] ?? null;
  const draft = bin ? draftBatch(bin, null, there(bin), headText(bin, view.binById, mass), view) : null;
  const [count, setCount] = useState<number | null | undefined>();
  const [steps, setSteps] = useState<readonly DressStepId[] | null>(null);
  const chosen = steps ?? draft?.steps ?? [];
  const pieces = count === undefined ? (draft?.count ?? null) : count;
  const problem =
    bin && pieces !== null && pieces > there(bin)
      ? `Only ${there(bin)} lie there. Write ${there(bin)} or fewer.`
      : null;
  const isReady = draft !== null && pieces !== null && pieces > 0 && !problem && chosen.length > 0;
  return (
    <Dialog
      open
      title="Heads from the shelf"
      okText="Lay them on the bench"
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={async () => {
        if (!draft || pieces === null) return;
        const tray = Math.min(draft.tray, pieces);
        onBegun(await workshop.batches.begin({ ...draft, count: pieces, tray, steps: [...chosen] }));
      }}
    >
      {heads.length === 0 ? (
        <PutDownHere
          says="No heads lie on the shelf. Pour some, or put bought ones down with how many there are."
          mend="Put bought heads down"
          suits={isBoughtHead}
          onAdded={({ id: added }) => setBinId(added)}
        />
      ) : (
        <div className={stack(12)}>
          <FieldShell id={`${id}head`} label="Heads">
            <Select
              id={`${id}head`}
              value={bin?.id}
              style={{ width: '100%' }}
              options={heads.map((each) => ({ value: each.id, label: `${each.name} (${there(each)})` }))}
              onChange={(next) => {
                setBinId(next);
                setCount(undefined);
                setSteps(null);
              }}
            />
          </FieldShell>
          <CountField label="Pieces" value={pieces} min={1} onChange={setCount} problem={problem} />
          <fieldset className={stack(6, styles.stepChoice)}>
            <legend>What they need</legend>
            {DRESS_STEPS.map((step) => (
              <Checkbox
                key={step.id}
                checked={chosen.includes(step.id)}
                onChange={({ target }) =>
                  setSteps(
                    DRESS_STEPS.map((each) => each.id).filter((each) =>
                      each === step.id ? target.checked : chosen.includes(each),
                    ),
                  )
                }
              >
                {step.name}
              </Checkbox>
            ))}
          </fieldset>
        </div>
      )}
    </Dialog>
  );
}
