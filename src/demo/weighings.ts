import { calibrateCavity } from '@/core/cavities/calibrate-cavity';
import { castFromCavity, embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';
import type { Weighing } from '@/records/weighing';
import type { DemoTools } from './tools';

interface WeighedBench {
  readonly molds: Mold[];
  readonly weighings: Weighing[];
}

/** A single casting strays by so much, as a share: a tight block, a steady hand. */
const STRAY = 0.006;
/** Lot 12 is called 2 % antimony and pours like 4 %. */
const MISNAMED = { lot: 'lot-12', trueGcm3: 11.03, checkedOn: ['block-b', 'block-g'] };

/**
 * Weighs the made-up castings in: molds whose cavities are marked weighed get weighings, and their volumes and errors
 * from these. Some later weighings only check: in a lot that is not quite what it is called.
 */
export function weighIn(
  tools: DemoTools,
  molds: readonly Mold[],
  metals: readonly MetalBin[],
  hooks: readonly HookBin[],
): WeighedBench {
  const weighings: Weighing[] = [];
  const metalOf = (id: string) => {
    const metal = metals.find((each) => each.id === id);
    if (!metal) throw new Error(`weighIn requires the lot ${id}`);
    return metal;
  };
  const hookOf = (cavity: Cavity) => hooks.find(({ size }) => size === cavity.hookSizes[0]) ?? null;
  const cast = (cavity: Cavity, metal: MetalBin, trueGcm3: number, count: number) => {
    const truth = castFromCavity(cavity, { ...metal, densityGcm3: trueGcm3 }, hookOf(cavity));
    if (!truth.ok) throw new Error(`weighIn requires room for metal in ${cavity.id}`);
    const spread = STRAY / Math.sqrt(count);
    const together = truth.value.finishedG * count * (1 + tools.between(-spread, spread));
    return Math.round(together * 100) / 100;
  };
  const note = (mold: Mold, cavity: Cavity, metal: MetalBin, weighed: Partial<Weighing>): Weighing => ({
    id: `weighing-${weighings.length + 1}`,
    at: tools.at(-80, 20),
    moldId: mold.id,
    cavityId: cavity.id,
    metalBinId: metal.id,
    hookBinId: hookOf(cavity)?.id ?? null,
    count: 1,
    weighedG: 1,
    scale: 'typed',
    runId: null,
    batchId: null,
    calibrates: true,
    ...weighed,
  });

  const calibrated = molds.map((mold): Mold => {
    const house = metalOf('lot-14');
    const cavities = mold.cavities.map((cavity): Cavity => {
      if (cavity.volumeBasis !== 'weighed') return cavity;
      const own = Array.from({ length: tools.whole(2, 4) }, (_, index) => {
        const count = tools.whole(1, 3);
        const weighedG = cast(cavity, house, house.densityGcm3, count);
        const made = note(mold, cavity, house, { at: tools.at(-80 + 9 * index, 20), count, weighedG });
        weighings.push(made);
        return made;
      });
      const embedded = embeddedIn(cavity, hookOf(cavity));
      const found = calibrateCavity(own.map((each) => ({ ...each, metal: house, embedded })));
      if (!found.ok) throw new Error(`weighIn requires castings heavier than their hooks in ${cavity.id}`);
      return {
        ...cavity,
        volumeCm3: found.value.cavityVolumeCm3,
        standardErrorCm3: found.value.standardErrorCm3,
        weighedCount: own.reduce((total, { count }) => total + count, 0),
      };
    });
    return { ...mold, cavities };
  });

  const misnamed = metalOf(MISNAMED.lot);
  for (const mold of molds.filter(({ id }) => MISNAMED.checkedOn.includes(id))) {
    for (const cavity of mold.cavities.filter(({ volumeBasis }) => volumeBasis === 'weighed')) {
      const weighedG = cast(cavity, misnamed, MISNAMED.trueGcm3, 3);
      weighings.push(
        note(mold, cavity, misnamed, { at: tools.at(-6, 21), count: 3, weighedG, calibrates: false }),
      );
    }
  }
  return { molds: calibrated, weighings };
}
