import type { CastMetal } from '@/core/cavities/cast-grams-per-cm3';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { embeddedTotals } from '@/core/cavities/embedded-totals';
import type { EmbeddedPart } from '@/core/cavities/embedded-part';
import { findStyle } from '@/core/cavities/styles';
import { done, fail, type Outcome } from '@/core/problems/problem';
import { CAVITY_FORMS } from '@/core/solids/forms';
import type { CavityForm } from '@/core/solids/forms/definition';
import { measureSolid } from '@/core/solids/measure-solid';
import { checkProfile } from '@/core/solids/read-outline';
import { outlineSolid } from '@/core/solids/solid-outline';
import { solveSolid } from '@/core/solids/solve-solid';
import type { Solid } from '@/core/solids/solid';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HeadHook } from '../heads/typical-hook';
import type { StudiedBody } from '@/core/molds/study-body';

/** What a new cavity begins from. */
export type Shape =
  | { readonly kind: 'form'; readonly form: CavityForm; readonly sizes: Readonly<Record<string, number>> }
  | { readonly kind: 'profile'; readonly points: readonly (readonly [number, number])[] }
  | { readonly kind: 'mesh'; readonly name: string; readonly mesh: StudiedBody };

export interface Wish {
  readonly targetG: number;
  readonly metal: CastMetal;
  readonly hook: HeadHook | null;
  /** A pin through the length that is pulled, mm; null for none. */
  readonly pinMm: number | null;
  /** `scale`, or the key of the one size to solve. */
  readonly vary: string;
}

/** A cavity worked out. */
export interface Design {
  /** The cavity, shrink in it; null for a mesh, which is only scaled. */
  readonly solid: Solid | null;
  /** How many times as large as drawn. */
  readonly scale: number;
  /** The form's sizes as solved, mm. */
  readonly sizes: Readonly<Record<string, number>>;
  readonly volumeCm3: number;
  readonly centroidMm: number;
  readonly lengthMm: number;
  readonly finishedG: number;
  readonly embedded: readonly EmbeddedPart[];
}

const OWN_STYLE = 'egg';
const PIN_ROUNDS = 6;
const MM3_PER_CM3 = 1000;

/** The style that tickets know a shape by. */
export function styleOf(shape: Shape, hook: HeadHook | null): string {
  if (shape.kind === 'form') return shape.form.style;
  return hook ? 'round' : OWN_STYLE;
}

/** The solid a shape stands for, before it is solved. */
function solidOf(shape: Exclude<Shape, { kind: 'mesh' }>): Outcome<Solid> {
  if (shape.kind === 'form') return done(shape.form.solid(shape.sizes));
  const profile = checkProfile(shape.points);
  return profile.ok ? done({ parts: [{ shape: 'revolve', profile: profile.value }] }) : profile;
}

/** Works a cavity out that gives the wish, or says why none does. */
export function workOut(shape: Shape, wish: Wish): Outcome<Design> {
  const style = findStyle(styleOf(shape, wish.hook));
  const around = (lengthMm: number) => {
    const pin = wish.pinMm !== null && wish.pinMm > 0 ? [pinPart(wish.pinMm, lengthMm)] : [];
    return embeddedIn({ hookShare: style?.hookShare || 0.3, inserts: pin }, wish.hook);
  };
  if (shape.kind === 'mesh') return scaleMesh(shape.mesh, wish, around);
  const drawn = solidOf(shape);
  if (!drawn.ok) return drawn;
  const field =
    shape.kind === 'form' ? shape.form.fields.find(({ key }) => key === wish.vary)?.solves : undefined;
  const vary = field ? ({ kind: 'field', ...field } as const) : ({ kind: 'scale' } as const);

  // A pin takes more of a longer body, and a body with a pin is longer: the two settle in a few rounds.
  let lengthMm = lengthOf(drawn.value);
  let solved = solveSolid(drawn.value, wish.metal, around(lengthMm), wish.targetG, vary);
  for (let round = 0; round < PIN_ROUNDS && solved.ok && wish.pinMm !== null; round += 1) {
    lengthMm = lengthOf(solved.value.solid);
    solved = solveSolid(drawn.value, wish.metal, around(lengthMm), wish.targetG, vary);
  }
  if (!solved.ok) return solved;
  const { solid, value, finishedG } = solved.value;
  const measured = measureSolid(solid);
  if (!measured.ok) return measured;
  const sizes =
    shape.kind === 'form'
      ? Object.fromEntries(
          shape.form.fields.map(({ key, usual }) => {
            const set = shape.sizes[key] ?? usual;
            return [key, field ? (key === wish.vary ? value : set) : set * value];
          }),
        )
      : {};
  return done({
    solid,
    scale: field ? 1 : value,
    sizes,
    volumeCm3: measured.value.volumeCm3,
    centroidMm: measured.value.centroidZMm - outlineSolid(solid).bottomMm,
    lengthMm: lengthOf(solid),
    finishedG,
    embedded: around(lengthOf(solid)),
  });
}

function lengthOf(solid: Solid): number {
  const { topMm, bottomMm } = outlineSolid(solid);
  return topMm - bottomMm;
}

function pinPart(pinMm: number, lengthMm: number): EmbeddedPart {
  const volumeCm3 = ((Math.PI / 4) * pinMm ** 2 * lengthMm) / MM3_PER_CM3;
  return { name: 'Pin', count: 1, massG: 0, volumeCm3, embeddedShare: 1, removed: true };
}

function scaleMesh(
  { measure }: StudiedBody,
  { metal, targetG }: Wish,
  around: (lengthMm: number) => EmbeddedPart[],
): Outcome<Design> {
  const size = measure.boundsMm.max.map((high, axis) => high - (measure.boundsMm.min[axis] ?? 0));
  const drawnMm = Math.max(...size);
  if (!(measure.volumeCm3 > 0)) return fail('mesh.flat', {}, ['triangles']);
  let scale = 1;
  for (let round = 0; round < PIN_ROUNDS; round += 1) {
    const { displacedCm3, staysG } = embeddedTotals(around(drawnMm * scale));
    const metalCm3 = (targetG - staysG) / castGramsPerCm3(metal);
    if (!(metalCm3 > 0)) return fail('solid.out-of-reach', { targetG }, ['targetG']);
    scale = Math.cbrt((metalCm3 + displacedCm3) / measure.volumeCm3);
  }
  const longest = size.indexOf(drawnMm);
  return done({
    solid: null,
    scale,
    sizes: {},
    volumeCm3: measure.volumeCm3 * scale ** 3,
    centroidMm: ((measure.centroidMm[longest] ?? 0) - (measure.boundsMm.min[longest] ?? 0)) * scale,
    lengthMm: drawnMm * scale,
    finishedG: targetG,
    embedded: around(drawnMm * scale),
  });
}

/** The form of this key. */
export function formOf(key: string): CavityForm {
  const [first] = CAVITY_FORMS;
  const form = CAVITY_FORMS.find((each) => each.key === key) ?? first;
  if (!form) throw new RangeError('formOf requires a form');
  return form;
}

/** The solid of a shape, to be drawn before it answers to a weight; null for a mesh, and where there is none. */
export function drawnSolid(shape: Shape): Solid | null {
  const solid = shape.kind === 'mesh' ? null : solidOf(shape);
  return solid?.ok ? solid.value : null;
}
