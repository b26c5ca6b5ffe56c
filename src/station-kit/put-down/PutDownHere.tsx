'use client';

import type { ReactNode } from 'react';
import type { Bin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { stack } from '@/ui/layout/layout';
import { EmptyStation } from '../empty/EmptyStation';
import type { EmptyStationKey } from '../empty/empty-stations';
import { PutDownButton } from './PutDownButton';

interface PutDownHereProps {
  /** Why nothing shows here yet, and what would. */
  readonly says: string;
  /** What the button says, and the form: `Put a lot down`. */
  readonly mend: string;
  readonly suits: (kind: ThingKind) => boolean;
  readonly onAdded?: (bin: Bin) => void;
  /** The station that is empty without it: drawn, and what else it can be asked. */
  readonly of?: EmptyStationKey;
  readonly other?: ReactNode;
  readonly drawing?: ReactNode;
}

/** Where a page waits for something of the shelf: put down there and then. */
export function PutDownHere({ says, mend, suits, onAdded, of, ...ways }: PutDownHereProps) {
  const button = <PutDownButton type="primary" mend={mend} suits={suits} onAdded={onAdded} />;
  if (of) return <EmptyStation {...ways} of={of} says={says} mend={button} />;
  return (
    <div className={stack(14, 'empty')}>
      <p>{says}</p>
      {button}
    </div>
  );
}
