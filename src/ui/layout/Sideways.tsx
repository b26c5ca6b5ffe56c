import type { ReactNode } from 'react';
import styles from './sideways.module.css';

/** A stop of the Tab key though it is no control: by it arrow keys push what lies in it. */
const STOP = { tabIndex: 0 };

interface SidewaysProps {
  readonly name: string;
  readonly children: ReactNode;
}

/** What may be wider than the page: it is pushed sideways within its place, by finger or by arrow keys. */
export function Sideways({ name, children }: SidewaysProps) {
  return (
    <div className={styles.sideways} role="region" aria-label={name} {...STOP}>
      {children}
    </div>
  );
}
