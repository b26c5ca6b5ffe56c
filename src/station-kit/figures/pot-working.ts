import type { MassUnit } from '@/core/units/write-mass';
import { massText, minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** What the rest of a run takes out of the pot. */
export function aheadWorking(takesG: number, pours: number, mass: MassUnit): Working {
  return {
    title: 'The rest takes',
    steps: [
      `the castings of ${pours} ${pours === 1 ? 'pour' : 'pours'} to come, each by its cavity, and the sprues of each pour: ${massText(takesG, mass)}`,
    ],
    inputs: [{ name: 'pours to come', value: String(pours), basis: 'computed' }],
  };
}

/** What the pot still gives: what is in it by the tally, over the heel that no ladle reaches. */
export function potGivesWorking(potG: number, heelG: number, mass: MassUnit): Working {
  return {
    title: 'The pot gives',
    steps: [
      `${massText(potG, mass)} in it − ${massText(heelG, mass)} that no ladle reaches = ${massText(Math.max(0, potG - heelG), mass)}`,
    ],
    inputs: [
      { name: 'in it', value: 'charged and topped up, less what was poured', basis: 'counted' },
      { name: 'heel', value: massText(heelG, mass), basis: 'given' },
    ],
  };
}

interface PotHeat {
  readonly melts: number;
  readonly fullMinutes: number;
  readonly potShare: number;
}

/** How long a full pot takes from cold, by the melts of the maker. */
export function meltWorking({ melts, fullMinutes, potShare }: PotHeat): Working {
  return {
    title: 'From cold, full',
    steps: [
      'each melt: the minutes until the first pour = the pot’s own iron + so much a weight of metal; both are fitted to all of them',
      `full ${minutesText(60 * fullMinutes)}, of which ${minutesText(60 * fullMinutes * potShare)} go into the pot itself`,
    ],
    inputs: [{ name: 'melts timed', value: String(melts), basis: 'counted' }],
  };
}

/** What ingots a charge makes. */
export function ingotsWorking(totalG: number, drossShare: number, mass: MassUnit): Working {
  return {
    title: 'Makes',
    steps: [
      `${massText(totalG, mass)} × (1 − ${(drossShare * 100).toFixed(1)} %) = ${massText(totalG * (1 - drossShare), mass)}`,
    ],
    inputs: [
      { name: 'in the pot', value: massText(totalG, mass), basis: 'given' },
      { name: 'skimmed off', value: `${(drossShare * 100).toFixed(1)} %`, basis: 'given' },
    ],
  };
}

interface Charged {
  readonly chargedG: number;
  readonly topUps: readonly { readonly g: number }[];
}

/** What is in the pot by the tally of a run: what went in, less what was poured and did not come back. */
export function inPotWorking(
  { chargedG, topUps }: Charged,
  { potG }: { readonly potG: number },
  mass: MassUnit,
): Working {
  const inG = topUps.reduce((so, { g }) => so + g, chargedG);
  return {
    title: 'In the pot now',
    steps: [
      `${massText(inG, mass)} put in − ${massText(inG - potG, mass)} poured and not back in it = ${massText(Math.max(0, potG), mass)}`,
    ],
    inputs: [
      { name: 'put in', value: massText(inG, mass), basis: 'counted' },
      { name: 'poured', value: 'each casting by its cavity, each pour with its sprues', basis: 'counted' },
    ],
  };
}
