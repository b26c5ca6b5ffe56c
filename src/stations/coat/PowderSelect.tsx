'use client';

import { Select } from 'antd';
import type { BenchView } from '@/model/bench/bench-view';
import type { PowderBin } from '@/records/bin';
import { isPowder } from '@/reference/typical/suits';
import { PutDownButton } from '@/station-kit/put-down/PutDownButton';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './colors.module.css';

interface PowderSelectProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChange: (binId: string) => void;
}

export function powdersOnShelf({ bins }: Pick<BenchView, 'bins'>): PowderBin[] {
  return bins.filter((bin): bin is PowderBin => bin.kind === 'powder');
}

/** One of the powders, each with its color. */
export function PowderSelect({ label, value, onChange }: PowderSelectProps) {
  const { view } = useBench();
  const options = powdersOnShelf(view).map((bin) => ({
    value: bin.id,
    label: bin.name.replace(/^Powder, /, ''),
    hex: bin.hex,
  }));
  if (options.length === 0) {
    return <PutDownButton mend="Put a jar down" suits={isPowder} onAdded={({ id }) => onChange(id)} />;
  }
  return (
    <Select
      aria-label={label}
      value={value}
      style={{ width: '100%' }}
      options={options}
      optionRender={(option) => (
        <span className={styles.option}>
          <i style={{ background: String(option.data.hex) }} /> {option.label}
        </span>
      )}
      onChange={onChange}
    />
  );
}
