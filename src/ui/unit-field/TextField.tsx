'use client';

import { Input } from 'antd';
import { useId, useState } from 'react';
import { FieldShell } from './FieldShell';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly most?: number;
  readonly placeholder?: string;
  readonly hint?: string;
  readonly problem?: string | null;
  /** Said where it is empty: as a hint first, as a problem once somebody has been there. */
  readonly asks?: string;
  /** Ready to be typed in when its form opens. */
  readonly isFirst?: boolean;
}

/** A line of text with its label. */
export function TextField(props: TextFieldProps) {
  const { label, value, onChange, most = 120, placeholder, asks, isFirst = false } = props;
  const id = useId();
  const [isTouched, setTouched] = useState(false);
  const wants = asks !== undefined && value.trim() === '' ? asks : null;
  const problem = props.problem ?? (isTouched ? wants : null);
  return (
    <FieldShell id={id} label={label} hint={wants ?? props.hint} problem={problem}>
      <Input
        id={id}
        value={value}
        maxLength={most}
        placeholder={placeholder}
        autoFocus={isFirst}
        status={problem ? 'error' : undefined}
        onBlur={() => setTouched(true)}
        onChange={(event) => {
          setTouched(true);
          onChange(event.target.value);
        }}
      />
    </FieldShell>
  );
}
