'use client';

import type { WeighedEnd } from '@/core/pours/settle-run';
import { MassField } from '../shared';
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
}

/** The scale at the end of a run: each pile, or nothing where the tally is to be believed. */
export function EndWeights({ weighed, onChange }: EndWeightsProps) {
  const field = (label: string, key: keyof EndOnScale, hint?: string) => (
    <MassField
      label={label}
      value={weighed[key]}
      hint={hint}
      onChange={(grams) => onChange({ ...weighed, [key]: grams })}
    />
  );
  return (
    <fieldset className={styles.endWeights}>
      <legend>On the scale at the end</legend>
      {field('Left in the pot', 'potEndG', 'empty: reckoned, and no gap is seen')}
      {field('Good heads, hooks and all', 'goodWithHooksG')}
      {field('Misfills and warm-ups', 'rejectedG')}
      {field('Sprues', 'sprueG')}
    </fieldset>
  );
}
