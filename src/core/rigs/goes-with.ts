import { findRole, type PartGauge } from '../parts/part-roles';
import type { MatchLine } from './match-table';
import { crimpFor, isCrimpFor, seatTube } from './suits';

/** A part, or a hook by its sizes alone. */
export type Fitting = Pick<PartGauge, 'as' | 'sizes' | 'line'>;

/** How two things go together, said from the first: it goes through, over or round the second. */
export type Going =
  /** A wire or line through the hole of what is threaded on it, with so much to spare. */
  | { readonly how: 'threaded'; readonly thickMm: number; readonly holeMm: number }
  /** A crimp closes on a cable of this thickness. */
  | { readonly how: 'crimped'; readonly thickMm: number; readonly holeMm: number }
  /** A tube goes over a hook's eye and grips its shank. */
  | { readonly how: 'sleeved'; readonly overMm: number; readonly holeMm: number }
  /** The wire of a ring through a hook's eye. */
  | { readonly how: 'hung'; readonly ringMm: number; readonly eyeMm: number };

/** A hole wider than this many times the wire wobbles: nobody calls that a fit. */
const LOOSEST = 4;

/** How thick what is threaded through others is; undefined where it is not such a thing. */
function threadOf({ as, sizes }: Fitting): number | undefined {
  if (as === 'frame') return sizes.wireMm;
  return as === 'line' ? sizes.diameterMm : undefined;
}

function directed(a: Fitting, b: Fitting, matches: readonly MatchLine[]): Going | null {
  const thickMm = threadOf(a);
  const holeMm = b.sizes.holeMm;
  if (thickMm !== undefined && holeMm !== undefined) {
    if (b.as === 'crimp') {
      const wantMm = a.line === 'cable' ? crimpFor({ gauge: a }, matches) : null;
      return wantMm !== null && isCrimpFor({ gauge: b }, { gauge: a }, wantMm)
        ? { how: 'crimped', thickMm, holeMm }
        : null;
    }
    if (findRole(b.as).hole !== null && holeMm > thickMm && holeMm <= thickMm * LOOSEST)
      return { how: 'threaded', thickMm, holeMm };
  }
  if (a.as !== 'hook') return null;
  if (b.as === 'tube') {
    const seat = seatTube({ gauge: b }, { gauge: a }, null, matches);
    return seat?.verdict === 'fits' ? { how: 'sleeved', overMm: seat.overMm, holeMm: seat.holeMm } : null;
  }
  const { eyeMm } = a.sizes;
  const { ringMm } = b.sizes;
  if (eyeMm !== undefined && ringMm !== undefined && ringMm < eyeMm) return { how: 'hung', ringMm, eyeMm };
  return null;
}

/**
 * How two parts go together, whichever comes first; null where they do not, or where nobody measured what it takes.
 *
 * Source: a hole wider than the wire; crimps and tubes as rigs are judged by; a ring's wire through the eye.
 *
 * @example goesWith({ as: 'frame', sizes: { wireMm: 0.9 }, line: null },
 *   { as: 'bead', sizes: { holeMm: 1.2 }, line: null }, [])?.how // 'threaded'
 */
export function goesWith(a: Fitting, b: Fitting, matches: readonly MatchLine[]): Going | null {
  return directed(a, b, matches) ?? directed(b, a, matches);
}
