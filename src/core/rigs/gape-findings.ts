import { fitGape } from './fit-gape';
import type { RigItem, RigPiece } from './rig';
import type { RigFinding } from './rig-finding';

/** The hooks of the shelf that clear a body: the next smaller and the next larger than a gape. */
function hooksThatClear(
  shelf: readonly RigPiece[],
  gapeMm: number,
  bodyMm: number,
): { smaller: RigPiece | null; larger: RigPiece | null } {
  const clear = shelf.flatMap((piece) => {
    const own = piece.gauge.as === 'hook' ? piece.gauge.sizes.gapeMm : undefined;
    return own !== undefined && fitGape(own, bodyMm) !== 'can-foul' ? [{ piece, own }] : [];
  });
  const nearest = (among: typeof clear) =>
    [...among].sort((a, b) => Math.abs(a.own - gapeMm) - Math.abs(b.own - gapeMm))[0]?.piece ?? null;
  return {
    smaller: nearest(clear.filter(({ own }) => own < gapeMm)),
    larger: nearest(clear.filter(({ own }) => own > gapeMm)),
  };
}

/**
 * That a hook’s gape is of the size between for a body, mm, with the next sizes of the shelf that clear it; nothing where it
 * clears, or where there is no hook or nobody measured it.
 *
 * @example gapeFindings(hook, 16, shelf)[0]?.code // 'gape-fouls'
 */
export function gapeFindings(
  hook: RigItem | undefined,
  bodyMm: number,
  shelf: readonly RigPiece[],
): RigFinding[] {
  const gapeMm = hook?.part.gauge.sizes.gapeMm;
  if (!hook || gapeMm === undefined || fitGape(gapeMm, bodyMm) !== 'can-foul') return [];
  const { smaller, larger } = hooksThatClear(shelf, gapeMm, bodyMm);
  return [
    {
      code: 'gape-fouls',
      weight: 'stop',
      at: [hook.id],
      name: hook.part.name,
      gapeMm,
      bodyMm,
      smaller,
      larger,
    },
  ];
}
