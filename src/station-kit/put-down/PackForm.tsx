'use client';

import { AmountField } from './AmountField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { dateText } from '@/text/date-text';
import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import dayjs from 'dayjs';
import { useState } from 'react';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { amountText } from '@/text/words';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './shop.module.css';
import { inBackground } from '../in-background';

const NEW = 'new';

/** The packs of a bin: who sells how much for what, and a new one noted. */
export function PackForm({ binId, onClose }: { readonly binId: string; readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const { sign } = view.bench.money;
  const bin = view.binById.get(binId);
  const sellers = view.sellers.filter(({ retired }) => !retired);
  const [sellerId, setSellerId] = useState<string>(sellers[0]?.id ?? NEW);
  const [sellerName, setSellerName] = useState('');
  const [postage, setPostage] = useState<number | null>(0);
  const [freeFrom, setFreeFrom] = useState<number | null>(null);
  const [leadDays, setLeadDays] = useState<number | null>(4);
  const [qty, setQty] = useState<number | null>(null);
  const [price, setPrice] = useState<number | null>(null);
  const [from, setFrom] = useState<number | null>(null);
  const [breakPrice, setBreakPrice] = useState<number | null>(null);
  const [isPressed, setPressed] = useState(false);
  if (!bin) return null;
  const isReady = qty !== null && qty > 0 && price !== null && (sellerId !== NEW || sellerName.trim() !== '');
  const save = async () => {
    setPressed(true);
    if (!isReady) return;
    const seller =
      sellerId === NEW
        ? await workshop.buying.saveSeller({
            name: sellerName.trim(),
            postage: postage ?? 0,
            freeFrom,
            leadDays,
            note: '',
            retired: false,
          })
        : null;
    await workshop.buying.savePack({
      binId,
      sellerId: seller?.id ?? sellerId,
      qty,
      price,
      retired: false,
      breaks: from !== null && from > 1 && breakPrice !== null ? [{ from, price: breakPrice }] : [],
      pricedOn: dayjs(workshop.now()).format('YYYY-MM-DD'),
    });
    setQty(null);
    setPrice(null);
    setPressed(false);
  };
  const packs = view.packs.filter((pack) => pack.binId === binId && !pack.retired);
  return (
    <Dialog open title={`Packs of ${bin.name}`} onCancel={onClose} footer={null} width={560}>
      <ul className={styles.packs}>
        {packs.map((pack) => (
          <li key={pack.id}>
            <span>
              {view.sellers.find((each) => each.id === pack.sellerId)?.name ?? 'a seller gone'},{' '}
              {amountText(pack.qty, bin, mass)} for {sign} {pack.price.toFixed(2)}
              <small>
                {pack.breaks.map((each) => `from ${each.from} on ${sign} ${each.price.toFixed(2)}, `)}
                priced {dateText(pack.pricedOn)}
              </small>
            </span>
            <Button
              size="small"
              type="text"
              onClick={() => inBackground(workshop.buying.savePack({ ...pack, retired: true }))}
            >
              Not sold any more
            </Button>
          </li>
        ))}
      </ul>
      <form
        className={styles.form}
        aria-label="A pack"
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(save());
        }}
      >
        <ChoiceField
          label="Seller"
          value={sellerId}
          options={[
            ...sellers.map(({ id: value, name }) => ({ value, label: name })),
            { value: NEW, label: 'another seller' },
          ]}
          onChange={(next) => setSellerId(next ?? NEW)}
        />
        {sellerId === NEW ? (
          <>
            <TextField
              label="Seller’s name"
              value={sellerName}
              onChange={setSellerName}
              problem={isPressed && sellerName.trim() === '' ? 'Who sells it?' : null}
            />
            <NumberField label={`Postage, ${sign}`} most={1000} value={postage} onChange={setPostage} />
            <NumberField
              label={`Free from, ${sign}`}
              hint="empty where never"
              most={100_000}
              value={freeFrom}
              onChange={setFreeFrom}
            />
            <CountField label="Days until it is here" value={leadDays} onChange={setLeadDays} />
          </>
        ) : null}
        <AmountField
          label="In a pack"
          unit={bin.unit}
          isDivided={bin.kind === 'strand'}
          value={qty}
          onChange={setQty}
          problem={isPressed && !(qty !== null && qty > 0) ? 'How much is in it?' : null}
        />
        <NumberField
          label={`Price, ${sign}`}
          most={1e6}
          step={0.1}
          value={price}
          onChange={setPrice}
          problem={isPressed && price === null ? 'What does it cost?' : null}
        />
        <CountField label="Cheaper from so many packs" value={from} min={2} onChange={setFrom} />
        <NumberField
          label={`then each, ${sign}`}
          most={1e6}
          step={0.1}
          value={breakPrice}
          onChange={setBreakPrice}
        />
        <Button type="primary" htmlType="submit">
          Note the pack
        </Button>
      </form>
    </Dialog>
  );
}
