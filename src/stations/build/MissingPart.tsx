'use client';

import { findKind } from '@/core/builds/kinds';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { isOnWire } from '@/core/parts/part-roles';
import type { PartBin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';
import { PutDownButton } from '@/station-kit/put-down/PutDownButton';

/** Winged blades turn on the wire, plates hang in an eye, all others on a clevis or swivel; wires are bent for a kind. */
export function suitsKind(kind: BaitKindId, gauge: Pick<Gauge, 'as' | 'form' | 'bend'>): boolean {
  const { arm } = findKind(kind);
  if (gauge.as === 'frame') return gauge.bend === arm?.shape;
  if (gauge.as !== 'blade') return true;
  // Any that does not turn on its wire can be beaten flat and drilled.
  if (!arm) return !isOnWire(gauge);
  return gauge.form !== 'plate' && isOnWire(gauge) === arm.takes.includes('blade');
}

interface MissingPartProps {
  readonly kind: BaitKindId;
  /** The slot that has nothing yet. */
  readonly at: string;
  readonly onPut: (bin: PartBin) => void;
}

/** Where a bait has not a part that it needs: put down there, it goes straight into its place. */
export function MissingPart({ kind, at, onPut }: MissingPartProps) {
  const slot = findKind(kind).slots.find(({ id }) => id === at);
  if (!slot) return null;
  return (
    <PutDownButton
      size="small"
      type="primary"
      mend={`Put down: ${slot.name.toLowerCase()}`}
      title={slot.name}
      suits={(thing) => thing.makes === 'part' && slot.takes.includes(thing.as) && suitsKind(kind, thing)}
      onAdded={(bin) => bin.kind === 'part' && onPut(bin)}
    />
  );
}
