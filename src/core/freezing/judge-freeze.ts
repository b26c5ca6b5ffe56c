import { CAST_ROLES, type CastGrid } from './cast-grid';
import type { FollowedFreeze } from './follow-freeze';

/** What the freezing of a casting means for it. */
export interface FreezeVerdict {
  /** When the way in is shut, s. */
  readonly gateShutS: number;
  /** When the body is solid, s. */
  readonly bodySolidS: number;
  /** Where it is solid last, mm over its foot: there it sucks hollow, if nothing feeds it. */
  readonly hotSpotMm: number;
  /** What shuts the way from the gate to the hot spot before that is solid: where, mm over the foot, and how long before, s; null where it is fed to the end. */
  readonly starved: { readonly atMm: number; readonly beforeS: number } | null;
}

/**
 * Reads off a freezing whether the casting is fed to its end: each layer between the gate and the place that freezes last is
 * open as long as any of it is liquid. Null where some of it was not solid by the end.
 *
 * @example judgeFreeze(cast, frozen)?.starved // null: the gate outlasts the body
 */
export function judgeFreeze({ grid, footMm }: CastGrid, frozen: FollowedFreeze): FreezeVerdict | null {
  const { counts, stepMm, of } = grid;
  const layerSize = counts[0] * counts[1];
  const [body, gate] = [CAST_ROLES.indexOf('body'), CAST_ROLES.indexOf('gate')];
  const openUntil = (role: number) =>
    Array.from({ length: counts[2] }, (_, layer) => {
      let until = -Infinity;
      for (let at = layer * layerSize; at < (layer + 1) * layerSize; at += 1) {
        if (of[at] === role) until = Math.max(until, frozen.solidAtS[at] ?? Infinity);
      }
      return until;
    });
  const [bodyLayers, gateLayers] = [openUntil(body), openUntil(gate)];
  const bodySolidS = Math.max(...bodyLayers);
  if (!Number.isFinite(bodySolidS)) return null;
  const hot = bodyLayers.indexOf(bodySolidS);
  const gateAt = gateLayers.flatMap((until, layer) => (until > -Infinity ? [layer] : []));
  const gateShutS = Math.min(...gateAt.map((layer) => gateLayers[layer] ?? Infinity));
  const [first = 0, last = 0] = [gateAt[0], gateAt.at(-1)];
  const isFromFoot = (first + last) / 2 < hot;
  const way = Array.from({ length: counts[2] }, (_, layer) => layer).filter((layer) =>
    isFromFoot ? layer >= first && layer < hot : layer > hot && layer <= last,
  );
  const open = way.map((layer) => Math.max(bodyLayers[layer] ?? -Infinity, gateLayers[layer] ?? -Infinity));
  const soonest = Math.min(Infinity, ...open.filter((until) => until > -Infinity));
  const at = way[open.indexOf(soonest)];
  const inMm = (layer: number) => (layer + 0.5) * stepMm - footMm;
  return {
    gateShutS,
    bodySolidS,
    hotSpotMm: inMm(hot),
    starved:
      at !== undefined && soonest < bodySolidS ? { atMm: inMm(at), beforeS: bodySolidS - soonest } : null,
  };
}
