import { isEqual } from 'es-toolkit/predicate';
import type { HeadBin } from '@/records/bin';
import type { Coat } from '@/records/coat';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

const LONGEST_NAME = 120;

/** The bin where heads of a kind lie in a color; a new one beside the bare ones where there is none yet. */
export async function coatedBin(
  store: Store,
  tx: WriteTransaction,
  bare: HeadBin,
  coat: Coat,
): Promise<HeadBin> {
  const same = (await store.db.bins.where('kind').equals('head').toArray()).find(
    (bin): bin is HeadBin =>
      bin.kind === 'head' &&
      bin.coatId === coat.id &&
      bin.style === bare.style &&
      bin.nominalG === bare.nominalG &&
      bin.hookBinId === bare.hookBinId &&
      bin.metalBinId === bare.metalBinId &&
      bin.frameBinId === bare.frameBinId &&
      isEqual(bin.bought, bare.bought),
  );
  if (same && !same.retired) return same;
  const bin: HeadBin = same
    ? { ...same, retired: false }
    : {
        ...bare,
        id: store.newId(),
        coatId: coat.id,
        name: `${bare.name}, ${coat.name}`.slice(0, LONGEST_NAME),
        lowAt: null,
        note: '',
      };
  await tx.put('bins', bin);
  return bin;
}
