import type { HookPoint } from '../molds/hook-line';
import type { Gate } from '../molds/gate-run';
import type { ThermalMaterial } from './grid';

/** What a brick of a casting in its mold is. */
export const CAST_ROLES = ['mold', 'body', 'gate', 'wire'] as const;

/** A body in its mold, with the way in and what lies in it. */
export interface Casting {
  /** The cavity as a closed mesh: nine numbers a triangle, laid along x from the nose, z up, parted at y = 0; mm. */
  readonly body: Float32Array;
  readonly gate: Gate;
  /** The middle of a hook's wire in the parting plane; null for none. */
  readonly hook: { readonly line: readonly HookPoint[]; readonly wireMm: number } | null;
  /** A pin along the axis, mm across; null for none. */
  readonly pinMm: number | null;
}

/** A metal as it is poured. */
export interface PouredThermal extends ThermalMaterial {
  readonly melting: NonNullable<ThermalMaterial['melting']>;
  /** What its skin pulls with while liquid, N/m. */
  readonly surfaceNm: number;
  /** How much smaller it gets as it freezes, a share of its room; under 0 it swells. */
  readonly freezingShrink: number;
}

/** What a mold does with heat and air. */
export interface MoldThermal extends ThermalMaterial {
  /** What the gap at its wall lets through, W/m2K. */
  readonly contactWm2K: number;
  /** Air leaves through it everywhere. */
  readonly isPorous: boolean;
}

/** How a casting is poured. */
export interface PourSetting {
  readonly metal: PouredThermal;
  readonly mold: MoldThermal;
  readonly wire: ThermalMaterial;
  readonly pouredC: number;
  readonly blockC: number;
  readonly airC: number;
  /** What a disc's turning presses with besides the metal's own weight, Pa. */
  readonly spinPa: number;
  /** How much metal the maker's stream brings at most, cm3/s. */
  readonly streamCm3s: number;
  /** How far the halves stand apart, mm: through there the air leaves. */
  readonly gapMm: number;
  /** Where along the body air leaves through a scratch to the block's edge, a share of its length. */
  readonly vents: readonly number[];
}
