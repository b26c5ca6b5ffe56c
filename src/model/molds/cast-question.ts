import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findStyle } from '@/core/cavities/styles';
import type { Casting, PourSetting } from '@/core/freezing/casting';
import type { BodySource } from '@/core/molds/body-source';
import { USUAL_GATE_MM, type Gate } from '@/core/molds/gate-run';
import { hookLine } from '@/core/molds/hook-line';
import type { MoldKind } from '@/core/molds/made-of';
import type { MakingWay } from '@/core/solids/forms/definition';
import type { Loft } from '@/core/solids/loft';
import { outlineOf } from '@/core/solids/solid-outline';
import type { MetalBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';
import { MOLD_MATERIALS, STEEL_WIRE, type MoldMaterial } from '@/reference/mold-materials';
import { nearestMetal } from '@/reference/nearest-metal';
import { pouredThermal, type KnownPoured } from '@/reference/poured-thermal';
import type { Design } from './design';
import { discForce } from './disc-force';

/** How a casting is to be poured, as a page has it in hand. */
export interface CastDraft {
  readonly gate: Gate;
  /** Shares of the body's length. */
  readonly vents: readonly number[];
  readonly of: MoldKind;
  readonly gapMm: number;
  readonly pouredC: number;
  readonly blockC: number;
}

/** A cavity to be judged: what it is, and what of it is not the draft's to change. */
export interface CastSubject {
  readonly source: BodySource;
  readonly hook: HookDimensions | null;
  /** Where the eye leaves the axis, and how far the body reaches above it, mm. */
  readonly eyeMm: number;
  readonly radiusMm: number;
  readonly pinMm: number | null;
  readonly spinPa: number;
}

/** Halves that shut as they usually do (typical), mm. */
const USUAL_GAP_MM = 0.03;
/** A stream from a ladle or a spout (typical), cm3/s, and a warm room, C. */
const [STREAM_CM3S, ROOM_C] = [10, 20];
/** A metal block in an evening (typical), C, and at most so much of the metal's own melting point. */
const [WARM_BLOCK_C, OF_MELTING] = [120, 0.4];
/** Over all melted, where no practice is listed, K. */
const OVERHEAT_K = 60;
/** A gate is no wider than so much of the body. */
const GATE_SHARE = 0.6;
const PASCAL_PER_KPA = 1000;
/** How many wires' thickness the eye stands off the body. */
const EYE_RISE = 2;

/** A cavity of a block as a body by its sections; null where its style is not known. */
export function cavityLoft({ style: key, volumeCm3, outline }: Cavity): Loft | null {
  if (outline)
    return {
      section: outline.section,
      depth: outline.depth,
      profile: outline.points.map(([along, r]) => [r, along] as const),
    };
  const style = findStyle(key);
  if (!style) return null;
  const { outlineMm } = shapeCavity(style, volumeCm3);
  return {
    section: 'round',
    depth: style.depth,
    profile: outlineMm.map(([along, r]) => [r, along] as const),
  };
}

/** A cavity of a block with a hook in it, to be judged in a metal; null where its shape is not known. */
export function cavitySubject(
  mold: Mold,
  cavity: Cavity,
  hook: HookDimensions | null,
  metal: Pick<MetalBin, 'densityGcm3'>,
): CastSubject | null {
  const loft = cavityLoft(cavity);
  if (!loft) return null;
  const longMm = loft.profile.at(-1)?.[1] ?? 0;
  const style = findStyle(cavity.style);
  const pin = cavity.inserts.find(({ removed }) => removed);
  const force = discForce(mold, metal.densityGcm3);
  return {
    source: { loft },
    hook,
    eyeMm: (style?.eyeAt ?? 0) * longMm,
    radiusMm: Math.max(...loft.profile.map(([r]) => r)),
    // A pin lies along the whole body: its room says how thick it is.
    pinMm: pin ? Math.sqrt((pin.volumeCm3 * 1000 * 4) / Math.PI / longMm) : null,
    spinPa: force?.is === 'known' ? force.pressureKpa * PASCAL_PER_KPA : 0,
  };
}

/** Where a body is widest along its axis, a share of its length: there most gates are. */
function widestAt({ profile }: Loft): number {
  const longMm = profile.at(-1)?.[1] ?? 0;
  const most = Math.max(...profile.map(([r]) => r));
  const wide = profile.filter(([r]) => r >= most * 0.98).map(([, z]) => z);
  return longMm > 0 ? ((wide[0] ?? 0) + (wide.at(-1) ?? 0)) / 2 / longMm : 0.5;
}

/** How a mold of a kind is usually made and gated, until the maker says. */
export function usualDraft(
  mold: Pick<Mold, 'kind' | 'heat'> | null,
  cavity: Pick<Cavity, 'gate'> | null,
  body: Loft | null,
  metal: Pick<MetalBin, 'composition'>,
): CastDraft {
  const kind = mold?.kind ?? 'bar';
  const of: MoldKind =
    mold?.heat?.of ?? (kind === 'board' ? 'wood' : kind === 'spun' ? 'silicone' : 'aluminum');
  const widthMm = body ? 2 * Math.max(...body.profile.map(([r]) => r)) : Infinity;
  const gate: Gate = cavity?.gate ?? {
    side: kind === 'board' ? 'open' : 'above',
    at: body ? widestAt(body) : 0.5,
    wideMm: Math.min(USUAL_GATE_MM, GATE_SHARE * widthMm),
  };
  return {
    gate: { side: gate.side, at: gate.at, wideMm: gate.wideMm },
    vents: cavity?.gate?.vents ?? [],
    of,
    gapMm: mold?.heat?.gapMm ?? USUAL_GAP_MM,
    ...usualHeat(metal, of),
  };
}

/** Both ends of a body that is gated from above: there its air goes last (typical). */
const END_VENTS = [0.02, 0.98];

/** How a cavity that is being designed would be made and gated. */
export function designDraft(
  way: MakingWay,
  design: Design | null,
  metal: Pick<MetalBin, 'composition'>,
): CastDraft {
  const outline = design?.solid ? outlineOf(design.solid) : null;
  const loft: Loft | null = outline
    ? { ...outline, profile: outline.points.map(([along, r]) => [r, along] as const) }
    : null;
  const draft = usualDraft({ kind: way === 'drilled' ? 'board' : 'bar' }, null, loft, metal);
  return way === 'drilled' ? draft : { ...draft, vents: END_VENTS };
}

/** How hot metal and block usually are, C. */
export function usualHeat(
  { composition }: Pick<MetalBin, 'composition'>,
  of: MoldKind,
): Pick<CastDraft, 'pouredC' | 'blockC'> {
  const poured = pouredThermal(composition);
  const listed = nearestMetal(composition)?.potC.value;
  const pouredC = listed ? (listed[0] + listed[1]) / 2 : (poured?.melting.liquidusC ?? 0) + OVERHEAT_K;
  const isMetal = of === 'aluminum' || of === 'steel';
  const blockC = isMetal
    ? Math.min(WARM_BLOCK_C, OF_MELTING * (poured?.melting.solidusC ?? WARM_BLOCK_C / OF_MELTING))
    : 1.5 * ROOM_C;
  return { pouredC: Math.round(pouredC / 5) * 5, blockC: Math.round(blockC / 5) * 5 };
}

/** What molds of a kind do with heat and air. */
export function moldMaterial(of: MoldKind): MoldMaterial {
  const found = MOLD_MATERIALS.find(({ key }) => key === of);
  if (!found) throw new RangeError(`moldMaterial requires a listed material; '${of}' is none`);
  return found;
}

/** What a worker is asked about a casting; null where nobody knows how its metal melts. */
export function castQuestion(
  subject: CastSubject,
  draft: CastDraft,
  metal: Pick<MetalBin, 'composition'>,
): {
  readonly source: BodySource;
  readonly casting: Omit<Casting, 'body'>;
  readonly setting: PourSetting;
  readonly poured: KnownPoured;
} | null {
  const poured = pouredThermal(metal.composition);
  if (!poured) return null;
  const { source, hook, eyeMm, radiusMm, pinMm, spinPa } = subject;
  const { gate, vents, of, gapMm, pouredC, blockC } = draft;
  return {
    source,
    casting: {
      gate,
      hook: hook
        ? { line: hookLine(hook, eyeMm, radiusMm + EYE_RISE * hook.wireMm), wireMm: hook.wireMm }
        : null,
      pinMm,
    },
    setting: {
      metal: poured,
      mold: moldMaterial(of),
      wire: STEEL_WIRE,
      pouredC,
      blockC,
      airC: ROOM_C,
      spinPa,
      streamCm3s: STREAM_CM3S,
      gapMm,
      vents,
    },
    poured,
  };
}
