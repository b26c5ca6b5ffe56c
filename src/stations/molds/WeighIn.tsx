'use client';

import { takesHook } from '@/core/tickets/takes-hook';
import { offMark } from '@/core/tickets/marked-weight';
import { apart, column, stack, wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useId, useState } from 'react';
import type { Mold } from '@/records/mold';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { markText, massText, offText } from '@/text/words';
import { afterWeighing } from '@/model/next/next-steps';
import { NextSteps } from '@/station-kit/NextSteps';
import { ScalePanel } from '@/station-kit/scale/ScalePanel';
import { useBench } from '@/station-kit/BenchProvider';
import { roomText } from '@/text/writer';
import { useUnits } from '@/ui/units/use-units';
import { hookFor } from '@/model/molds/cavity-facts';
import { Figure } from '@/ui/figure/Figure';
import { roomWorking } from '@/station-kit/figures/room-working';
import { bandedWorking } from '@/station-kit/workings';
import { PredictionTable } from './PredictionTable';
import { predictWithBand, weighingsOf } from '@/model/molds/cavity-weighings';
import { WeighingList } from './WeighingList';
import styles from './weigh-in.module.css';
import { inBackground } from '@/station-kit/in-background';

const BARE = 'bare';

interface WeighInProps {
  readonly mold: Mold;
  readonly metalId: string;
  readonly onClose: () => void;
}

/** Castings on the scale: the cavity's true volume, how sure it is, and what it gives in everything else. */
export function WeighIn({ mold, metalId: firstMetal, onClose }: WeighInProps) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const { mass, length } = units;
  const [cavityId, setCavityId] = useState(mold.cavities[0]?.id ?? '');
  const [metalId, setMetalId] = useState(firstMetal);
  const [hookId, setHookId] = useState<string | null>(null);
  const [count, setCount] = useState<number | null>(1);
  const [use, setUse] = useState<'calibrate' | 'check'>('calibrate');
  const [said, setSaid] = useState('');
  const id = useId();
  const cavity = mold.cavities.find((each) => each.id === cavityId) ?? mold.cavities[0];
  const metal = view.metals.find((each) => each.id === metalId) ?? view.metals[0];
  if (!cavity || !metal) return null;
  const fitting = [...view.hooks.values()].filter((hook) => takesHook(cavity, hook));
  const hook =
    hookId === BARE ? null : (fitting.find((each) => each.id === hookId) ?? hookFor(cavity, view.hooks));
  const samples = weighingsOf(cavity, view.weighings).filter(({ calibrates }) => calibrates).length;
  const cast = predictWithBand(cavity, metal, hook, view);

  const take = async (weighedG: number, scale: 'typed' | 'stand-in' | 'serial') => {
    if (count === null || count < 1) return;
    const weighing = {
      moldId: mold.id,
      cavityId: cavity.id,
      metalBinId: metal.id,
      hookBinId: hook?.id ?? null,
      count,
      weighedG,
      scale,
      runId: null,
      batchId: null,
      calibrates: use === 'calibrate',
    };
    const done = await carryOut(workshop.weighings.add(weighing));
    if (done) setSaid(`Took ${count} of ${massText(weighedG, mass)} together.`);
  };

  return (
    <Dialog
      open
      title={`Weigh castings of ${mold.name} in`}
      width={980}
      onCancel={onClose}
      footer={
        <div className={wrap(12, styles.foot)}>
          {said === '' ? <span /> : <NextSteps steps={afterWeighing(cavity, view)} />}
          <Button type={said === '' ? 'primary' : 'default'} onClick={onClose}>
            Done
          </Button>
        </div>
      }
    >
      <Segmented
        aria-label="Cavity"
        className={styles.cavities}
        value={cavity.id}
        options={mold.cavities.map((each, index) => ({
          value: each.id,
          label: `${index + 1}: ${markText(each.nominalG, mass)}`,
        }))}
        onChange={(next) => {
          setCavityId(next);
          setHookId(null);
          setSaid('');
        }}
      />
      <div className={apart(24, styles.weighIn)}>
        <div className={column(12)}>
          <div className={stack(10, styles.what)}>
            <FieldShell id={`${id}metal`} label="Cast in">
              <Select
                id={`${id}metal`}
                value={metal.id}
                style={{ width: '100%' }}
                options={view.metals.map((each) => ({ value: each.id, label: each.name }))}
                onChange={setMetalId}
              />
            </FieldShell>
            <FieldShell id={`${id}hook`} label="On">
              <Select
                id={`${id}hook`}
                value={hook?.id ?? BARE}
                style={{ width: '100%' }}
                options={[
                  ...fitting.map((each) => ({ value: each.id, label: each.name })),
                  { value: BARE, label: 'no hook' },
                ]}
                onChange={setHookId}
              />
            </FieldShell>
            <CountField
              label="Castings"
              value={count}
              onChange={setCount}
              problem={count === 0 ? 'At least one.' : null}
            />
          </div>
          <ScalePanel
            count={count ?? 1}
            onWeighed={(massG, scale) => inBackground(take(massG, scale))}
            said={said}
          />
          <Segmented
            aria-label="What the weighing is for"
            block
            value={use}
            options={[
              { value: 'calibrate', label: 'Tells the cavity' },
              { value: 'check', label: 'Only checks it' },
            ]}
            onChange={setUse}
          />
        </div>
        <div className={column(12)}>
          <p className={styles.volume}>
            <Figure working={roomWorking(cavity, units)}>{roomText(cavity.volumeCm3, length, 4)}</Figure>{' '}
            {cavity.volumeBasis === 'guess' ? (
              <span className={styles.guess}>a guess from its mark</span>
            ) : cavity.standardErrorCm3 === null ? (
              <span className="quiet">weighed once: how sure is not known yet</span>
            ) : (
              <span className="quiet">
                ± {roomText(cavity.standardErrorCm3, length, 2)}, from {cavity.weighedCount} castings in{' '}
                {samples} weighings
              </span>
            )}
          </p>
          {cast ? (
            <p>
              gives{' '}
              <Figure working={bandedWorking(cavity, metal, hook, cast, units)}>
                {massText(cast.finishedG, mass)}
              </Figure>{' '}
              ± {massText(cast.bandG, mass)} here,{' '}
              {offText(offMark(cavity, cast.finishedG, cavity.nominalG), markText(cavity.nominalG, mass))}
            </p>
          ) : null}
          <WeighingList cavity={cavity} />
          <PredictionTable cavity={cavity} />
        </div>
      </div>
    </Dialog>
  );
}
