import { linksOfRig } from '@/core/rigs/links-of-rig';
import type { RigStrength } from '@/core/rigs/rate-strength';
import type { Rig } from '@/core/rigs/rig';
import { numberText } from '@/text/number-text';
import { strengthText } from '@/text/quantity-text';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** What a rig holds: every unlike link with its knot or crimp, and the weakest of them. */
export function holdsWorking(rig: Rig, strength: RigStrength, unit: ScreenUnits['strength']): Working {
  const { links } = linksOfRig(rig);
  const unlike = [...new Map(links.map((link) => [link.name, link])).values()];
  return {
    title: 'What it holds',
    steps: [
      ...unlike.map(
        ({ name, breakKgf, efficiency }) =>
          `${name}: ${strengthText(breakKgf, unit)} × ${numberText(efficiency, 2)} = ${strengthText(breakKgf * efficiency, unit)}`,
      ),
      `the weakest: ${strength.weakest}`,
    ],
    inputs: [
      { name: 'breaking loads', value: 'as measured, or off the packet', basis: 'reference' },
      links.some(({ pulls }) => pulls > 0)
        ? { name: 'knots and crimps', value: 'your own pulls, else typical', basis: 'weighed' }
        : { name: 'knots and crimps', value: 'typical shares', basis: 'guess' },
    ],
  };
}
