import type { SettledFigures } from '@/core/pours/settle-run';
import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** What a run put in: the charge and its top-ups, less nothing. */
interface PutIn {
  readonly chargedG: number;
  readonly topUps: readonly { readonly g: number }[];
  readonly backInPot?: boolean | undefined;
}

type Booked = 'goodG' | 'rejectedG' | 'sprueG' | 'potLeftG';

const TALLIED: Record<Exclude<Booked, 'potLeftG'>, readonly [title: string, step: string]> = {
  goodG: ['Metal in good heads', 'what was tapped as good, each cavity by its own weight without the hook'],
  rejectedG: [
    'Misfills',
    'what was tapped as misfilled, and the castings of pours that warm the block, each by its cavity',
  ],
  sprueG: ['Sprues', 'pours × what a pour of each block leaves in its sprues'],
};

/** Where the metal of a run went, and what of it was weighed at the end. */
export function bookWorking(
  of: Booked,
  run: PutIn,
  figures: SettledFigures,
  weighedG: number | null,
  mass: MassUnit,
): Working {
  const m = (grams: number) => massText(grams, mass);
  if (of === 'potLeftG') {
    const inG = run.topUps.reduce((so, { g }) => so + g, run.chargedG);
    const out = [
      ['good heads', figures.goodG],
      ['misfills', figures.rejectedG],
      ['sprues', figures.sprueG],
      ['skimmed', figures.drossG],
    ] as const;
    return {
      title: 'Left in the pot',
      steps: [
        weighedG === null
          ? `put in ${m(inG)} − ${out.map(([name, grams]) => `${name} ${m(grams)}`).join(' − ')} = ${m(figures.potLeftG)}`
          : `weighed at the end: ${m(weighedG)}`,
        ...(run.backInPot ? ['misfills and sprues that went back into the pot are in it'] : []),
      ],
      inputs: [
        { name: 'put in', value: m(inG), basis: 'counted' },
        weighedG === null
          ? { name: 'the rest', value: 'as it was tapped', basis: 'counted' }
          : { name: 'left', value: m(weighedG), basis: 'weighed' },
      ],
    };
  }
  const [title, step] = TALLIED[of];
  return {
    title,
    steps: [weighedG === null ? `${step}: ${m(figures[of])}` : `weighed at the end: ${m(weighedG)}`],
    inputs: [
      weighedG === null
        ? { name: 'castings and pours', value: 'as they were tapped', basis: 'counted' }
        : { name: 'on the scale', value: m(weighedG), basis: 'weighed' },
    ],
  };
}

/** By how much a lot goes down for good. */
export function goesDownWorking(figures: SettledFigures, mass: MassUnit): Working {
  const { goodG, drossG, unaccountedG } = figures;
  const m = (grams: number) => massText(grams, mass);
  return {
    title: 'Goes down by',
    steps: [
      `good heads ${m(goodG)} + skimmed ${m(drossG)} + what nobody can account for ${m(unaccountedG)} = ${m(goodG + drossG + unaccountedG)}`,
      'all else goes back to the lot',
    ],
    inputs: [
      { name: 'good heads', value: m(goodG), basis: 'computed' },
      { name: 'skimmed', value: m(drossG), basis: 'given' },
    ],
  };
}
