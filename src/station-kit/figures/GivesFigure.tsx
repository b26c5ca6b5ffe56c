'use client';

import type { ReactNode } from 'react';
import type { Gives } from '@/model/stock/gives';
import { useBench } from '../BenchProvider';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { givesWorking } from './gives-working';

interface GivesFigureProps {
  readonly gives: Gives;
  readonly size?: 'large';
  /** What is said of it; how many it gives where nothing is. */
  readonly children?: ReactNode;
}

/** How many the shelf gives, opened on what runs out first. */
export function GivesFigure({ gives, size, children }: GivesFigureProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  return (
    <Figure size={size} working={givesWorking(gives, view, mass)}>
      {children ?? gives.count}
    </Figure>
  );
}
