'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import type { Bin } from '@/records/bin';
import { moneyText } from '@/model/cost/cost-slices';
import { oddPrice, priceOf } from '@/model/stock/odd-price';
import { bulkOf, oneOf } from '@/text/one-of';
import { useUnits } from '@/ui/units/use-units';
import { numberText } from '@/text/number-text';
import { stack } from '@/ui/layout/layout';
import { NumberField } from '@/ui/unit-field/NumberField';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { AmountField } from './AmountField';

interface PriceButtonProps {
  readonly bin: Bin;
  /** The name of it stands beside the button already. */
  readonly isNamed?: boolean;
}

/** Where a price is missed: given there and then, with what it is for. One that stands is shown, and can be changed. */
export function PriceButton({ bin, isNamed = false }: PriceButtonProps) {
  const { sign } = useBench().view.bench.money;
  const one = useOneOf(bin);
  const [isOpen, setOpen] = useState(false);
  const known = priceOf(bin);
  const said = known === null ? '' : `${moneyText(known * one.holds, sign)} a ${one.word}`;
  return (
    <>
      <Button
        size="small"
        aria-label={`Price of ${bin.name}${known === null ? '' : `: ${said}. Change it`}`}
        onClick={() => setOpen(true)}
      >
        {known === null ? (isNamed ? 'Price it' : `Price of ${bin.name}`) : said}
      </Button>
      {isOpen ? <PriceDialog bin={bin} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

/** What a price of it is said for: metal is bought by the kilogram or the pound. */
function useOneOf(bin: Bin) {
  const units = useUnits();
  const bulk = bulkOf(units.mass);
  return bin.kind === 'metal' ? { word: bulk.word, holds: bulk.holds * 1000 } : oneOf(bin.unit, units);
}

function PriceDialog({ bin, onClose }: { readonly bin: Bin; readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const one = useOneOf(bin);
  const known = priceOf(bin);
  const [price, setPrice] = useState<number | null>(known === null ? null : known * one.holds);
  const [per, setPer] = useState<number | null>(bin.unit === 'pieces' || known !== null ? one.holds : null);
  const isReady = price !== null && per !== null && per > 0;
  const odd = isReady ? oddPrice(price / per, bin, view.bins) : null;
  const save = async () => {
    if (!isReady) return;
    await workshop.shelf.price(bin.id, price / per);
    onClose();
  };
  return (
    <Dialog
      open
      width={380}
      title={bin.name}
      okText={odd ? 'It is the price, as I wrote it' : 'That is its price'}
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={stack(10)}>
        <NumberField label={`Price, ${view.bench.money.sign}`} value={price} onChange={setPrice} />
        <AmountField label="That price is for" unit={bin.unit} value={per} onChange={setPer} />
        {odd ? (
          <p role="alert" className="wrong">
            Some {numberText(odd.times, 2)} times what such things cost. Is it the price of a whole pack?
          </p>
        ) : null}
      </div>
    </Dialog>
  );
}
