import { takesHook } from '@/core/tickets/takes-hook';
import { forecastPours } from '@/core/pours/forecast-pours';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { CastingPrediction } from '@/core/cavities/predict-casting';
import { finishedWeight } from '@/core/tickets/finished-weight';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { Session } from '@/core/tickets/lay-out-session';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';

export interface CavityRow {
  readonly index: number;
  readonly cavity: Cavity;
  readonly hook: HookBin | null;
  /** Null where the hook leaves no room for metal. */
  readonly cast: CastingPrediction | null;
  readonly errorG: number | null;
  /** Castings the plan asks of it. */
  readonly asked: number;
  /** A line of the ticket could be cast here. */
  readonly fits: boolean;
}

/** What each cavity of a block truly gives in a metal, on the hook the ticket asks for or the first it takes. */
export function cavityRows(
  mold: Mold,
  metal: MetalBin,
  hooks: ReadonlyMap<string, HookBin>,
  session: Session | null,
  plan: PourPlan | null,
): CavityRow[] {
  const fills = plan?.runs.find((run) => run.moldId === mold.id)?.fills ?? [];
  const asked = new Map<number, number>();
  for (const index of forecastPours(fills, [], mold.kind === 'spun').flat()) {
    asked.set(index, (asked.get(index) ?? 0) + 1);
  }
  return mold.cavities.map((cavity, index): CavityRow => {
    const cells = session?.cells.filter((cell) => cell.moldId === mold.id && cell.cavity === index) ?? [];
    const wantedHook = session?.heads.find((head) => cells.some((cell) => cell.key === head.key))?.hookBinId;
    const hook = wantedHook ? (hooks.get(wantedHook) ?? null) : hookFor(cavity, hooks);
    const room = castFromCavity(cavity, metal, hook);
    const weight = finishedWeight(cavity, metal, hook);
    const cast =
      room.ok && weight.ok ? { ok: true as const, value: { ...room.value, ...weight.value } } : room;
    const errorShare = cavity.standardErrorCm3 === null ? null : cavity.standardErrorCm3 / cavity.volumeCm3;
    return {
      index,
      cavity,
      hook,
      cast: cast.ok ? cast.value : null,
      errorG: cast.ok && errorShare !== null ? cast.value.metalG * errorShare : null,
      asked: asked.get(index) ?? 0,
      fits: cells.length > 0,
    };
  });
}

/** The first hook on the shelf that the cavity takes, of its best size if there is one. */
export function hookFor(cavity: Cavity, hooks: ReadonlyMap<string, HookBin>): HookBin | null {
  for (const size of cavity.hookSizes) {
    const found = [...hooks.values()].find((hook) => hook.size === size && takesHook(cavity, hook));
    if (found) return found;
  }
  return [...hooks.values()].find((hook) => takesHook(cavity, hook)) ?? null;
}
