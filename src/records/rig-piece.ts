import { PLAIN_GAUGE, type PartGauge } from '@/core/parts/part-roles';
import type { RigPiece } from '@/core/rigs/rig';
import type { Bin } from './bin';

/** Of a sinker from the rack: cast metal as a ball, a hole as usual. A guess, and says so. */
const SINKER = { gramsPerCm3: 11, holeMm: 2 } as const;

/** Cast flat to be riveted on: no line runs through it. */
const FLAT_STYLES: readonly string[] = ['disc', 'plate'];

/**
 * What of a bin a rig can use: a measured part, hair for a bundle, a sinker cast without a hook. Null for all else, and for
 * finished baits and rigs, but for a weight that was made as a rig.
 *
 * @example rigPieceOf(crimpBin)?.gauge.as // 'crimp'
 */
export function rigPieceOf(bin: Bin): RigPiece | null {
  if (bin.kind === 'part' && bin.gauge && bin.buildId === null) {
    return { binId: bin.id, name: bin.name, gauge: bin.gauge, massG: bin.massG, hex: bin.hex };
  }
  if (bin.kind === 'strand' && (bin.form === 'hair' || bin.form === 'fur')) {
    const sizes = { lengthMm: Math.min(200, bin.longMm) };
    return {
      binId: bin.id,
      name: bin.name,
      massG: null,
      hex: bin.hex,
      gauge: { ...PLAIN_GAUGE, as: 'hair', sizes, basis: 'measured' },
    };
  }
  if (bin.kind === 'head' && bin.hookBinId === null && bin.skirtId === null) {
    const across = 20 * Math.cbrt((3 * bin.nominalG) / SINKER.gramsPerCm3 / (4 * Math.PI));
    const diameterMm = Math.round(across * 10) / 10;
    const isFlat = FLAT_STYLES.includes(bin.style);
    const gauge: PartGauge = {
      ...PLAIN_GAUGE,
      as: 'weight',
      basis: 'guess',
      sizes: { diameterMm, lengthMm: diameterMm, ...(isFlat ? {} : { holeMm: SINKER.holeMm }) },
    };
    return { binId: bin.id, name: bin.name, massG: bin.nominalG, gauge };
  }
  return null;
}
