'use client';

import { findRigKind } from '@/core/rigs/kinds';
import type { RigPiece } from '@/core/rigs/rig';
import { rigShelf } from '@/model/rigs/rig-facts';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '../BenchProvider';

interface GoesOnProps {
  readonly kind: string;
  readonly wants: Readonly<Record<string, number>>;
  readonly onMeasures: (wants: Readonly<Record<string, number>>) => void;
}

/** The jig or lure that a rig is for, off the shelf: its own measures are taken over. Nothing where none lies there. */
export function GoesOn({ kind, wants, onMeasures }: GoesOnProps) {
  const { view } = useBench();
  const { goesOn } = findRigKind(kind);
  if (!goesOn) return null;
  const measured = (piece: RigPiece) => Object.keys(goesOn.wantsOf(piece)).length > 0;
  const pieces = rigShelf(view).filter((piece) => goesOn.takes.includes(piece.gauge.as) && measured(piece));
  if (pieces.length === 0) return null;
  const chosen = pieces.find((piece) =>
    Object.entries(goesOn.wantsOf(piece)).every(([id, value]) => wants[id] === value),
  );
  return (
    <ChoiceField
      label={goesOn.label}
      value={chosen?.binId ?? null}
      none="as typed"
      options={pieces.map(({ binId, name }) => ({ value: binId, label: name }))}
      onChange={(binId) => {
        const piece = pieces.find((each) => each.binId === binId);
        if (piece) onMeasures(goesOn.wantsOf(piece));
      }}
    />
  );
}
