'use client';

import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useId } from 'react';
import { pickedDate, pickedDay } from '@/text/date-text';
import { FieldShell } from './FieldShell';

interface DayFieldProps {
  readonly label: string;
  /** A day as it is kept, `2026-11-28`; null where none is set. */
  readonly value: string | null;
  readonly onChange: (day: string | null) => void;
  /** The days before it cannot be picked. */
  readonly from?: number;
  /** A day of whatever year: the year is written too. */
  readonly hasYear?: boolean;
  readonly hint?: string;
  readonly problem?: string | null;
}

/** A day with its label, written in the screen's way. */
export function DayField(props: DayFieldProps) {
  const { label, value, onChange, from, hasYear = false, hint, problem } = props;
  const id = useId();
  return (
    <FieldShell id={id} label={label} hint={hint} problem={problem}>
      <DatePicker
        id={id}
        style={{ width: '100%' }}
        value={value === null ? null : dayjs(value)}
        minDate={from === undefined ? undefined : dayjs(from)}
        format={hasYear ? pickedDate() : pickedDay()}
        onChange={(day) => onChange(day ? day.format('YYYY-MM-DD') : null)}
      />
    </FieldShell>
  );
}
