'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { Segmented } from '@/ui/choice/Segmented';
import { useId } from 'react';
import type { CardWay } from '@/core/card-runs/turn-card';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PaceFigure } from '../figures/PaceFigure';

/** How many a run makes. */
export function HowMany({
  count,
  onChange,
}: {
  readonly count: number;
  readonly onChange: (count: number) => void;
}) {
  return (
    <CountField
      label="How many"
      min={1}
      max={500}
      value={count}
      onChange={(next) => next !== null && onChange(next)}
    />
  );
}

/** One piece after the other, or one step for all of them; `one` is how the first is said. */
export function WhichWay({
  way,
  one,
  onChange,
}: {
  readonly way: CardWay;
  readonly one: string;
  readonly onChange: (way: CardWay) => void;
}) {
  const id = useId();
  return (
    <FieldShell id={id} label="How">
      <Segmented<CardWay>
        id={id}
        value={way}
        options={[
          { value: 'one-by-one', label: one },
          { value: 'by-station', label: 'Each step for all' },
        ]}
        onChange={onChange}
      />
    </FieldShell>
  );
}

/** How long a run takes, and how that is known. */
export function PaceNote({
  pace,
  count,
}: {
  readonly pace: { readonly secondsEach: number; readonly isOwn: boolean };
  readonly count: number;
}) {
  return (
    <p className="quiet">
      {pace.isOwn ? 'By your own runs' : 'As a rule'} <PaceFigure pace={pace} /> each,{' '}
      <PaceFigure pace={pace} count={count} /> for all.
    </p>
  );
}
