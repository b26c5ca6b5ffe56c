'use client';

import { Input, type InputProps } from 'antd';
import { useId } from 'react';
import { FieldShell } from './FieldShell';

/** What every field may be given, whatever it takes. */
export interface FieldLooks {
  readonly label: string;
  readonly hint?: string;
  readonly width?: number | string;
  /** The label is spoken but not shown: a table or the text around says what it is. */
  readonly isBare?: boolean;
  readonly placeholder?: string;
  readonly isDisabled?: boolean;
  /** The field was left: what stands in it is meant. */
  readonly onLeft?: () => void;
}

interface FieldInputProps extends FieldLooks {
  readonly text: string;
  /** What is wrong with the text, in words. */
  readonly message: string | null;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
  /** One more or one less, by the arrow keys. */
  readonly onStep?: (by: 1 | -1) => void;
  readonly inputMode?: InputProps['inputMode'];
  readonly suffix?: string;
}

/** The text field under the fields for measures, counts and percentages. */
export function FieldInput(props: FieldInputProps) {
  const { label, text, message, onType, onLeave, onStep, hint, inputMode, suffix, width, isBare } = props;
  const id = useId();
  return (
    <FieldShell
      id={id}
      label={label}
      hint={hint}
      problem={message}
      width={width ?? (isBare ? 90 : undefined)}
      isBare={isBare}
    >
      <Input
        id={id}
        value={text}
        size={isBare ? 'small' : undefined}
        placeholder={props.placeholder}
        disabled={props.isDisabled}
        inputMode={inputMode}
        suffix={suffix}
        status={message ? 'error' : undefined}
        aria-label={isBare ? label : undefined}
        aria-invalid={Boolean(message)}
        aria-describedby={`${id}-note`}
        autoComplete="off"
        onChange={(event) => onType(event.target.value)}
        onBlur={() => {
          onLeave();
          props.onLeft?.();
        }}
        onKeyDown={(event) => {
          if (!onStep || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
          event.preventDefault();
          onStep(event.key === 'ArrowUp' ? 1 : -1);
        }}
      />
    </FieldShell>
  );
}
