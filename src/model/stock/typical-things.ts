import type { Bin } from '@/records/bin';
import { PLAIN_BIN, type NewBin } from '@/records/plain-bin';
import { findThingKind, findTypicalSize, THING_KINDS } from '@/reference/typical';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { thingName } from '@/reference/typical/thing-name';
import { binOfThing } from './put-down';

/** A thing as it is commonly sold, which does not lie on this shelf: it can be put down as it is. */
export interface TypicalThing {
  /** Names it among bins, none of which is called so. */
  readonly id: string;
  readonly kind: ThingKind;
  readonly bin: NewBin;
}

/** A kind and one of its sizes. */
export type KindAndSize = readonly [kindId: string, size: string];

/** Nobody said where it lies, what it costs, or measured any of it. */
const NOTHING_SAID = { place: '', sizes: {}, massG: null, hex: null, head: null, costEach: null } as const;

/**
 * A thing of a kind and size, with typical figures, called as the trade calls it where one measures so.
 *
 * @example typicalThing(['willow-blade', '#4'], 'in').bin.name // 'Willow blade #4'
 */
export function typicalThing([kindId, key]: KindAndSize, length: 'mm' | 'in'): TypicalThing {
  const kind = findThingKind(kindId);
  const size = findTypicalSize(kind, key);
  const name = thingName(kind, size, length);
  return {
    id: `typical ${kind.id} ${size.key}`,
    kind,
    bin: binOfThing({ ...NOTHING_SAID, kind, size: size.key, name }),
  };
}

/** It as if it lay on the shelf, under the name it has among bins. */
export const asThere = ({ id, bin }: TypicalThing): Bin =>
  ({ ...PLAIN_BIN, ...bin, id, retired: false }) as Bin;

/** Every size of every kind that suits. */
export function typicalThings(
  suits: (kind: ThingKind) => boolean,
  length: 'mm' | 'in',
): readonly TypicalThing[] {
  return THING_KINDS.filter(suits).flatMap((kind) =>
    kind.sizes.map(({ key }) => typicalThing([kind.id, key], length)),
  );
}
