'use client';

import { Select } from 'antd';
import { useId, useState } from 'react';
import type { WeighedEnd } from '@/core/pours/settle-run';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField } from '@/ui/unit-field/MassField';
import { massText } from '@/text/words';
import { ScalePanel } from '@/station-kit/scale/ScalePanel';
import { useUnits } from '@/ui/units/use-units';
import styles from './pour.module.css';

/** What the maker weighed at the end, as it lay on the scale, g; null where the tally is believed. */
export interface EndOnScale {
  /** Hooks and all. */
  readonly goodWithHooksG: number | null;
  readonly rejectedG: number | null;
  readonly sprueG: number | null;
  readonly potEndG: number | null;
}

export const NOTHING_ON_SCALE: EndOnScale = {
  goodWithHooksG: null,
  rejectedG: null,
  sprueG: null,
  potEndG: null,
};

/**
 * What was on the scale, metal alone: the hooks in the good castings are taken off.
 *
 * @example metalOf({ ...NOTHING_ON_SCALE, goodWithHooksG: 100 }, 12).goodG // 88
 */
export function metalOf(weighed: EndOnScale, hooksG: number): WeighedEnd {
  const { goodWithHooksG, rejectedG, sprueG, potEndG } = weighed;
  return {
    goodG: goodWithHooksG === null ? null : Math.max(0, goodWithHooksG - hooksG),
    rejectedG,
    sprueG,
    potEndG,
  };
}

interface EndWeightsProps {
  readonly weighed: EndOnScale;
  readonly onChange: (weighed: EndOnScale) => void;
  readonly onSkimmed: (drossG: number) => void;
}

type Pile = 'dross' | keyof EndOnScale;

/** The piles of an evening, in the order in which they cool. */
const PILES: readonly { readonly value: Pile; readonly label: string }[] = [
  { value: 'dross', label: 'Skimmed off' },
  { value: 'sprueG', label: 'Sprues' },
  { value: 'rejectedG', label: 'Misfills and warm-ups' },
  { value: 'goodWithHooksG', label: 'Good heads, hooks and all' },
  { value: 'potEndG', label: 'Left in the pot' },
];

/** The scale at the end of a run: each pile, typed or as it settles, or nothing where the tally is to be believed. */
export function EndWeights({ weighed, onChange, onSkimmed }: EndWeightsProps) {
  const { mass } = useUnits();
  const panId = useId();
  const [pile, setPile] = useState<Pile>('dross');
  const [said, setSaid] = useState('');
  const field = (label: string, key: keyof EndOnScale, hint?: string) => (
    <MassField
      label={label}
      value={weighed[key]}
      hint={hint}
      onChange={(grams) => onChange({ ...weighed, [key]: grams })}
    />
  );
  const take = (grams: number) => {
    if (pile === 'dross') onSkimmed(grams);
    else onChange({ ...weighed, [pile]: grams });
    const at = PILES.findIndex(({ value }) => value === pile);
    setSaid(`${PILES[at]?.label ?? ''}: ${massText(grams, mass)}.`);
    setPile(PILES[at + 1]?.value ?? pile);
  };
  const onPan = PILES.find(({ value }) => value === pile)?.label ?? '';
  return (
    <>
      <fieldset className={styles.endWeights}>
        <legend>On the scale at the end</legend>
        {field('Left in the pot', 'potEndG', 'leave it empty to have it worked out')}
        {field('Good heads, hooks and all', 'goodWithHooksG')}
        {field('Misfills and warm-ups', 'rejectedG')}
        {field('Sprues', 'sprueG')}
      </fieldset>
      <details className={styles.endScale}>
        <summary>Read them off a scale</summary>
        <FieldShell id={panId} label="On the pan">
          <Select
            id={panId}
            value={pile}
            style={{ width: '100%' }}
            options={PILES.map((each) => ({ ...each }))}
            onChange={setPile}
          />
        </FieldShell>
        <ScalePanel count={1} isTypable={false} what={onPan.toLowerCase()} said={said} onWeighed={take} />
      </details>
    </>
  );
}
