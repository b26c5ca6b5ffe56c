'use client';

import { useState } from 'react';
import type { Bin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { Nothing } from '@/ui/frame/Nothing';
import { PutDown } from './PutDown';

interface PutDownHereProps {
  /** Why nothing shows here yet, and what would. */
  readonly says: string;
  /** What the button says, and the form: `Put a lot down`. */
  readonly mend: string;
  readonly suits: (kind: ThingKind) => boolean;
  readonly onAdded?: (bin: Bin) => void;
}

const nothing = () => undefined;

/** Where a page waits for something of the shelf: put down there and then. */
export function PutDownHere({ says, mend, suits, onAdded = nothing }: PutDownHereProps) {
  const [isAdding, setAdding] = useState(false);
  return (
    <>
      <Nothing says={says} mend={mend} onMend={() => setAdding(true)} />
      {isAdding ? (
        <PutDown title={mend} suits={suits} onClose={() => setAdding(false)} onAdded={onAdded} />
      ) : null}
    </>
  );
}
