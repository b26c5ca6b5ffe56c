import type { PartBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import type { RigRecord } from '@/records/rig';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

const LONGEST_NAME = 120;

/** The bin where finished rigs of a version lie; `massG` is what one weighs. */
export async function rigBin(
  store: Store,
  tx: WriteTransaction,
  rig: Pick<RigRecord, 'id' | 'name' | 'version'>,
  massG: number | null,
): Promise<PartBin> {
  const id = `rig-${rig.id}`.slice(0, 80);
  const known = await store.db.bins.get(id);
  if (known?.kind === 'part' && !known.retired) return known;
  const bin: PartBin = {
    ...PLAIN_PART,
    ...PLAIN_BIN,
    id,
    kind: 'part',
    unit: 'pieces',
    place: 'Rig wallet',
    lowAt: null,
    retired: false,
    note: '',
    name: `${rig.name} ${rig.version}`.slice(0, LONGEST_NAME),
    sort: 'rigs',
    massG,
    rigId: rig.id,
  };
  await tx.put('bins', bin);
  return bin;
}
