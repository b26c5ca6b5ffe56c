'use client';

import { Button, type ButtonProps } from 'antd';
import { useState } from 'react';
import type { Bin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { PutDown } from './PutDown';

interface PutDownButtonProps extends Pick<ButtonProps, 'type' | 'size'> {
  /** What the button says: `Put a lot down`. */
  readonly mend: string;
  /** What the form is called, if not so. */
  readonly title?: string;
  readonly suits: (kind: ThingKind) => boolean;
  readonly onAdded?: (bin: Bin) => void;
}

const nothing = () => undefined;

/** Puts down, there and then, what a place waits for. */
export function PutDownButton({
  mend,
  title = mend,
  suits,
  onAdded = nothing,
  ...looks
}: PutDownButtonProps) {
  const [isAdding, setAdding] = useState(false);
  return (
    <>
      <Button {...looks} onClick={() => setAdding(true)}>
        {mend}
      </Button>
      {isAdding ? (
        <PutDown title={title} suits={suits} onClose={() => setAdding(false)} onAdded={onAdded} />
      ) : null}
    </>
  );
}
