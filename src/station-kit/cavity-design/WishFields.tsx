'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { stack } from '@/ui/layout/layout';
import { Radio, Select } from 'antd';
import { useId } from 'react';
import type { CavityForm } from '@/core/solids/forms/definition';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField } from '@/ui/unit-field/MassField';
import { lengthText, markText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './design.module.css';

export interface WishDraft {
  readonly targetG: number | null;
  readonly metalId: string;
  readonly hookId: string | null;
  readonly pinMm: number | null;
  readonly vary: string;
}

interface WishFieldsProps {
  readonly wish: WishDraft;
  readonly onWish: (change: Partial<WishDraft>) => void;
  readonly form: CavityForm | null;
  readonly sizes: Readonly<Record<string, number>>;
  readonly onSize: (key: string, mm: number | null) => void;
  readonly solved: Readonly<Record<string, number>> | null;
}

const NONE = 'none';

/** What is wanted, and the sizes of the form; the one that is solved shows what it comes to. */
export function WishFields({ wish, onWish, form, sizes, onSize, solved }: WishFieldsProps) {
  const { view } = useBench();
  const { mass, length } = useUnits();
  const id = useId();
  const hooks = [...view.hooks.values()];
  return (
    <div className={styles.fields}>
      <MassField
        label="Weight wanted"
        value={wish.targetG}
        write={(massG) => markText(massG, mass)}
        onChange={(targetG) => onWish({ targetG })}
        check={(massG) => (massG <= 0 ? 'Ask for more than nothing, such as 30 g or 1 oz.' : null)}
      />
      <FieldShell id={`${id}metal`} label="In">
        <Select
          id={`${id}metal`}
          value={wish.metalId}
          style={{ width: '100%' }}
          options={view.metals.map((each) => ({ value: each.id, label: each.name }))}
          onChange={(metalId) => onWish({ metalId })}
        />
      </FieldShell>
      <FieldShell id={`${id}hook`} label="On">
        <Select
          id={`${id}hook`}
          value={wish.hookId ?? NONE}
          style={{ width: '100%' }}
          options={[
            { value: NONE, label: 'no hook' },
            ...hooks.map((each) => ({ value: each.id, label: each.name })),
          ]}
          onChange={(next) => onWish({ hookId: next === NONE ? null : next })}
        />
      </FieldShell>
      <QuantityField
        label="Pin through, pulled"
        of="length"
        least={0.2}
        most={50}
        isOptional
        value={wish.pinMm}
        onChange={(pinMm) => onWish({ pinMm })}
        hint="empty: none"
      />
      {form ? (
        <Radio.Group
          aria-label="What is solved"
          className={styles.fields}
          value={wish.vary}
          onChange={(event) => onWish({ vary: String(event.target.value) })}
        >
          <Radio value="scale">Scale all of it</Radio>
          {form.fields.map(({ key, label, usual, solves }) => {
            const isSolved = wish.vary === key;
            return (
              <div key={key} className={stack(2)}>
                {isSolved || wish.vary === 'scale' ? (
                  <p className={styles.solvedSize}>
                    <span>{label}</span>
                    <output aria-label={label}>
                      {solved?.[key] === undefined ? 'no size does it' : lengthText(solved[key], length)}
                    </output>
                  </p>
                ) : (
                  <QuantityField
                    label={label}
                    of="length"
                    least={0.1}
                    most={2000}
                    value={sizes[key] ?? usual}
                    onChange={(mm) => onSize(key, mm)}
                  />
                )}
                {solves ? <Radio value={key}>Solve this</Radio> : null}
              </div>
            );
          })}
        </Radio.Group>
      ) : null}
    </div>
  );
}
