import { isEqual } from 'es-toolkit/predicate';
import type { HeadBin, PartBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import type { Skirt } from '@/records/skirt';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

const LONGEST_NAME = 120;

const nameOf = ({ name, version }: Skirt) => `${name} ${version}`;

/** The bin where heads of a kind lie in a skirt; a new one beside the bare ones where there is none yet. */
export async function dressedBin(
  store: Store,
  tx: WriteTransaction,
  head: HeadBin,
  skirt: Skirt,
): Promise<HeadBin> {
  const same = (await store.db.bins.where('kind').equals('head').toArray()).find(
    (bin): bin is HeadBin =>
      bin.kind === 'head' &&
      bin.skirtId === skirt.id &&
      bin.coatId === head.coatId &&
      bin.style === head.style &&
      bin.nominalG === head.nominalG &&
      bin.hookBinId === head.hookBinId &&
      bin.metalBinId === head.metalBinId &&
      bin.frameBinId === head.frameBinId &&
      isEqual(bin.bought, head.bought),
  );
  if (same && !same.retired) return same;
  const bin: HeadBin = same
    ? { ...same, retired: false }
    : {
        ...head,
        id: store.newId(),
        skirtId: skirt.id,
        name: `${head.name}, ${nameOf(skirt)}`.slice(0, LONGEST_NAME),
        lowAt: null,
        note: '',
      };
  await tx.put('bins', bin);
  return bin;
}

/** The bin where loose skirts of a recipe lie. */
export async function looseBin(store: Store, tx: WriteTransaction, skirt: Skirt): Promise<PartBin> {
  const id = `loose-${skirt.id}`;
  const known = await store.db.bins.get(id);
  if (known?.kind === 'part' && !known.retired) return known;
  const bin: PartBin = {
    id,
    kind: 'part',
    unit: 'pieces',
    name: `Skirt, ${nameOf(skirt)}`.slice(0, LONGEST_NAME),
    place: 'Skirt box',
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    sort: 'skirts',
    ...PLAIN_PART,
  };
  await tx.put('bins', bin);
  return bin;
}
