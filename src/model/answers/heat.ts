import { SOLIDUS_MARGIN_C, checkCure } from '@/core/coats/check-cure';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { heatTime } from '@/core/heat/heat-time';
import { numberText } from '@/text/number-text';
import { massText, minutesText, temperatureText } from '@/text/words';
import { pouredMetal } from '@/reference/poured-metal';
import { METAL_OPTIONS } from './metal-options';
import { known, unknown, quickAnswer } from './quick-answer';

/** How well each heats a ball of 10 g, W/(m2 K), and how hot it usually stands, C. Typical: time one head at Coat. */
const SOURCES = {
  gun: { label: 'a heat gun', hWm2K: 70, sourceC: 420 },
  oven: { label: 'a toaster oven', hWm2K: 24, sourceC: 200 },
} as const;
type SourceId = keyof typeof SOURCES;

const tookText = (seconds: number) => (seconds < 120 ? `${numberText(seconds, 2)} s` : minutesText(seconds));

/** How long a head is held in the heat, and whether its metal bears the cure. */
export const heatAndCure = quickAnswer({
  id: 'heat-and-cure',
  asks: 'How long do I heat a head, and does it bear the cure?',
  fields: {
    g: { label: 'Head', is: 'mass', usual: 10, least: 0.3, most: 1000 },
    metal: { label: 'of', is: 'choice', usual: 'soft-lead', options: METAL_OPTIONS },
    source: {
      label: 'Heated in',
      is: 'choice',
      usual: 'gun',
      options: Object.entries(SOURCES).map(([value, { label }]) => ({ value, label })),
    },
    fuseC: { label: 'Powder sticks from', is: 'temperature', usual: 115, least: 60, most: 300 },
    cureC: { label: 'and cures at', is: 'temperature', usual: 177, least: 80, most: 300 },
  },
  source:
    'A ball of that weight, heated through; how well the source heats is typical, and a small head takes heat faster. Flat heads are quicker.',
  answer: (asked, { mass, temperature }) => {
    const metal = pouredMetal(asked.metal);
    const { label, hWm2K, sourceC } = SOURCES[asked.source as SourceId];
    const volumeCm3 = asked.g / metal.densityGcm3;
    const areaCm2 = Math.PI * Math.cbrt((6 * volumeCm3) / Math.PI) ** 2;
    const took = heatTime({
      massG: asked.g,
      specificHeatJkgK: metal.specificHeatJkgK,
      areaCm2,
      hWm2K: heatOfHead({ hWm2K, trial: null }, { volumeCm3, areaCm2 }).hWm2K,
      sourceC,
      startC: 20,
      targetC: asked.fuseC,
    });
    const text = (celsius: number) => temperatureText(celsius, temperature);
    if (!took.ok) return unknown(`At ${text(sourceC)} ${label} never brings it to ${text(asked.fuseC)}.`);
    const solidusC = metal.solidusC.value;
    const powder = { cureC: asked.cureC, cureMin: 0, maxC: Infinity };
    const { verdict } = checkCure({ partC: asked.cureC, minutes: 0, powder, solidusC });
    const bears =
      verdict === 'cured'
        ? `${metal.name} bears a cure at ${text(asked.cureC)}: it begins to melt at ${text(solidusC)}.`
        : verdict === 'melts'
          ? `Never cure it so: ${metal.name.toLowerCase()} melts at ${text(solidusC)}. Take a powder that cures under ${text(solidusC - SOLIDUS_MARGIN_C)}, or a paint that dries in the air.`
          : `Too near: ${metal.name.toLowerCase()} goes soft from ${text(solidusC - SOLIDUS_MARGIN_C)} on.`;
    return known(
      `${tookText(took.value.seconds)} in ${label}`,
      bears,
      `${massText(asked.g * 2, mass)} would take about ${tookText(took.value.seconds * Math.cbrt(2))}.`,
    );
  },
  opens: { at: 'Coat, Heat', href: () => '/coat?part=heat' },
});
