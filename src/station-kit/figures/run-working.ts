import type { ScreenUnits } from '@/text/written-in';
import { lengthText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

const BLADE_STEPS = {
  'Slowest speed': 'v = √(2 W / (ρ Σ A Cl))',
  'Blade area': 'A = share by form × length × width',
  Pull: 'F = ρ v² Σ A Cd / 2',
  Thump: 'as a round blade so wide',
};

/** A figure of how blades run: estimates by form, set right by a speed that was seen. */
export function bladeRunWorking(title: keyof typeof BLADE_STEPS, isSeen: boolean): Working {
  return {
    title,
    steps: [BLADE_STEPS[title], 'For setting builds side by side; never a promise.'],
    inputs: [
      { name: 'Lift and drag by form', value: 'estimates', basis: 'guess' },
      isSeen
        ? { name: 'Speed seen', value: 'as you noted it', basis: 'given' }
        : { name: 'Speed seen', value: 'not seen yet', basis: 'guess' },
    ],
  };
}

/** How long a bait is behind its nose, as it is drawn from its parts. */
export function reachWorking(
  { wholeMm, bendMm }: { readonly wholeMm: number; readonly bendMm: number | null },
  length: ScreenUnits['length'],
): Working {
  return {
    title: 'Length',
    steps: [
      `the part that ends farthest from the nose, each where it is put on: ${lengthText(wholeMm, length)}`,
      ...(bendMm === null
        ? []
        : [`the eye, and from it what the packet gives to the bend: ${lengthText(bendMm, length)}`]),
    ],
    inputs: [
      { name: 'sizes of parts', value: 'as they were measured, else usual for their name', basis: 'given' },
    ],
  };
}

/** What is cut for a stinger: its length with what the two ends take. */
export function stingerWorking(
  lengthMm: number,
  cutMm: number,
  grubMm: number,
  length: ScreenUnits['length'],
): Working {
  return {
    title: 'Cut',
    steps: [
      `${lengthText(lengthMm, length)} from loop to hook + ${lengthText(cutMm - lengthMm, length)} in its two ends = ${lengthText(cutMm, length)}`,
    ],
    inputs: [
      { name: 'the grub', value: lengthText(grubMm, length), basis: 'given' },
      { name: 'its two ends', value: lengthText(cutMm - lengthMm, length), basis: 'usual' },
    ],
  };
}

/** How far blades overlap, or one reaches into the body. */
export function strikeWorking(
  code: 'strike' | 'sweeps-body',
  next: string,
  byMm: number,
  length: ScreenUnits['length'],
): Working {
  return {
    title: code === 'strike' ? 'How far the blades overlap' : 'How far the blade reaches into the body',
    steps:
      code === 'strike'
        ? [
            'a turning blade lies along the arm as far as it is long, behind its hanger',
            `past the hanger of ${next}: ${lengthText(byMm, length)}`,
          ]
        : [
            'on the arm a blade turns about it: hanger × sin(spread) + the lesser of 0 and its length × sin(spread − how far it stands off) − half the body',
            'at the end it turns about the pull: arm × sin(spread) − its length × sin(how far it stands off) − half the body',
            `under 0 it strikes: by ${lengthText(byMm, length)}`,
          ],
    inputs: [
      { name: 'arm, hangers, blades and body', value: 'as their parts were measured', basis: 'given' },
      { name: 'how far a blade stands off as it turns', value: 'usual for its form', basis: 'usual' },
    ],
  };
}
