import { breakEven } from '@/core/cost/break-even';
import { fullnessSchool, type FullnessSchool } from '@/core/skirts/fullness';
import { dragOf, secondsDown } from '../water/fall';
import { numberText } from '@/text/number-text';
import { depthText, speedText } from '@/text/quantity-text';
import { massText } from '@/text/words';
import { pouredMetal } from '@/reference/poured-metal';
import { METAL_OPTIONS } from './metal-options';
import { known, unknown, quickAnswer } from './quick-answer';

/** How fast a weight sinks. */
export const sinkTime = quickAnswer({
  id: 'sink-time',
  asks: 'How long until it is on the bottom?',
  fields: {
    g: { label: 'Weight', is: 'mass', usual: 10, least: 0.3, most: 1000 },
    metal: { label: 'of', is: 'choice', usual: 'soft-lead', options: METAL_OPTIONS },
    depth: { label: 'Depth', is: 'depth', usual: 6, least: 0.2, most: 200 },
    line: { label: 'Line', is: 'length', usual: 0.25, least: 0.05, most: 3 },
  },
  source: 'A ball on its line in still, fresh water, without a skirt: that makes it slower.',
  answer: (asked, units) => {
    const { mass } = units;
    const metal = pouredMetal(asked.metal);
    const question = { depthM: asked.depth, lineMm: asked.line, metalGcm3: metal.densityGcm3 };
    const drag = dragOf(question, null);
    const down = (massG: number) => (drag.ok ? secondsDown(massG, question, drag.value) : null);
    const [fallS, twiceS] = [down(asked.g), down(asked.g * 2)];
    if (fallS === null || twiceS === null) return unknown('It floats.');
    return known(
      `${numberText(fallS, 2)} s to ${depthText(asked.depth, units.depth)}`,
      `It falls at ${speedText(asked.depth / fallS, units.speed)} in the mean; ${massText(asked.g * 2, mass)} would take ${numberText(twiceS, 2)} s.`,
    );
  },
  opens: { at: 'Water, Which weight', href: (asked) => `/water?part=weight&depth=${asked.depth}` },
});

const SCHOOLS: Record<FullnessSchool, string> = {
  thin: 'Thin: most tie two tabs or more.',
  two: 'Usual for two tabs.',
  'two-and-a-half': 'Usual for two and a half tabs.',
  'three-up': 'Full: for bulk and slow falls.',
};

/** How full a skirt is. */
export const skirtFullness = quickAnswer({
  id: 'skirt-fullness',
  asks: 'How full is a skirt of so many tabs?',
  fields: {
    tabs: { label: 'Tabs', is: 'number', usual: 2.5, least: 0.25, most: 12 },
    strands: { label: 'Strands a tab', is: 'number', usual: 22, least: 1, most: 400 },
    collar: { label: 'Collar, across', is: 'length', usual: 6, least: 1, most: 40 },
  },
  source: 'Practice: how full most makers tie.',
  answer: (asked, { length }) => {
    const strands = asked.tabs * asked.strands;
    const perMm = strands / (Math.PI * asked.collar);
    const close = length === 'mm' ? `${numberText(perMm, 2)} a mm` : `${numberText(perMm * 25.4, 3)} an inch`;
    return known(
      `${numberText(Math.round(strands))} strands`,
      SCHOOLS[fullnessSchool(asked.tabs)],
      `${close} of collar, ${numberText(Math.round(strands * 2))} tips.`,
    );
  },
  opens: { at: 'Skirt', href: () => '/skirt?part=recipe' },
});

/** From how many pieces on making pays. */
export const payback = quickAnswer({
  id: 'payback',
  asks: 'From how many on does making them pay?',
  fields: {
    outlay: { label: 'Mold and tools cost', is: 'money', usual: 80, least: 0, most: 100_000 },
    make: { label: 'One made costs', is: 'money', usual: 0.5, least: 0, most: 1000 },
    buy: { label: 'One bought costs', is: 'money', usual: 1.5, least: 0, most: 1000 },
  },
  source: 'Your own figures; hands and power count where you put them into what one costs.',
  answer: (asked) => {
    const even = breakEven(asked.outlay, asked.make, asked.buy);
    return even.ok
      ? known(
          `${numberText(even.value, 7)} pieces`,
          `Each one after that saves ${(asked.buy - asked.make).toFixed(2)}.`,
        )
      : unknown('Never, at these figures: one made costs as much as one bought, or more.');
  },
  opens: { at: 'Cost, Make or buy', href: () => '/cost?part=route' },
});
