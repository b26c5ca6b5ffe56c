'use client';

import { useMemo } from 'react';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { typicalBuild } from '@/model/baits/typical-build';
import type { KindAndSize } from '@/model/stock/typical-things';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { lookOfBuild } from '../looks/look-of-build';

interface TypicalBaitProps {
  readonly kind: BaitKindId;
  readonly besides?: readonly KindAndSize[];
}

/** A bait of typical parts, to scale: what will stand here. */
export function TypicalBait({ kind, besides }: TypicalBaitProps) {
  const { view } = useBench();
  const { length } = useUnits();
  const look = useMemo(
    () => lookOfBuild(...typicalBuild(kind, view, length, besides)),
    [kind, view, length, besides],
  );
  return <BaitDrawing name="" look={look} pose="pulled" pxPerMm={3.2} maxWidthPx={330} maxHeightPx={190} />;
}
