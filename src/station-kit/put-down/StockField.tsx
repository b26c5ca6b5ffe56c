'use client';

import { Select } from 'antd';
import { useId } from 'react';
import type { Bin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { inBackground } from '../in-background';
import styles from './put-down.module.css';
import { useTypical } from './use-typical';

interface StockOption {
  readonly value: string;
  readonly label: string;
  /** Beside it in the list: how many there are. */
  readonly note?: string;
}

interface StockFieldProps {
  readonly label: string;
  readonly value: string | null;
  /** What lies on the shelf. */
  readonly there: readonly StockOption[];
  /** What of the commonly sold would do: chosen, it is put down. Kept the same from one drawing to the next. */
  readonly suits: (kind: ThingKind) => boolean;
  /** What choosing nothing is called, and what comes of it; left out where one must be chosen. */
  readonly none?: { readonly label: string; readonly onChoose: () => void };
  readonly placeholder: string;
  readonly problem?: string | null | undefined;
  readonly isFixed?: boolean;
  /** How what was chosen stands in the field; its label where nobody says. */
  readonly short?: (label: string) => string;
  /** The bin too: one put down just now is not on the shelf that was read before. */
  readonly onChange: (binId: string, bin: Bin) => void;
}

const NONE = 'none';

/** One thing of the shelf or, where it does not lie there yet, one that is commonly sold. */
export function StockField(props: StockFieldProps) {
  const { label, value, there, suits, none, placeholder, problem, isFixed = false, short, onChange } = props;
  const id = useId();
  const { take, withTypical } = useTypical(suits);
  const choose = async (chosen: string) => {
    if (none && chosen === NONE) {
      none.onChoose();
      return;
    }
    const bin = await take(chosen);
    if (bin) onChange(bin.id, bin);
  };
  return (
    <FieldShell id={id} label={label} problem={problem}>
      <Select
        id={id}
        value={value ?? (none ? NONE : null)}
        disabled={isFixed}
        placeholder={placeholder}
        showSearch={{ optionFilterProp: 'label' }}
        popupMatchSelectWidth={false}
        status={problem ? 'error' : undefined}
        style={{ width: '100%' }}
        options={[...(none ? [{ value: NONE, label: none.label }] : []), ...withTypical([...there])]}
        optionRender={(option) => (
          <span className={styles.option}>
            {option.label} <em>{there.find((each) => each.value === option.value)?.note}</em>
          </span>
        )}
        labelRender={({ value: chosen, label: whole }) => {
          const name = there.find((each) => each.value === chosen)?.label;
          return short && name !== undefined ? short(name) : whole;
        }}
        onChange={(chosen: string) => inBackground(choose(chosen))}
      />
    </FieldShell>
  );
}
