'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import type { Bin } from '@/records/bin';
import { stack } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { AmountField } from './AmountField';
import { usePaid } from './use-paid';

const QUESTION = {
  pieces: 'How many are there?',
  g: 'How much is there?',
  mm: 'How long is the roll?',
} as const;

interface CountButtonProps {
  readonly bin: Bin;
  readonly label: string;
  /** Said in full where the label leaves out what stands beside it. */
  readonly name?: string;
}

/** Where a thing is short: counted there and then, as it lies in the drawer. */
export function CountButton({ bin, label, name }: CountButtonProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button size="small" aria-label={name} onClick={() => setOpen(true)}>
        {label}
      </Button>
      {isOpen ? <CountDialog bin={bin} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function CountDialog({ bin, onClose }: { readonly bin: Bin; readonly onClose: () => void }) {
  const { workshop, carryOut } = useBench();
  const [qty, setQty] = useState<number | null>(null);
  const paid = usePaid(bin, qty);
  const [isPressed, setPressed] = useState(false);
  const save = async () => {
    setPressed(true);
    if (qty === null || !paid.isMeant()) return;
    if (await carryOut(workshop.shelf.countIn(bin.id, qty, paid.unitCost))) onClose();
  };
  return (
    <Dialog
      open
      width={380}
      title={bin.name}
      okText="So many lie there"
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <form
        className={stack(10)}
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(save());
        }}
      >
        <AmountField
          label={QUESTION[bin.unit]}
          unit={bin.unit}
          value={qty}
          problem={isPressed && qty === null ? 'Count it, or leave.' : null}
          onChange={setQty}
        />
        {paid.field}
        {/* Enter is as good as the button below. */}
        <input type="submit" hidden />
      </form>
    </Dialog>
  );
}
