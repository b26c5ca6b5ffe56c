'use client';

import { Segmented } from '@/ui/choice/Segmented';
import type { ReactNode } from 'react';
import { Station } from '@/ui/frame/Station';
import { setPreferences, usePreferences } from './preferences-store';
import styles from './parts-station.module.css';

interface PartsStationProps<Part extends string> {
  /** Title and what stands beside it. */
  readonly heading: readonly [title: string, sub: string];
  readonly parts: readonly { readonly value: Part; readonly label: string }[];
  readonly part: Part;
  readonly onTurn: (part: Part) => void;
  /** Beside the switch, for the part that shows. */
  readonly actions?: ReactNode;
  readonly slip: ReactNode;
  /** What was done last, said once. */
  readonly said?: string | null;
  readonly children: ReactNode;
}

/** A station of several parts: a switch between them in its head, the slip beside it. */
export function PartsStation<Part extends string>(props: PartsStationProps<Part>) {
  const { heading, parts, part, onTurn, actions, slip, said = null, children } = props;
  const { isSlipFolded } = usePreferences();
  return (
    <Station
      title={heading[0]}
      part={parts.find(({ value }) => value === part)?.label}
      sub={heading[1]}
      isSlipFolded={isSlipFolded}
      onFold={(next) => setPreferences({ isSlipFolded: next })}
      actions={
        <>
          <div className={styles.parts}>
            <Segmented<Part> aria-label="What to do" value={part} options={[...parts]} onChange={onTurn} />
          </div>
          {actions}
        </>
      }
      slip={slip}
    >
      {said ? (
        <p role="status" className={styles.said}>
          {said}
        </p>
      ) : null}
      {children}
    </Station>
  );
}
