'use client';

import type { Gives } from '@/model/stock/gives';
import { useBench } from '../BenchProvider';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { givesWorking } from './gives-working';

/** How many the shelf gives, opened on what ends it. */
export function GivesFigure({ gives, size }: { readonly gives: Gives; readonly size?: 'large' }) {
  const { view } = useBench();
  const { mass } = useUnits();
  return (
    <Figure size={size} working={givesWorking(gives, view, mass)}>
      {gives.count}
    </Figure>
  );
}
