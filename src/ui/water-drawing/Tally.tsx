'use client';

import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import styles from './water-parts.module.css';

interface TallyProps {
  readonly label: string;
  readonly value: number;
  readonly tone: 'fish' | 'lost';
  readonly onChange: (value: number) => void;
}

/** A count kept with a cold thumb: a press for one more, a small one for one less. */
export function Tally({ label, value, tone, onChange }: TallyProps) {
  return (
    <div className={styles.tally} data-tone={tone} role="group" aria-label={label}>
      <button
        type="button"
        aria-label={`${label}: one less`}
        disabled={value === 0}
        onClick={() => onChange(value - 1)}
      >
        <MinusOutlined aria-hidden="true" />
      </button>
      <output aria-label={label}>
        <b>{value}</b>
        {label}
      </output>
      <button type="button" aria-label={`${label}: one more`} onClick={() => onChange(value + 1)}>
        <PlusOutlined aria-hidden="true" />
      </button>
    </div>
  );
}
