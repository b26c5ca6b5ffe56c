'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { CountField } from '@/ui/unit-field/CountField';
import { Segmented } from '@/ui/choice/Segmented';
import { findRigKind } from '@/core/rigs/kinds';
import type { RigWant } from '@/core/rigs/kinds/definition';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField } from '@/ui/unit-field/MassField';
import { GoesOn } from '@/station-kit/rigs/GoesOn';
import type { RigDraft } from '@/model/rigs/rig-draft';
import styles from './rig.module.css';

interface WantsBarProps {
  readonly draft: RigDraft;
  readonly onWants: (wants: Readonly<Record<string, number>>) => void;
  readonly onPick: (id: string, value: string) => void;
}

/** What the rig is laid out by: the lure’s length, the load, the ways to choose among. */
export function WantsBar({ draft, onWants, onPick }: WantsBarProps) {
  const { wants, picks } = findRigKind(draft.kind);
  return (
    <section className={styles.wants} aria-label="What it is for">
      <GoesOn kind={draft.kind} wants={draft.wants} onMeasures={onWants} />
      {wants
        .filter(({ when }) => when?.(draft.picks) ?? true)
        .map((want) => (
          <WantField
            key={want.id}
            want={want}
            value={draft.wants[want.id] ?? want.usual}
            onChange={(value) => onWants({ [want.id]: value })}
          />
        ))}
      {picks
        .filter(({ when }) => when?.(draft.picks) ?? true)
        .map(({ id, label, options }) => (
          <FieldShell key={id} id={`pick-${id}`} label={label}>
            <Segmented
              id={`pick-${id}`}
              aria-label={label}
              value={draft.picks[id] ?? options[0]?.value ?? ''}
              options={options.map(({ value, label: words }) => ({ value, label: words }))}
              onChange={(value) => onPick(id, value)}
            />
          </FieldShell>
        ))}
    </section>
  );
}

function WantField({
  want: { label, unit, least, most },
  value,
  onChange,
}: {
  readonly want: RigWant;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  const changed = (next: number | null) => next !== null && onChange(next);
  if (unit === 'mm' || unit === 'kgf') {
    const of = unit === 'mm' ? 'length' : 'strength';
    return <QuantityField label={label} of={of} least={least} most={most} value={value} onChange={changed} />;
  }
  if (unit === 'g') return <MassField label={label} value={value} onChange={changed} />;
  return unit === 'pieces' ? (
    <CountField label={label} min={least} max={most} value={value} onChange={changed} />
  ) : (
    <NumberField label={label} least={least} most={most} suffix="%" value={value} onChange={changed} />
  );
}
