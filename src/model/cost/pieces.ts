import { compareNames } from '@/core/numeric/compare-names';
import type { MassUnit } from '@/core/units/write-mass';
import type { BuyIn } from '@/records/buying';
import { headText } from '@/text/words';
import { newestByFamily } from '../versions/newest-by-family';
import type { BenchView } from '../bench/bench-view';
import type { PieceKind } from '../bills/bill-of';

/** A piece that can be costed. */
export interface CostablePiece {
  readonly id: string;
  readonly name: string;
  readonly group: 'Baits' | 'Rigs' | 'Skirts' | 'Heads';
  readonly piece: PieceKind;
  /** What it is bought in as. */
  readonly buyKey: { readonly kind: BuyIn['kind']; readonly key: string };
}

/** The key under which a head's price is noted: whose hook and color it has does not change what it is. */
function headKey(head: { readonly style: string; readonly nominalG: number }): string {
  return `${head.style} ${head.nominalG}`;
}

/** Everything that can be costed: baits, rigs and skirts in their newest version, heads of open tickets and the rack. */
export function costablePieces(view: BenchView, massUnit: MassUnit): CostablePiece[] {
  const byName = (a: CostablePiece, b: CostablePiece) => compareNames(a.name, b.name);
  const builds = newestByFamily(view.builds).map((build): CostablePiece => ({
    id: `build:${build.family}`,
    name: build.name,
    group: 'Baits',
    piece: { kind: 'build', build },
    buyKey: { kind: 'build', key: build.family },
  }));
  const rigs = newestByFamily(view.rigs).map((rig): CostablePiece => ({
    id: `rig:${rig.family}`,
    name: rig.name,
    group: 'Rigs',
    piece: { kind: 'rig', rig },
    buyKey: { kind: 'rig', key: rig.family },
  }));
  const skirts = newestByFamily(view.skirts).map((skirt): CostablePiece => ({
    id: `skirt:${skirt.family}`,
    name: skirt.name,
    group: 'Skirts',
    piece: { kind: 'skirt', skirt },
    buyKey: { kind: 'skirt', key: skirt.family },
  }));
  const lines = view.tickets.filter(({ state }) => state === 'open').flatMap(({ lines }) => lines);
  const racked = view.bins.flatMap((bin) => (bin.kind === 'head' ? [bin] : []));
  const heads = new Map<string, CostablePiece>();
  for (const { style, nominalG, hookBinId, metalBinId, coatId, skirtId } of [...lines, ...racked]) {
    const head = { style, nominalG, hookBinId, metalBinId, coatId, skirtId };
    const id = `head:${JSON.stringify(head)}`;
    const coat = coatId === null ? '' : `, ${view.coatById.get(coatId)?.name ?? 'a color gone'}`;
    const skirt = skirtId === null ? '' : `, ${view.skirtById.get(skirtId)?.name ?? 'a skirt gone'}`;
    heads.set(id, {
      id,
      group: 'Heads',
      piece: { kind: 'head', head },
      name: `${headText(head, view.binById, massUnit)}${coat}${skirt}`,
      buyKey: { kind: 'head', key: headKey(head) },
    });
  }
  return [
    ...builds.sort(byName),
    ...rigs.sort(byName),
    ...skirts.sort(byName),
    ...[...heads.values()].sort(byName),
  ];
}
