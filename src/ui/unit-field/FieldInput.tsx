'use client';

import { Input, type InputProps } from 'antd';
import { useId } from 'react';
import { FieldShell } from './FieldShell';

interface FieldInputProps {
  readonly label: string;
  readonly text: string;
  /** What is wrong with the text, in words. */
  readonly message: string | null;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
  readonly hint?: string;
  readonly inputMode?: InputProps['inputMode'];
  readonly suffix?: string;
  readonly width?: number | string;
}

/** The text field under the fields for measures, counts and percentages. */
export function FieldInput(props: FieldInputProps) {
  const { label, text, message, onType, onLeave, hint, inputMode, suffix, width } = props;
  const id = useId();
  return (
    <FieldShell id={id} label={label} hint={hint} problem={message} width={width}>
      <Input
        id={id}
        value={text}
        inputMode={inputMode}
        suffix={suffix}
        status={message ? 'error' : undefined}
        aria-invalid={Boolean(message)}
        aria-describedby={`${id}-note`}
        autoComplete="off"
        onChange={(event) => onType(event.target.value)}
        onBlur={onLeave}
      />
    </FieldShell>
  );
}
