import { coatUse } from '@/core/coats/coat-use';
import type { CureSchoolId, CureTime } from '@/core/coats/cures/definition';
import { CURE_SCHOOLS } from '@/core/coats/cures';
import { AT_HEAT_C } from '@/core/coats/follow-cure';
import type { CureJudgment } from '@/core/coats/judge-cure';
import { warmLoad, type LoadGroup } from '@/core/coats/warm-load';
import type { CoatWayId } from '@/core/coats/ways/definition';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { timeConstantS } from '@/core/heat/lumped';
import type { Outcome } from '@/core/problems/problem';
import type { PowderBin } from '@/records/bin';
import type { Heater } from '@/records/heater';
import type { Hung, Rack } from '@/records/rack';
import { judgeFor, powdersOf } from './coat-facts';
import { pieceOf } from '../heads/head-facts';
import { powderLayers } from './powder-layers';
import { metalIdOf } from '../metals/listed-metal';
import type { BenchFacts } from '../bench/bench-facts';

/** Heads on a rack that are alike. */
export interface HungKind extends Omit<Hung, 'rod' | 'slot' | 'slotsEach'> {
  readonly count: number;
}

export function hungKinds(hung: readonly Hung[]): HungKind[] {
  const kinds = new Map<string, HungKind>();
  for (const { headBinId, coatId, ticketId, lineId } of hung) {
    const key = [headBinId, coatId, ticketId, lineId].join(' ');
    kinds.set(key, { headBinId, coatId, ticketId, lineId, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  return [...kinds.values()];
}

/** The powders on a rack, each once. */
export function powdersOn(hung: readonly Hung[], view: BenchFacts): PowderBin[] {
  const coats = new Set(hung.map(({ coatId }) => coatId));
  const powders = [...coats].flatMap((id) => {
    const coat = view.coatById.get(id);
    return coat ? powdersOf(coat, view) : [];
  });
  return [...new Map(powders.map((powder) => [powder.id, powder])).values()];
}

/** A rack's cure held against all that hangs on it. */
export function judgeRack(rack: Pick<Rack, 'partC' | 'minutes' | 'hung'>, view: BenchFacts): CureJudgment {
  const metals = rack.hung.map(({ headBinId }) => {
    const bin = view.binById.get(headBinId);
    return bin?.kind === 'head' ? metalIdOf(bin) : null;
  });
  return judgeFor(rack, powdersOn(rack.hung, view), metals, view);
}

/** What of a load is heated, kind by kind. */
function loadGroups(hung: readonly Hung[], heater: Heater, view: BenchFacts): LoadGroup[] {
  return hungKinds(hung).flatMap(({ headBinId, count }): LoadGroup[] => {
    const bin = view.binById.get(headBinId);
    const piece = bin?.kind === 'head' ? pieceOf(bin, view) : null;
    return piece ? [{ ...piece, hWm2K: heatOfHead(heater, piece).hWm2K, count }] : [];
  });
}

/** How a rack warms up: until its slowest head is hot, and that head's time constant in this oven. */
export function warmingOf(
  rack: Pick<Rack, 'hung' | 'partC' | 'startC'>,
  heater: Heater,
  view: BenchFacts,
): Outcome<{ readonly seconds: number; readonly tauS: number }> | null {
  const groups = loadGroups(rack.hung, heater, view);
  if (!heater.oven || groups.length === 0) return null;
  const { rackG, powerW } = heater.oven;
  const warm = warmLoad({
    groups,
    rackG,
    powerW,
    rackWm2K: heater.hWm2K,
    ovenC: rack.partC,
    startC: rack.startC,
    toC: rack.partC - AT_HEAT_C,
  });
  if (!warm.ok) return warm;
  const tauS = Math.max(...groups.map((group) => timeConstantS(group)));
  return { ok: true, value: { seconds: warm.value.seconds, tauS } };
}

/** What heads take of each powder, g, by powder. */
export function usedBy(
  heads: readonly { readonly headBinId: string; readonly coatId: string; readonly count: number }[],
  wayId: CoatWayId,
  view: BenchFacts,
): Map<string, number> {
  const used = new Map<string, number>();
  for (const { headBinId, coatId, count } of heads) {
    const bin = view.binById.get(headBinId);
    const coat = view.coatById.get(coatId);
    const piece = bin?.kind === 'head' ? pieceOf(bin, view) : null;
    if (!coat || !piece) continue;
    for (const [id, g] of coatUse(powderLayers(coat, wayId, view), piece.areaCm2, count)) {
      used.set(id, (used.get(id) ?? 0) + g);
    }
  }
  return used;
}

/** The school whose way with a powder this cure is; by the card where none is named for it. */
export function schoolOf(cure: CureTime, powder: PowderBin | undefined): CureSchoolId {
  const school = powder
    ? CURE_SCHOOLS.find(({ cureFor }) => {
        const { partC, minutes } = cureFor(powder);
        return partC === cure.partC && minutes === cure.minutes;
      })
    : undefined;
  return school?.id ?? 'card';
}
