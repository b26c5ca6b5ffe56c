import type { CastMetal } from '@/core/cavities/cast-grams-per-cm3';
import { findStyle } from '@/core/cavities/styles';
import type { Build } from '@/core/builds/build';
import type { Outcome } from '@/core/problems/problem';
import { CAVITY_FORMS } from '@/core/solids/forms';
import { PLASTIC_GCM3 } from '@/reference/typical/densities';
import type { HeadHook } from '../heads/typical-hook';
import { workOut, type Design, type Shape } from './design';

/** Plastic that stretches far floats (typical, g/cm3). */
const STRETCHY_GCM3 = 0.9;
/** A style's own outline, drawn in radii, as a profile in mm: it is scaled to the weight anyhow. */
const MM_PER_RADIUS = 5;

/**
 * What a head of a style is shaped like: the form of a new cavity where there is one of that style, else the style's outline
 * turned round its axis. Null where the style is not known.
 *
 * @example headShape('football')?.kind // 'form'
 */
export function headShape(style: string): Shape | null {
  const form = CAVITY_FORMS.find((each) => each.style === style);
  if (form) {
    return {
      kind: 'form',
      form,
      sizes: Object.fromEntries(form.fields.map(({ key, usual }) => [key, usual])),
    };
  }
  const known = findStyle(style);
  return known
    ? {
        kind: 'profile',
        points: known.outline.map(([along, radius]) => [along * MM_PER_RADIUS, radius * MM_PER_RADIUS]),
      }
    : null;
}

/** A head of a style and weight as a body: its shape, and that scaled to its weight in its metal. Null where it is not known. */
export function headDesign(
  head: { readonly style: string; readonly nominalG: number },
  metal: CastMetal,
  hook: HeadHook | null,
): { readonly shape: Shape; readonly design: Outcome<Design>; readonly eyeAt: number } | null {
  const shape = headShape(head.style);
  if (!shape) return null;
  const style = findStyle(head.style);
  return {
    shape,
    eyeAt: style?.isHooked ? style.eyeAt : 0.3,
    design: workOut(shape, { targetG: head.nominalG, metal, hook, pinMm: null, vary: 'scale' }),
  };
}

/**
 * What a bait's trailer does on the bottom: how long it is, and what it lifts in water, g, below 0 where it sinks. Null
 * where it has none, or nobody measured and weighed it.
 *
 * @example trailerOf(build)?.liftG // -0.14 of a soft one of 3 g
 */
export function trailerOf({ slots }: Pick<Build, 'slots'>): { lengthMm: number; liftG: number } | null {
  const trailer = slots.find(({ slot }) => slot === 'trailer')?.part;
  const lengthMm = trailer?.gauge.sizes.lengthMm;
  if (!trailer || lengthMm === undefined || trailer.massG === null) return null;
  const gcm3 = trailer.gauge.plastic === 'stretch' ? STRETCHY_GCM3 : PLASTIC_GCM3;
  return { lengthMm, liftG: trailer.massG * (1 / gcm3 - 1) };
}
