import type { Drift } from '@/core/quality/find-drift';
import type { CastWeight } from '@/model/molds/cast-weights';
import type { MetalBin } from '@/records/bin';
import { numberText } from '@/text/number-text';
import type { MassUnit } from '@/core/units/write-mass';
import { lotText, markText, massText, offText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How far what a bait weighs lies from the mark of its head. */
export function overMarkWorking(
  finishedG: number,
  markG: number,
  mass: MassUnit,
  off = offText((finishedG - markG) / markG, `the ${markText(markG, mass)} mark`),
): Working {
  return {
    title: 'Off its mark',
    steps: [`(${massText(finishedG, mass)} − ${markText(markG, mass)}) ÷ ${markText(markG, mass)}: ${off}`],
    inputs: [
      { name: 'finished', value: massText(finishedG, mass), basis: 'computed' },
      { name: 'mark', value: markText(markG, mass), basis: 'given' },
    ],
  };
}

interface HeadGiven {
  readonly massG: number;
  readonly finishedG: number;
  readonly isMeasured: boolean;
}

/** What a bait would weigh on another head. */
export function headForWorking(
  { massG, finishedG, isMeasured }: HeadGiven,
  metalName: string,
  mass: MassUnit,
): Working {
  return {
    title: 'Finished on it',
    steps: [
      `${massText(finishedG - massG, mass)} of all else + the head ${massText(massG, mass)} in ${lotText(metalName)} = ${massText(finishedG, mass)}`,
    ],
    inputs: [{ name: 'the head', value: massText(massG, mass), basis: isMeasured ? 'computed' : 'guess' }],
  };
}

/** The middle of a tray of true weight. */
export function trayWorking(
  wantedG: number,
  toleranceG: number,
  step: number,
  middleG: number,
  mass: MassUnit,
): Working {
  return {
    title: 'Middle of the tray',
    steps: [
      `trays are twice the tolerance wide: ${massText(wantedG, mass)} ${step < 0 ? '−' : '+'} ${Math.abs(step)} × ${massText(2 * toleranceG, mass)} = ${massText(middleG, mass)}`,
    ],
    inputs: [
      { name: 'asked', value: massText(wantedG, mass), basis: 'given' },
      { name: 'on its mark within', value: massText(toleranceG, mass), basis: 'given' },
    ],
  };
}

/** What a casting of a block weighs in a metal. */
export function castWorking(
  { nominalG, finishedG, isMeasured }: Pick<CastWeight, 'nominalG' | 'finishedG' | 'isMeasured'>,
  metal: Pick<MetalBin, 'name' | 'densityGcm3' | 'densityBasis'>,
  mass: MassUnit,
): Working {
  return {
    title: `Marked ${markText(nominalG, mass)}, in ${lotText(metal.name)}`,
    steps: [
      `the cavity’s room × ${numberText(metal.densityGcm3, 4)} g/cm³, less what it shrinks, with the hook that it takes: ${massText(finishedG, mass)}`,
    ],
    inputs: [
      {
        name: 'the cavity’s room',
        value: isMeasured ? 'as it was weighed' : 'as its mark tells',
        basis: isMeasured ? 'weighed' : 'guess',
      },
      { name: metal.name, value: `${numberText(metal.densityGcm3, 4)} g/cm³`, basis: metal.densityBasis },
    ],
  };
}

const DRIFTS: Readonly<Record<Drift['pattern'], string>> = {
  'at-once': 'a step: the mean from there on against the mean before, over 4.5 of its own errors',
  creeping: 'a slope through all of them, over 4 of its own errors',
  single: 'one casting against all others, over 4 of their spreads',
  always: 'the mean of all against what the cavity should give, over 3.5 of its own errors',
};

/** How a drift is told from chance. */
export function driftWorking(
  { pattern, from, offShare }: Drift,
  weighedG: readonly number[],
  targetG: number,
  mass: MassUnit,
): Working {
  return {
    title: 'It drifts',
    steps: [
      `${DRIFTS[pattern]}; errors by the moving ranges of all cavities`,
      `from casting ${from + 1} on: ${(offShare * 100).toFixed(1)} % off ${massText(targetG, mass)}`,
    ],
    inputs: [
      { name: 'castings weighed, in their order', value: String(weighedG.length), basis: 'weighed' },
      { name: 'should give', value: massText(targetG, mass), basis: 'computed' },
    ],
  };
}
