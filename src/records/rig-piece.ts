import type { RigPiece } from '@/core/rigs/rig';
import type { Bin } from './bin';

/**
 * What of a bin a rig can use: a measured part, or hair for a bundle. Null for all else, and for finished baits and rigs.
 *
 * @example rigPieceOf(crimpBin)?.gauge.as // 'crimp'
 */
export function rigPieceOf(bin: Bin): RigPiece | null {
  if (bin.kind === 'part' && bin.gauge && bin.buildId === null && bin.rigId === null) {
    return { binId: bin.id, name: bin.name, gauge: bin.gauge, massG: bin.massG };
  }
  if (bin.kind === 'strand' && (bin.form === 'hair' || bin.form === 'fur')) {
    return {
      ...{ binId: bin.id, name: bin.name, massG: null },
      gauge: {
        ...{ as: 'hair', sizes: { lengthMm: Math.min(200, bin.longMm) }, form: null },
        ...{ plastic: null, bend: null, line: null, basis: 'measured' },
      },
    };
  }
  return null;
}
