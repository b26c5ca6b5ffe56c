import { type ScreenUnits } from '@/text/written-in';
import { areaText } from '@/text/writer';
import { planHeat, type HeatPlan } from '@/core/coats/plan-heat';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { numberText } from '@/text/number-text';
import type { HeadPiece } from '@/core/coats/head-piece';
import { findCoatWay } from '@/core/coats/ways';
import type { CoatWayId } from '@/core/coats/ways/definition';
import type { Outcome } from '@/core/problems/problem';
import type { PowderBin } from '@/records/bin';
import type { Heater } from '@/records/heater';
import type { Working } from '../figure/Figure';
import { massText, temperatureText } from '@/text/words';

export interface HeatQuestion {
  readonly piece: HeadPiece;
  readonly wayId: CoatWayId;
  readonly heater: Heater;
  readonly powder: PowderBin;
  readonly solidusC: number;
  readonly ambientC: number;
}

/** How a head of this metal is heated by a way, from a source, for a powder. */
export function heatPlanOf(question: HeatQuestion): Outcome<HeatPlan> {
  const { piece, wayId, heater, powder, solidusC, ambientC } = question;
  return planHeat({
    piece,
    way: findCoatWay(wayId),
    sourceC: heater.sourceC,
    hWm2K: heatOfHead(heater, piece).hWm2K,
    ambientC,
    fuseC: powder.fuseC,
    solidusC,
  });
}

/** What the exponent rests on, by how many sizes were timed. */
const SIZES_WORDS = [
  'no head was timed yet: a guess',
  'one size was timed, so the exponent is the usual one of forced convection',
  'two sizes were timed, and tell the exponent',
];

/**
 * Between what a time in the heat may lie, as far as the source and the size are known.
 *
 * @example heatBandText(question, 26) // '22 s to 31 s'
 */
export function heatBandText({ heater, piece }: HeatQuestion, seconds: number): string {
  const { offShare } = heatOfHead(heater, piece);
  return `${handText(seconds / (1 + offShare))} to ${handText(seconds * (1 + offShare))}`;
}

/** Seconds as a hand counts them: `26 s`, `2 min 05`. */
export function handText(seconds: number): string {
  if (seconds < 99.5) return `${seconds < 10 ? seconds.toFixed(1) : Math.round(seconds)} s`;
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)} min ${String(whole % 60).padStart(2, '0')}`;
}

/** The working of a heat time: the sum, and where each input is from. */
export function heatWorking(
  { piece, heater, powder, ambientC }: HeatQuestion,
  plan: HeatPlan,
  { mass, length, temperature }: ScreenUnits,
): Working {
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const heat = heatOfHead(heater, piece);
  return {
    title: 'In the heat',
    steps: [
      `m c / (h A) ln((source − start) / (source − aim))`,
      `${massText(piece.massG, mass)} × ${piece.specificHeatJkgK.toFixed(0)} J/kgK ÷ (${heat.hWm2K.toFixed(0)} W/m²K × ${areaText(piece.areaCm2, length)}), from ${text(ambientC)} to ${text(plan.releaseC)} in ${text(heater.sourceC)}`,
      `h = h0 (d / d0)^${numberText(heat.exponent, 2)}, d = 6 × room ÷ skin: a small head takes heat faster; ${SIZES_WORDS[heat.sizes] ?? ''}`,
    ],
    inputs: [
      { name: 'mass and heat', value: massText(piece.massG, mass), basis: 'computed' },
      {
        name: 'skin',
        value: areaText(piece.areaCm2, length),
        basis: piece.skin === 'cavity' ? 'computed' : 'guess',
      },
      {
        name: `heat from ${heater.name}`,
        value: `${heat.hWm2K.toFixed(0)} W/m²K, ${Math.round(heat.offShare * 100)} % to either side`,
        basis: heater.trial ? 'weighed' : 'guess',
      },
      { name: 'source', value: text(heater.sourceC), basis: heater.trial ? 'given' : 'usual' },
      {
        name: 'powder fuses',
        value: text(powder.fuseC),
        basis: powder.cardBasis === 'card' ? 'given' : 'guess',
      },
    ],
  };
}

/** Between what a time in the heat works at all: until powder sticks, and until the metal goes soft. */
export function edgeWorking(
  question: HeatQuestion,
  edge: 'stick' | 'soften',
  plan: HeatPlan,
  units: ScreenUnits,
): Working {
  const targetC = edge === 'stick' ? question.powder.fuseC : plan.softenC;
  const aim = heatWorking(question, { ...plan, releaseC: targetC }, units);
  const [bears, softens] = [question.solidusC, plan.softenC].map((celsius) =>
    temperatureText(celsius, units.temperature),
  );
  return {
    ...aim,
    title: edge === 'stick' ? 'Until powder sticks' : 'Until the metal goes soft',
    steps:
      edge === 'stick'
        ? aim.steps
        : [`it first melts at ${bears} and goes soft from ${softens} on`, ...aim.steps],
  };
}

/** How long a head keeps hot enough for powder, once it has left the heat. */
export function dipWorking(
  { piece, wayId, powder, ambientC }: HeatQuestion,
  plan: HeatPlan,
  { mass, length, temperature }: ScreenUnits,
): Working {
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const { coolingWm2K, name } = findCoatWay(wayId);
  return {
    title: 'Then dip within',
    steps: [
      'm c / (h A) ln((hot − shed) / (fuses − shed))',
      `${massText(piece.massG, mass)} × ${piece.specificHeatJkgK.toFixed(0)} J/kgK ÷ (${coolingWm2K} W/m²K × ${areaText(piece.areaCm2, length)}), from ${text(plan.releaseC)} to ${text(powder.fuseC)} in a shed of ${text(ambientC)}`,
    ],
    inputs: [
      { name: `heat lost to the air, ${name}`, value: `${coolingWm2K} W/m²K`, basis: 'guess' },
      {
        name: 'powder fuses',
        value: text(powder.fuseC),
        basis: powder.cardBasis === 'card' ? 'given' : 'guess',
      },
    ],
  };
}

/** What one timed head tells of its source. */
export function trialWorking(
  { piece, ambientC }: Pick<HeatQuestion, 'piece' | 'ambientC'>,
  timed: {
    readonly sourceC: number | null;
    readonly targetC: number | null;
    readonly seconds: number | null;
  },
  hWm2K: number,
  { mass, length, temperature }: ScreenUnits,
): Working {
  const text = (celsius: number | null) => temperatureText(celsius ?? 0, temperature);
  return {
    title: 'How well it heats',
    steps: [
      'm c / (A t) ln((source − start) / (source − reached))',
      `${massText(piece.massG, mass)} × ${piece.specificHeatJkgK.toFixed(0)} J/kgK ÷ (${areaText(piece.areaCm2, length)} × ${numberText(timed.seconds ?? 0, 3)} s), from ${text(ambientC)} to ${text(timed.targetC)} in ${text(timed.sourceC)} = ${hWm2K.toFixed(0)} W/m²K`,
    ],
    inputs: [
      { name: 'it took', value: `${numberText(timed.seconds ?? 0, 3)} s`, basis: 'given' },
      { name: 'reached', value: text(timed.targetC), basis: 'given' },
      { name: 'the source', value: text(timed.sourceC), basis: 'given' },
    ],
  };
}
