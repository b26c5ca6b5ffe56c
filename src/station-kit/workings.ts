import { countText } from '@/text/count-text';
import { roundMass } from '@/core/units/round-figure';
import { NEW_BENCH } from '@/records/bench';
import { type WrittenIn } from '@/text/written-in';
import { fillText, roomText } from '@/text/writer';
import type { PourPlan } from '@/core/pours/pour-plan';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { STEEL_GCM3 } from '@/core/cavities/steel-density';
import type { CastingPrediction } from '@/core/cavities/predict-casting';
import { frameMass } from '@/core/tickets/marked-weight';
import type { SessionBudget } from '@/core/tickets/budget-session';
import type { MassUnit } from '@/core/units/write-mass';
import { numberText as n } from '@/text/number-text';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import type { Working } from '@/ui/figure/Figure';
import type { BenchView } from '@/model/bench/bench-view';
import { massText, minutesText } from '@/text/words';

/** Whether the maker set a figure, or it still stands as every bench begins: as it is, or round in one's own units. */
export const setBasis = (value: number, ...usual: readonly number[]): 'given' | 'usual' =>
  usual.includes(value) ? 'usual' : 'given';

/** How the metal to charge comes about. */
export function chargeWorking(
  view: BenchView,
  metal: MetalBin,
  budget: SessionBudget,
  unit: MassUnit,
): Working {
  const m = (massG: number) => massText(massG, unit);
  const { heelG } = NEW_BENCH.pot;
  const pieces = budget.castPieces.reduce((total, count) => total + count, 0);
  return {
    title: 'Metal to charge',
    steps: [
      `castings ${m(budget.castG)} (${pieces} with misfills) + sprues ${m(budget.sprueG)} + pours that warm the blocks ${m(budget.warmUpG)} + skimmings ${m(budget.drossG)} + heel ${m(budget.heelG)} = ${m(budget.chargeG)}`,
      'so many castings as give enough good ones nine times in ten',
      `${m(budget.consumedG)} of it does not come back; ${budget.potFills === 1 ? 'one fill' : `${budget.potFills} fills`} of the pot`,
    ],
    inputs: [
      { name: metal.name, value: `${n(metal.densityGcm3, 4)} g/cm³`, basis: metal.densityBasis },
      {
        name: 'misfills',
        value: `${(view.pot.scrapShare * 100).toFixed(1)} %`,
        basis: view.isScrapMeasured ? 'counted' : 'guess',
      },
      {
        name: 'skimmings',
        value: `${(view.pot.drossShare * 100).toFixed(1)} %`,
        basis: setBasis(view.pot.drossShare, NEW_BENCH.pot.drossShare),
      },
      {
        name: 'heel',
        value: budget.heelG < view.pot.heelG ? `${m(budget.heelG)}, for want of metal` : m(view.pot.heelG),
        basis: setBasis(view.pot.heelG, heelG, roundMass(heelG, unit)),
      },
    ],
  };
}

/** How the minutes of a plan come about. */
export function minutesWorking(view: BenchView, plan: PourPlan): Working {
  return {
    title: 'Minutes',
    steps: plan.runs.flatMap((run) => {
      const mold = view.moldById.get(run.moldId);
      return mold
        ? [
            `${mold.name}: ${countText(run.pours, 'pour')} of ${mold.secondsPerPour} s + ${minutesText(mold.setupSeconds)} to set up`,
          ]
        : [];
    }),
    inputs: [
      { name: 'seconds a pour', value: 'as set for each block', basis: 'guess' },
      { name: 'shortest', value: plan.optimal ? 'proven' : 'not proven', basis: 'computed' },
    ],
  };
}

/** How a cavity's true weight comes about. */
export function castingWorking(
  cavity: Cavity,
  metal: MetalBin,
  hook: HookBin | null,
  cast: CastingPrediction,
  { mass, length }: WrittenIn,
): Working {
  const m = (massG: number) => massText(massG, mass);
  const room = (cm3: number) => roomText(cm3, length, 4);
  const wires = cavity.inserts.filter(({ removed, massG }) => !removed && massG > 0);
  const frameG = frameMass(cavity);
  return {
    title: 'True weight',
    steps: [
      ...(cavity.volumeBasis === 'guess'
        ? [`not weighed yet: its mark, ${m(cavity.nominalG)}, stands for what it gives in lead`]
        : []),
      `${fillText(metal.densityGcm3, length)} × (1 − ${n(metal.shrinkLinear, 2)})³ = ${fillText(castGramsPerCm3(metal), length)} of cavity`,
      `cavity ${room(cavity.volumeCm3)} − what is cast in ${room(cast.displacedCm3)} = ${room(cavity.volumeCm3 - cast.displacedCm3)}, so ${m(cast.metalG)} of metal`,
      ...(hook ? [`with the hook of ${m(hook.massG)}: ${m(cast.metalG + hook.massG)}`] : []),
      ...(wires.length > 0
        ? [
            `with ${wires.map(({ name, count, massG }) => `${count > 1 ? `${count} ` : ''}${name}, ${m(count * massG)}`).join(' and ')}: ${m(cast.finishedG)}`,
          ]
        : []),
      ...(frameG > 0 ? [`its mark means the head without the wire: ${m(cast.finishedG - frameG)}`] : []),
    ],
    inputs: [
      {
        name: 'cavity',
        value: `${room(cavity.volumeCm3)}${cavity.standardErrorCm3 === null ? '' : ` ± ${roomText(cavity.standardErrorCm3, length, 1)}`}`,
        basis: cavity.volumeBasis,
      },
      { name: metal.name, value: `${n(metal.densityGcm3, 4)} g/cm³`, basis: metal.densityBasis },
      { name: 'shrink', value: `${n(metal.shrinkLinear * 100, 2)} %`, basis: metal.shrinkBasis },
      ...wires.map(({ name, count, massG }) => ({
        name: count > 1 ? `${name}, each` : name,
        value: m(massG),
        basis: 'given' as const,
      })),
      ...(hook
        ? [
            { name: hook.name, value: m(hook.massG), basis: hook.massBasis } as const,
            {
              name: 'of it in the metal',
              value: `${n(cavity.hookShare * 100, 2)} % at ${STEEL_GCM3} g/cm³`,
              basis: 'usual',
            } as const,
          ]
        : []),
    ],
  };
}

/** A casting's weight with its band: what strays in it. */
export function bandedWorking(
  cavity: Cavity,
  metal: MetalBin,
  hook: HookBin | null,
  cast: CastingPrediction & { readonly bandG: number },
  units: WrittenIn,
): Working {
  const working = castingWorking(cavity, metal, hook, cast, units);
  const strays =
    cavity.weighedCount > 1
      ? 'how its castings varied, how few were weighed (Student’s t), the metal’s density and the hook'
      : 'what a cavity that nobody weighed may hold, the metal’s density and the hook';
  return {
    ...working,
    steps: [...working.steps, `± ${massText(cast.bandG, units.mass)}, 95 % of castings: ${strays}`],
  };
}
