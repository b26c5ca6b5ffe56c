import type { PartGauge } from '@/core/parts/part-roles';
import type { PartBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import type { RigRecord } from '@/records/rig';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

const LONGEST_NAME = 120;

/**
 * The bin where finished rigs of a version lie; `massG` is what one weighs, `gauge` what it is to other rigs, where it is a
 * part of them.
 */
export async function rigBin(
  store: Store,
  tx: WriteTransaction,
  rig: Pick<RigRecord, 'id' | 'name' | 'version'>,
  massG: number | null,
  gauge: PartGauge | null,
): Promise<PartBin> {
  const id = `rig-${rig.id}`.slice(0, 80);
  const known = await store.db.bins.get(id);
  if (known?.kind === 'part' && !known.retired) {
    if (known.gauge !== null || gauge === null) return known;
    const gauged: PartBin = { ...known, gauge };
    await tx.put('bins', gauged);
    return gauged;
  }
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
    gauge,
    rigId: rig.id,
  };
  await tx.put('bins', bin);
  return bin;
}
