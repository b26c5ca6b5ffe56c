'use client';

import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { Bin } from '@/records/bin';
import { stack } from '@/ui/layout/layout';
import { NumberField } from '@/ui/unit-field/NumberField';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { AmountField } from './AmountField';

/** Where a price is missed: given there and then, with what it is for. */
export function PriceButton({ bin }: { readonly bin: Bin }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Price of {bin.name}
      </Button>
      {isOpen ? <PriceDialog bin={bin} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function PriceDialog({ bin, onClose }: { readonly bin: Bin; readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const [price, setPrice] = useState<number | null>(null);
  const [per, setPer] = useState<number | null>(bin.unit === 'pieces' ? 1 : null);
  const isReady = price !== null && per !== null && per > 0;
  const save = async () => {
    if (!isReady) return;
    await workshop.shelf.price(bin.id, price / per);
    onClose();
  };
  return (
    <Modal
      open
      width={380}
      title={bin.name}
      okText="That is its price"
      cancelText="Leave"
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={stack(10)}>
        <NumberField label={`Price, ${view.bench.money.sign}`} value={price} onChange={setPrice} />
        <AmountField label="That price is for" unit={bin.unit} value={per} onChange={setPer} />
      </div>
    </Modal>
  );
}
