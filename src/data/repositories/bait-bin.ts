import type { Bin, PartBin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

const LONGEST_NAME = 120;

/** The bin where finished baits of a build lie; `massG` is what one weighs. */
export async function baitBin(
  store: Store,
  tx: WriteTransaction,
  build: BuildRecord,
  massG: number | null,
): Promise<PartBin> {
  const id = `bait-${build.id}`;
  const known = await store.db.bins.get(id);
  if (known?.kind === 'part' && !known.retired) return known;
  const bin: PartBin = {
    ...PLAIN_PART,
    id,
    kind: 'part',
    unit: 'pieces',
    name: `${build.name} ${build.version}`.slice(0, LONGEST_NAME),
    place: 'Bait box',
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    sort: 'baits',
    massG,
    buildId: build.id,
  };
  await tx.put('bins', bin);
  return bin;
}

/** The bin where parts or hooks like these lie that were stripped from old baits, by how they look. */
export async function salvageBin(
  store: Store,
  tx: WriteTransaction,
  part: Extract<Bin, { kind: 'part' | 'hook' }>,
  condition: 'used' | 'worn',
): Promise<Bin> {
  const id = `${condition}-${part.id}`.slice(0, 80);
  const known = await store.db.bins.get(id);
  if (known?.kind === part.kind && !known.retired) return known;
  const own = {
    id,
    name: `${part.name}, ${condition}`.slice(0, LONGEST_NAME),
    place: 'Salvage box',
    lowAt: null,
    note: '',
    costEach: 0,
  };
  const bin: Bin = part.kind === 'part' ? { ...part, ...own, condition } : { ...part, ...own };
  await tx.put('bins', bin);
  return bin;
}
