import type { WaterNote } from '@/records/water-note';
import type { BenchFacts } from '../bench/bench-facts';
import type { MadePiece } from '../bills/bill-of';

type Fished = NonNullable<WaterNote['of']>;

/** The piece that a note is of; null where it is gone. */
export function fishedPiece({ kind, id }: Fished, view: BenchFacts): MadePiece | null {
  switch (kind) {
    case 'skirt': {
      const skirt = view.skirtById.get(id);
      return skirt ? { kind, skirt } : null;
    }
    case 'build': {
      const build = view.buildById.get(id);
      return build ? { kind, build } : null;
    }
    case 'rig': {
      const rig = view.rigById.get(id);
      return rig ? { kind, rig } : null;
    }
    case 'head': {
      const bin = view.binById.get(id);
      return bin?.kind === 'head' ? { kind, head: bin } : null;
    }
  }
}

/** What was fished, by its name and version. */
export function fishedName({ kind, id }: Fished, view: BenchFacts): string {
  if (kind === 'head') return view.binById.get(id)?.name ?? 'a head gone';
  const record =
    kind === 'skirt'
      ? view.skirtById.get(id)
      : kind === 'build'
        ? view.buildById.get(id)
        : view.rigById.get(id);
  return record ? `${record.name} ${record.version}` : 'something gone';
}
