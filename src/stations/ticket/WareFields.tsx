'use client';

import { stack } from '@/ui/layout/layout';
import { Button, DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useId } from 'react';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { useBench } from '@/station-kit/BenchProvider';
import type { DraftWare } from './draft';
import styles from './ticket.module.css';

interface WareFieldsProps {
  readonly ware: DraftWare;
  readonly place: number;
  readonly problems: { readonly of: string | null; readonly count: string | null } | null;
  readonly onChange: (ware: DraftWare) => void;
  readonly onRemove: () => void;
}

/** A bait or a rig asked for, ready made: which, how many, by when. */
export function WareFields({ ware, place, problems, onChange, onRemove }: WareFieldsProps) {
  const { view } = useBench();
  const id = useId();
  const options = [
    ...newestByFamily(view.builds).map(({ family, name }) => ({ value: `build:${family}`, label: name })),
    ...newestByFamily(view.rigs).map(({ family, name }) => ({
      value: `rig:${family}`,
      label: `${name}, rig`,
    })),
  ];
  return (
    <fieldset className={stack(14, styles.wareLine)} aria-label={`Bait or rig ${place}`}>
      <ChoiceField
        label="Bait or rig"
        value={ware.of}
        none="choose one"
        options={options}
        problem={problems?.of ?? null}
        onChange={(of) => onChange({ ...ware, of })}
      />
      <CountField
        label="Count"
        value={ware.count}
        min={1}
        problem={problems?.count ?? null}
        onChange={(count) => onChange({ ...ware, count })}
      />
      <FieldShell id={`${id}due`} label="Due">
        <DatePicker
          id={`${id}due`}
          value={ware.dueOn === null ? null : dayjs(ware.dueOn)}
          onChange={(day) => onChange({ ...ware, dueOn: day ? day.format('YYYY-MM-DD') : null })}
        />
      </FieldShell>
      <Button type="text" onClick={onRemove}>
        Remove
      </Button>
    </fieldset>
  );
}
