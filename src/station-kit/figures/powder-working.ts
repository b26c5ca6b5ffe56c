import type { HeadPiece } from '@/core/coats/head-piece';
import { findCoatWay } from '@/core/coats/ways';
import type { CoatWayId } from '@/core/coats/ways/definition';
import type { PowderBin } from '@/records/bin';
import { areaText } from '@/text/writer';
import type { ScreenUnits } from '@/text/written-in';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** The powder that a head takes: its skin, as thick as the way leaves it, and what falls off beside it. */
export function powderWorking(
  powder: PowderBin,
  piece: HeadPiece,
  wayId: CoatWayId,
  eachG: number,
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): Working {
  const way = findCoatWay(wayId);
  const share = powder.utilization ?? way.utilization;
  return {
    title: 'Powder, each head',
    steps: [
      `skin × film × density ÷ what stays on = ${areaText(piece.areaCm2, length)} × ${way.filmUm} µm × ${powder.densityGcm3} g/cm³ ÷ ${share.toFixed(2)} = ${massText(eachG, mass)}`,
    ],
    inputs: [
      {
        name: 'skin',
        value: areaText(piece.areaCm2, length),
        basis: piece.skin === 'cavity' ? 'computed' : 'guess',
      },
      { name: `film, ${way.name}`, value: `${way.filmUm} µm`, basis: 'usual' },
      {
        name: 'stays on heads',
        value: `${Math.round(share * 100)} %`,
        basis: powder.utilization === null ? 'guess' : 'weighed',
      },
    ],
  };
}
