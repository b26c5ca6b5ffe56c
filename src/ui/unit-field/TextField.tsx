'use client';

import { Input } from 'antd';
import { useId } from 'react';
import { FieldShell } from './FieldShell';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly most?: number;
  readonly placeholder?: string;
  readonly hint?: string;
  readonly problem?: string | null;
  /** Ready to be typed in when its form opens. */
  readonly isFirst?: boolean;
}

/** A line of text with its label. */
export function TextField(props: TextFieldProps) {
  const { label, value, onChange, most = 120, placeholder, hint, problem, isFirst = false } = props;
  const id = useId();
  return (
    <FieldShell id={id} label={label} hint={hint} problem={problem}>
      <Input
        id={id}
        value={value}
        maxLength={most}
        placeholder={placeholder}
        autoFocus={isFirst}
        status={problem ? 'error' : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
    </FieldShell>
  );
}
