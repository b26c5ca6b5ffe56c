'use client';

import { useState } from 'react';
import { oddPrice } from '@/model/stock/odd-price';
import type { Bin } from '@/records/bin';
import { numberText } from '@/text/number-text';
import { NumberField } from '@/ui/unit-field/NumberField';
import { useBench } from '../BenchProvider';

/**
 * What was paid for an amount of a bin that comes in: its field, what that is each, and whether it may be booked. A price that
 * makes it dearer than its like by far is asked about once, and taken when it is pressed again.
 *
 * @example const paid = usePaid(bin, 100); // paid.field; paid.isMeant() && book(paid.unitCost)
 */
export function usePaid(bin: Bin | null, qty: number | null) {
  const { view } = useBench();
  const [price, setPrice] = useState<number | null>(null);
  const [isAsked, setAsked] = useState(false);
  const unitCost = price === null || qty === null || qty <= 0 ? null : price / qty;
  const odd = bin === null || unitCost === null ? null : oddPrice(unitCost, bin, view.bins);
  return {
    unitCost,
    isMeant: (): boolean => {
      if (!odd || isAsked) return true;
      setAsked(true);
      return false;
    },
    clear: () => {
      setPrice(null);
      setAsked(false);
    },
    field: (
      <NumberField
        label={`Paid for all of it, ${view.bench.money.sign}`}
        hint="empty where nobody remembers"
        value={price}
        problem={
          odd && isAsked
            ? `That is some ${numberText(odd.times, 2)} times what such things cost. Is it for more of them? If it is so, press again.`
            : null
        }
        onChange={(next) => {
          setPrice(next);
          setAsked(false);
        }}
      />
    ),
  };
}
