import type { ReactNode } from 'react';
import styles from './field.module.css';

interface FieldShellProps {
  readonly id: string;
  readonly label: string;
  readonly children: ReactNode;
  readonly hint?: string;
  readonly problem?: string | null;
  readonly width?: number | string;
  /** The label is spoken by the field itself. */
  readonly isBare?: boolean;
}

/** A field's label, and under it what is wrong or what may be written. */
export function FieldShell({ id, label, children, hint, problem, width, isBare }: FieldShellProps) {
  return (
    <div className={styles.field} style={width === undefined ? undefined : { width }}>
      {isBare ? null : (
        <label htmlFor={id} className={styles.label}>
          {label}
        </label>
      )}
      {children}
      <div
        id={`${id}-note`}
        className={problem ? styles.problem : styles.hint}
        role={problem ? 'alert' : undefined}
      >
        {problem ?? hint ?? ''}
      </div>
    </div>
  );
}
