'use client';

import { useMemo } from 'react';
import { beginRig } from '@/core/rigs/begin-rig';
import type { RigKindId } from '@/core/rigs/kinds';
import { asThere, typicalThings } from '@/model/stock/typical-things';
import { rigPieceOf } from '@/records/rig-piece';
import { usualFor } from '@/reference/typical/usual-for-rigs';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { useUnits } from '@/ui/units/use-units';

/** A rig of typical parts along its length: what will stand here. */
export function TypicalRig({ kind }: { readonly kind: RigKindId }) {
  const { length } = useUnits();
  const rig = useMemo(() => {
    const shelf = typicalThings(usualFor(kind), length).flatMap((thing) => rigPieceOf(asThere(thing)) ?? []);
    return beginRig(kind, shelf, []);
  }, [kind, length]);
  return <RigDrawing name="" rig={rig} maxWidthPx={560} maxHeightPx={130} pxPerMm={3.2} isBroken />;
}
