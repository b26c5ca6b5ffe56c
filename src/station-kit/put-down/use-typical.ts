'use client';

import { useMemo } from 'react';
import type { Bin } from '@/records/bin';
import { typicalThings, type TypicalThing } from '@/model/stock/typical-things';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';

interface Option {
  readonly value: string;
  readonly label: string;
}

interface OptionGroup {
  readonly label: string;
  readonly title: string;
  readonly options: Option[];
}

/**
 * Things as they are commonly sold, to be chosen like those that lie on the shelf: what is chosen is put down, of which
 * nothing was counted yet.
 */
export function useTypical(suits: (kind: ThingKind) => boolean) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const things = useMemo((): readonly TypicalThing[] => {
    const known = new Set(view.bins.map(({ name }) => name.toLowerCase()));
    return typicalThings(suits, length).filter(({ bin }) => !known.has(bin.name.toLowerCase()));
  }, [view.bins, suits, length]);
  /** The bin of what was chosen, put down now where it was none yet. */
  const take = async (id: string): Promise<Bin | null> => {
    const known = view.binById.get(id);
    if (known) return known;
    const thing = things.find((each) => each.id === id);
    if (!thing) return null;
    const [bin] = await workshop.shelf.layOut([thing.bin]);
    return bin ?? null;
  };
  /** What lies there first, then what is commonly sold. */
  const withTypical = (there: Option[]): OptionGroup[] => [
    ...(there.length > 0 ? [{ label: 'On the shelf', title: 'On the shelf', options: there }] : []),
    {
      label: 'Typical, put down when chosen',
      title: 'Typical, put down when chosen',
      options: things.map(({ id, bin }) => ({ value: id, label: bin.name })),
    },
  ];
  return { take, withTypical };
}
