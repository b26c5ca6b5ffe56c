'use client';

import { Checkbox } from 'antd';
import type { HeadSaid } from '@/model/stock/put-down';
import { HEAD_METALS } from '@/model/metals/listed-metal';
import { findThingKind } from '@/reference/typical';
import { fields } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import styles from './put-down.module.css';

interface HeadFieldsProps {
  readonly head: HeadSaid;
  readonly onChange: (head: HeadSaid) => void;
}

const GUARDS: readonly { readonly value: HeadSaid['guard']; readonly label: string }[] = [
  { value: 'none', label: 'no hole for one' },
  { value: 'hole', label: 'an empty hole' },
  { value: 'fitted', label: 'a guard is in it' },
];
const HOOK_SIZES = findThingKind('jig-hook').sizes.map(({ key }) => ({ value: key, label: key }));
const METALS = HEAD_METALS.map(({ key, name }) => ({ value: key, label: name }));

/** What a bought head is made of and has in it: its metal, hook, guard and keeper. */
export function HeadFields({ head, onChange }: HeadFieldsProps) {
  const set = (to: Partial<HeadSaid>) => onChange({ ...head, ...to });
  return (
    <div className={fields(10, styles.fields)}>
      <ChoiceField
        label="Made of"
        value={head.metal}
        none="nobody says"
        options={METALS}
        onChange={(metal) => set({ metal })}
      />
      <ChoiceField
        label="Hook in it"
        value={head.hookSize}
        none="nobody says"
        options={HOOK_SIZES}
        onChange={(hookSize) => set({ hookSize })}
      />
      <ChoiceField
        label="Weed guard"
        value={head.guard}
        options={GUARDS}
        onChange={(guard) => set({ guard: guard as HeadSaid['guard'] })}
      />
      <Checkbox checked={head.hasKeeper} onChange={({ target }) => set({ hasKeeper: target.checked })}>
        has a keeper
      </Checkbox>
    </div>
  );
}
