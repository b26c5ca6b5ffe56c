import { sum } from '@/core/numeric/sum';
import type { BenchFacts } from '@/model/bench/bench-facts';
import { usedBy } from '@/model/coats/rack-facts';
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

/** How many heads a jar makes, all of one color. */
export function jarWorking(jarG: number, eachG: number, isFull: boolean, mass: ScreenUnits['mass']): Working {
  return {
    title: isFull ? 'Heads from a full jar' : 'Heads from what is left',
    steps: [`${massText(jarG, mass)} ÷ ${massText(eachG, mass)} = ${Math.floor(jarG / eachG)}`],
    inputs: [
      isFull
        ? { name: 'a full jar', value: massText(jarG, mass), basis: 'given' }
        : { name: 'left in it', value: massText(jarG, mass), basis: 'counted' },
      { name: 'powder, each head', value: massText(eachG, mass), basis: 'computed' },
    ],
  };
}

interface HeadsToCoat {
  readonly headBinId: string;
  readonly coatId: string;
  readonly count: number;
}

/** What heads that wait, or hang, take of one powder: head by head. */
export function powderForWorking(
  powder: PowderBin,
  heads: readonly HeadsToCoat[],
  wayId: CoatWayId,
  view: BenchFacts,
  mass: ScreenUnits['mass'],
): Working {
  const takes = heads.flatMap((each) => {
    const g = usedBy([each], wayId, view).get(powder.id) ?? 0;
    return g > 0 ? [{ name: view.binById.get(each.headBinId)?.name ?? 'heads', count: each.count, g }] : [];
  });
  return {
    title: `${powder.name.replace(/^Powder, /, '')}, for what waits`,
    steps: [
      ...takes.map(
        ({ name, count, g }) =>
          `${count} × ${name}: ${count} × ${massText(g / count, mass)} = ${massText(g, mass)}`,
      ),
      `together ${massText(sum(takes.map(({ g }) => g)), mass)}`,
    ],
    inputs: [
      { name: `film, ${findCoatWay(wayId).name}`, value: `${findCoatWay(wayId).filmUm} µm`, basis: 'usual' },
      {
        name: 'stays on heads',
        value: `${Math.round((powder.utilization ?? findCoatWay(wayId).utilization) * 100)} %`,
        basis: powder.utilization === null ? 'guess' : 'weighed',
      },
    ],
  };
}

/** How much of what leaves a jar stays on heads, as a weighing of the jar tells it. */
export function staysWorking(
  believed: number,
  reckonedG: number,
  trulyG: number,
  learned: number,
  mass: ScreenUnits['mass'],
): Working {
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  return {
    title: 'Stays on heads',
    steps: [
      `${percent(believed)}, as believed before, × ${massText(reckonedG, mass)} worked out ÷ ${massText(trulyG, mass)} that left the jar: ${percent(learned)}`,
    ],
    inputs: [
      { name: 'reckoned', value: massText(reckonedG, mass), basis: 'computed' },
      { name: 'left the jar', value: massText(trulyG, mass), basis: 'weighed' },
    ],
  };
}
