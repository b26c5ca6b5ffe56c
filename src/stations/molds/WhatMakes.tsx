'use client';

import { takesHook } from '@/core/tickets/takes-hook';
import { apart } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useMemo, useState } from 'react';
import { findSubstitutes } from '@/core/cavities/find-substitutes';
import { findStyle } from '@/core/cavities/styles';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import { HeadDrawing } from '@/ui/head-drawing/HeadDrawing';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PercentField } from '@/ui/unit-field/PercentField';
import { castWorking } from '@/station-kit/figures/head-working';
import { Figure } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { lotText, markText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useSentence, useUnits } from '@/ui/units/use-units';
import styles from './what-makes.module.css';

const ANY = 'any';
const MOST_SHOWN = 24;

interface WhatMakesProps {
  readonly targetG: number;
  readonly metalId: string;
  readonly onChoose: (moldId: string, metalId: string) => void;
  readonly onClose: () => void;
}

/** Which cavities make a weight, across all molds and the metals asked, nearest first. */
export function WhatMakes({ targetG: first, metalId: firstMetal, onChoose, onClose }: WhatMakesProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const sentence = useSentence();
  const [targetG, setTargetG] = useState<number | null>(first);
  const [metalId, setMetalId] = useState(firstMetal);
  const [toleranceShare, setToleranceShare] = useState<number | null>(0.1);
  const id = useId();
  const choices = useMemo(
    () =>
      view.molds.flatMap((mold) =>
        mold.cavities.flatMap((cavity) => {
          const fitting = [...view.hooks.values()].filter((hook) => takesHook(cavity, hook));
          const hooks = cavity.hookSizes.length === 0 ? [null] : fitting;
          return hooks.map((hook) => ({
            id: `${cavity.id} ${hook?.id ?? ''}`,
            mold,
            cavity,
            hook,
            cavityVolumeCm3: cavity.volumeCm3,
            embedded: embeddedIn(cavity, hook),
          }));
        }),
      ),
    [view.molds, view.hooks],
  );
  const metals = view.metals.filter((metal) => metalId === ANY || metal.id === metalId);
  const found =
    targetG !== null && targetG > 0 && toleranceShare !== null
      ? findSubstitutes(choices, metals, targetG, toleranceShare)
      : null;
  const matches = found?.ok ? found.value : [];
  return (
    <Dialog open title="What makes it?" width={720} onCancel={onClose} footer={null}>
      <div className={apart(12, styles.ask)}>
        <MassField
          label="Weight wanted"
          value={targetG}
          write={(massG) => markText(massG, mass)}
          onChange={setTargetG}
          check={(massG) => (massG <= 0 ? 'Ask for more than nothing, such as 10 g or 3/8 oz.' : null)}
        />
        <FieldShell id={`${id}metal`} label="In">
          <Select
            id={`${id}metal`}
            value={metalId}
            style={{ width: '100%' }}
            options={[
              { value: ANY, label: 'any metal on the shelf' },
              ...view.metals.map((each) => ({ value: each.id, label: each.name })),
            ]}
            onChange={setMetalId}
          />
        </FieldShell>
        <PercentField label="Off by at most" value={toleranceShare} most={1} onChange={setToleranceShare} />
      </div>
      {found && !found.ok ? <p>{sentence(found.problem)}</p> : null}
      {found?.ok && matches.length === 0 ? (
        <p className={styles.none}>
          No cavity comes that near. Allow more, take another metal, or drill one: New cavity solves its
          depth.
        </p>
      ) : null}
      <ol className={styles.matches} aria-label="Cavities that make it">
        {matches.slice(0, MOST_SHOWN).map(({ cavityId, metalId: made, finishedG, offShare }) => {
          const choice = choices.find((each) => each.id === cavityId);
          const metal = view.metals.find((each) => each.id === made);
          const style = choice ? findStyle(choice.cavity.style) : undefined;
          if (!choice || !metal || !style) return null;
          const { mold, cavity, hook } = choice;
          return (
            <li key={`${cavityId} ${made}`}>
              <span className={styles.head}>
                <HeadDrawing
                  name={style.name}
                  style={style}
                  volumeCm3={cavity.volumeCm3}
                  hook={hook}
                  pxPerMm={1.7}
                  maxWidthPx={90}
                />
              </span>
              <span>
                <strong>{mold.name}</strong>, {style.name.toLowerCase()} marked{' '}
                {markText(cavity.nominalG, mass)}
                {hook ? `, on ${hook.name}` : ''}
                <small>
                  {lotText(metal.name)}, {metal.name.split(', ').slice(1).join(', ')}
                  {cavity.volumeBasis === 'guess' ? '; cavity never weighed' : ''}
                </small>
              </span>
              <span
                className={styles.given}
                data-guess={cavity.volumeBasis === 'guess' || metal.densityBasis === 'guess'}
              >
                <Figure
                  working={castWorking(
                    { nominalG: cavity.nominalG, finishedG, isMeasured: cavity.volumeBasis !== 'guess' },
                    metal,
                    mass,
                  )}
                >
                  {massText(finishedG, mass)}
                </Figure>
              </span>
              <span className={styles.off}>
                {offShare < 0 ? '−' : '+'}
                {(Math.abs(offShare) * 100).toFixed(1)} %
              </span>
              <Button
                size="small"
                onClick={() => {
                  onChoose(mold.id, made);
                  onClose();
                }}
              >
                Take it out
              </Button>
            </li>
          );
        })}
      </ol>
    </Dialog>
  );
}
