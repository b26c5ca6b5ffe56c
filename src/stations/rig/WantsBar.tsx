'use client';

import { InputNumber, Segmented } from 'antd';
import { useId } from 'react';
import { findRigKind } from '@/core/rigs/kinds';
import type { RigWant } from '@/core/rigs/kinds/definition';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { UnitField } from '@/ui/unit-field/UnitField';
import { sizeText } from '@/text/words';
import { measureText } from '@/text/measure-text';
import { MassField } from '@/ui/unit-field/MassField';
import { useUnits } from '@/ui/units/use-units';
import type { RigDraft } from './draft';
import styles from './rig.module.css';

interface WantsBarProps {
  readonly draft: RigDraft;
  readonly onWant: (id: string, value: number) => void;
  readonly onPick: (id: string, value: string) => void;
}

const UNIT_WORDS: Record<RigWant['unit'], string> = { mm: '', g: '', kgf: '', pieces: '', percent: ', %' };

/** What the rig is laid out by: the lure’s length, the load, the ways to choose among. */
export function WantsBar({ draft, onWant, onPick }: WantsBarProps) {
  const { wants, picks } = findRigKind(draft.kind);
  return (
    <section className={styles.wants} aria-label="What it is for">
      {wants.map((want) => (
        <WantField
          key={want.id}
          want={want}
          value={draft.wants[want.id] ?? want.usual}
          onChange={(value) => onWant(want.id, value)}
        />
      ))}
      {picks.map(({ id, label, options }) => (
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
  const id = useId();
  const units = useUnits();
  const { length } = units;
  if (unit === 'mm') {
    return (
      <UnitField
        label={label}
        quantity="length"
        value={value}
        assume={length}
        write={(mm) => sizeText(mm, length)}
        check={(mm) =>
          mm < least || mm > most ? `From ${sizeText(least, length)} to ${sizeText(most, length)}.` : null
        }
        onChange={(mm) => mm !== null && onChange(mm)}
      />
    );
  }
  if (unit === 'kgf') {
    const written = (kgf: number) => measureText('kgf', kgf, units);
    return (
      <UnitField
        label={label}
        quantity="strength"
        value={value}
        assume={units.mass === 'g' ? 'kg' : 'lb'}
        write={written}
        check={(kgf) => (kgf < least || kgf > most ? `From ${written(least)} to ${written(most)}.` : null)}
        onChange={(kgf) => kgf !== null && onChange(kgf)}
      />
    );
  }
  if (unit === 'g')
    return <MassField label={label} value={value} onChange={(g) => g !== null && onChange(g)} />;
  return (
    <FieldShell id={id} label={`${label}${UNIT_WORDS[unit]}`}>
      <InputNumber
        id={id}
        min={least}
        max={most}
        step={1}
        {...(unit === 'pieces' ? { precision: 0 } : {})}
        value={value}
        onChange={(next) => next !== null && onChange(next)}
      />
    </FieldShell>
  );
}
