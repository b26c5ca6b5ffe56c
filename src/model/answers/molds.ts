import { drillDepthMm, drilledCm3 } from '@/core/cavities/drilled-hole';
import { lengthText, massText } from '@/text/words';
import { pouredMetal } from '@/reference/poured-metal';
import { METAL_OPTIONS } from './metal-options';
import { offBy } from './off-by';
import { known, quickAnswer } from './quick-answer';

/** As fine as a drill’s stop is set: a millimeter, a thirty-second of an inch. */
const STEP_MM = { mm: 1, in: 25.4 / 32 } as const;
const LIST = 'Typical densities and shrink of the metals’ list; no hook in the cavity.';
const metalField = (label: string, usual: string) =>
  ({ label, is: 'choice', usual, options: METAL_OPTIONS }) as const;
const GIVES = { label: 'It gives', is: 'mass', usual: 10, least: 0.1, most: 5000 } as const;
const BIT = { label: 'Drill, across', is: 'length', usual: 20, least: 1, most: 80 } as const;

/** What a cavity gives in another metal. */
export const otherMetal = quickAnswer({
  id: 'other-metal',
  asks: 'What does my mold give in another metal?',
  fields: { g: GIVES, from: metalField('in', 'soft-lead'), to: metalField('Poured in', 'bismuth-tin') },
  source: LIST,
  answer: (asked, { mass }) => {
    const [from, to] = [pouredMetal(asked.from), pouredMetal(asked.to)];
    const g = (asked.g / from.gPerCm3) * to.gPerCm3;
    const off = offBy(g / asked.g - 1);
    return known(massText(g, mass), `${off ? `${off} than` : 'As heavy as'} in ${from.name.toLowerCase()}.`);
  },
  opens: { at: 'Molds', href: () => '/molds' },
});

/** How deep to drill for a weight. */
export const drillDepth = quickAnswer({
  id: 'drill-depth',
  asks: 'How deep do I drill a board for a weight?',
  fields: {
    g: { ...GIVES, label: 'Weight wanted', usual: 30 },
    bit: BIT,
    to: metalField('Poured in', 'soft-lead'),
  },
  source: 'Typical densities and shrink; a twist drill with a point of 118 degrees, measured to its tip.',
  answer: (asked, { length, mass }) => {
    const to = pouredMetal(asked.to);
    const mm = drillDepthMm(asked.bit, asked.g / to.gPerCm3);
    const step = STEP_MM[length];
    const more = to.gPerCm3 * (drilledCm3(asked.bit, mm + step) - drilledCm3(asked.bit, mm));
    return known(
      lengthText(mm, length),
      `${lengthText(step, length)} deeper makes it ${massText(more, mass)} heavier.`,
    );
  },
  opens: { at: 'Molds, New cavity', href: (asked) => `/molds?view=design&grams=${asked.g}` },
});

/** What a hole that is drilled weighs when it is poured full. */
export const drilledWeight = quickAnswer({
  id: 'drilled-weight',
  asks: 'What will the hole I drilled weigh?',
  fields: {
    bit: BIT,
    deep: { label: 'Deep, to the tip', is: 'length', usual: 12, least: 0.5, most: 200 },
    to: metalField('Poured in', 'soft-lead'),
  },
  source: drillDepth.source,
  answer: (asked, { mass }) => {
    const room = drilledCm3(asked.bit, asked.deep);
    const others = ['soft-lead', 'pewter', 'bismuth-tin'].filter((key) => key !== asked.to).map(pouredMetal);
    return known(
      massText(room * pouredMetal(asked.to).gPerCm3, mass),
      others.map((each) => `${massText(room * each.gPerCm3, mass)} in ${each.name.toLowerCase()}`).join(', '),
    );
  },
  opens: {
    at: 'Molds, New cavity',
    href: (asked) =>
      `/molds?view=design&grams=${Math.round(drilledCm3(asked.bit, asked.deep) * pouredMetal(asked.to).gPerCm3 * 100) / 100}`,
  },
});
