'use client';

import dayjs from 'dayjs';
import { useState } from 'react';
import { oddPrice } from '@/model/stock/odd-price';
import type { Bin } from '@/records/bin';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { forNext, readDraft, type ThingDraft } from './thing-draft';

/** The bin that a thing of this name goes into; undefined where it is the first of its name. */
function sameName(bins: readonly Bin[], name: string): Bin | undefined {
  const wanted = name.trim().toLowerCase();
  return bins.find((bin) => !bin.retired && bin.name.toLowerCase() === wanted);
}

/** What stands in the form, what is wrong with it, and the hand that puts it down. */
export function usePutDown(first: ThingDraft, onAdded: (bin: Bin) => void) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const [draft, setDraft] = useState(first);
  const [isPriceMeant, setPriceMeant] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const read = readDraft(draft, length);
  const into = sameName(view.bins, read.name);
  const odd = read.costEach === null ? null : oddPrice(read.costEach, read.bin, view.bins);
  const nameProblem =
    read.name.trim() === ''
      ? `Give it a name, such as ${read.kind.one}.`
      : into && (into.kind !== read.bin.kind || into.unit !== read.unit)
        ? `${into.name} is something else on this shelf. Call this one otherwise.`
        : null;
  const priceProblem =
    draft.price !== null && (draft.per === null || draft.per <= 0) ? 'How much is that for?' : null;

  const change = (to: Partial<ThingDraft>) => {
    setDraft({ ...draft, ...to });
    if (to.price !== undefined || to.per !== undefined) {
      setPriceMeant(false);
      setAsked(false);
    }
  };
  /** Gives whether it is on the shelf now. */
  const put = async (): Promise<boolean> => {
    if (nameProblem || priceProblem) return false;
    if (odd && !isPriceMeant) {
      setAsked(true);
      return false;
    }
    const { seller, price, per, qty } = draft;
    const lots = qty === null || qty === 0 ? [] : read.unit === 'mm' ? Array(draft.rolls).fill(qty) : [qty];
    onAdded(
      await workshop.shelf.putDown({
        bin: read.bin,
        intoId: into?.id ?? null,
        lots,
        unitCost: read.costEach,
        pack:
          seller.trim() === '' || price === null || per === null
            ? null
            : { seller, qty: per, price, pricedOn: dayjs(workshop.now()).format('YYYY-MM-DD') },
      }),
    );
    return true;
  };
  const next = () => {
    setDraft(forNext(draft));
    setPriceMeant(false);
    setAsked(false);
  };
  return {
    draft,
    read,
    into,
    odd: isAsked && !isPriceMeant ? odd : null,
    nameProblem,
    priceProblem,
    change,
    setDraft,
    put,
    next,
    meanPrice: () => setPriceMeant(true),
  };
}
