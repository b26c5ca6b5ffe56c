'use client';

import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import type { CostablePiece } from '@/model/cost/pieces';
import type { BuyIn } from '@/records/buying';
import { dateText } from '@/text/date-text';
import { fields } from '@/ui/layout/layout';
import { CountField } from '@/ui/unit-field/CountField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import styles from './shop.module.css';

const KIND_WORDS: Readonly<Record<BuyIn['kind'], string>> = {
  head: 'A bare head of this style and weight',
  skirt: 'This skirt',
  build: 'This bait, or one like it',
  rig: 'This rig, or one like it',
};

interface BuyInFormProps {
  readonly buyKey: CostablePiece['buyKey'];
  /** The price that was noted; null where none was. */
  readonly known: BuyIn | null;
}

/** What one costs in the shop, ready made: noted where it is missed. */
export function BuyInForm({ buyKey, known }: BuyInFormProps) {
  const { view, workshop } = useBench();
  const [each, setEach] = useState<number | null>(known?.each ?? null);
  const [postage, setPostage] = useState<number | null>(known?.postage ?? 0);
  const [lead, setLead] = useState<number | null>(known?.leadDays ?? 4);
  const [said, setSaid] = useState<string | null>(null);
  const save = async () => {
    if (each === null) return setSaid('What does one cost in the shop? Write that first.');
    await workshop.buying.saveBuyIn({
      ...buyKey,
      each,
      postage: postage ?? 0,
      leadDays: lead ?? 0,
      note: '',
      pricedOn: dayjs(workshop.now()).format('YYYY-MM-DD'),
    });
    setSaid('Noted. The ways above use it now.');
  };
  return (
    <form
      className={fields(0, styles.buyIn)}
      aria-label="Price to buy in"
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(save());
      }}
    >
      <h3>Bought in</h3>
      <p className="quiet">
        {KIND_WORDS[buyKey.kind]}
        {known ? `, priced ${dateText(known.pricedOn)}` : ': nobody noted a price yet'}.
      </p>
      <NumberField
        label={`Each, ${view.bench.money.sign}`}
        most={100_000}
        step={0.1}
        value={each}
        onChange={setEach}
      />
      <NumberField
        label={`Postage, ${view.bench.money.sign}`}
        most={1000}
        step={0.5}
        value={postage}
        onChange={setPostage}
      />
      <CountField label="Days until it is here" value={lead} onChange={setLead} />
      <Button htmlType="submit">Note the price</Button>
      {said ? <p role="status">{said}</p> : null}
    </form>
  );
}
