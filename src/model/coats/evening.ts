import { layOutCures, type CureEvening } from '@/core/coats/lay-out-cures';
import { planHeat } from '@/core/coats/plan-heat';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { findCoatWay } from '@/core/coats/ways';
import type { CoatWayId } from '@/core/coats/ways/definition';
import type { Heater } from '@/records/heater';
import type { Rack } from '@/records/rack';
import { pieceOf } from '../heads/head-facts';
import { metalIdOf } from '../metals/listed-metal';
import { powdersOf, solidusOf } from './coat-facts';
import type { BenchFacts } from '../bench/bench-facts';
import { hungKinds, warmingOf } from './rack-facts';

/** Where nothing can be reckoned of heating a head, s: a middling one. */
const ABOUT_HEAT_S = 30;

/** The heater a way would use: its usual kind first; null where none of them stands on the bench. */
export function heaterFor(wayId: CoatWayId, heaters: readonly Heater[]): Heater | null {
  for (const kind of findCoatWay(wayId).heaters) {
    const heater = heaters.find((each) => each.kind === kind);
    if (heater) return heater;
  }
  return null;
}

/** Heating, dipping and hanging the heads of a rack, s: one by one, or the whole rack in the oven at once. */
export function prepSeconds(
  rack: Pick<Rack, 'hung'>,
  wayId: CoatWayId,
  ambientC: number,
  view: BenchFacts,
): number {
  const way = findCoatWay(wayId);
  const heater = heaterFor(wayId, view.heaters);
  const heats = hungKinds(rack.hung).map(({ headBinId, coatId, count }) => {
    const bin = view.binById.get(headBinId);
    const coat = view.coatById.get(coatId);
    const piece = bin?.kind === 'head' ? pieceOf(bin, view) : null;
    const solidusC = bin?.kind === 'head' ? solidusOf(metalIdOf(bin), view) : null;
    const fuseC = coat ? Math.max(0, ...powdersOf(coat, view).map((powder) => powder.fuseC)) : 0;
    const plan =
      piece && heater && solidusC !== null && fuseC > 0
        ? planHeat({
            piece,
            way,
            sourceC: heater.sourceC,
            hWm2K: heatOfHead(heater, piece).hWm2K,
            ambientC,
            fuseC,
            solidusC,
          })
        : null;
    return { count, heatS: plan?.ok ? plan.value.heatS : ABOUT_HEAT_S };
  });
  const hands = rack.hung.length * way.handS;
  if (way.atOnce === 'rack') return hands + Math.max(0, ...heats.map(({ heatS }) => heatS));
  return hands + heats.reduce((so, { count, heatS }) => so + count * heatS, 0);
}

/** The racks still to go in, on one line from lighting the oven. */
export function eveningOf(
  racks: readonly Rack[],
  wayId: CoatWayId,
  ambientC: number,
  view: BenchFacts,
): CureEvening {
  const loads = racks.map((rack) => {
    const heater = view.heaters.find(({ id }) => id === rack.ovenId);
    const warm = heater ? warmingOf(rack, heater, view) : null;
    return {
      id: rack.id,
      prepS: prepSeconds(rack, wayId, ambientC, view),
      warmS: warm?.ok ? warm.value.seconds : 0,
      cureS: rack.minutes * 60,
    };
  });
  const oven = view.heaters.find(({ id }) => id === racks[0]?.ovenId)?.oven;
  return layOutCures(loads, (oven?.heatUpMin ?? 0) * 60);
}
