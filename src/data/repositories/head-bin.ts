import type { HeadBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

/** What tells heads apart on the shelf. */
export type HeadKind = Pick<HeadBin, 'style' | 'nominalG' | 'hookBinId' | 'metalBinId' | 'frameBinId'>;

/** How a head is to be called on the shelf, and where it goes. */
export type NameHead = (head: Omit<HeadKind, 'metalBinId'>) => { name: string; place: string };

/** The bin where bare heads of a kind lie; a new one where there is none yet. */
export async function headBin(
  store: Store,
  tx: WriteTransaction,
  head: HeadKind,
  name: NameHead,
): Promise<string> {
  const { style, nominalG, hookBinId, metalBinId, frameBinId } = head;
  const framed = frameBinId === undefined ? {} : { frameBinId };
  const same = await store.db.bins
    .where('kind')
    .equals('head')
    .filter(
      (bin) =>
        bin.kind === 'head' &&
        bin.style === style &&
        bin.nominalG === nominalG &&
        bin.hookBinId === hookBinId &&
        bin.metalBinId === metalBinId &&
        bin.frameBinId === frameBinId &&
        bin.coatId === null &&
        bin.bought === null,
    )
    .first();
  if (same) {
    if (same.retired) await tx.put('bins', { ...same, retired: false });
    return same.id;
  }
  const made: HeadBin = {
    id: store.newId(),
    kind: 'head',
    unit: 'pieces',
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    style,
    nominalG,
    hookBinId,
    metalBinId,
    coatId: null,
    skirtId: null,
    bought: null,
    costEach: null,
    ...framed,
    ...name({ style, nominalG, hookBinId, ...framed }),
  };
  await tx.put('bins', made);
  return made.id;
}
