/** What a body is of, as it is drawn. */
export type BodyLook = 'lead' | 'gate' | 'steel' | 'mold';

/** A body to be turned: nine numbers a triangle, mm, and which way its skin faces at each corner. */
export interface BodyPart {
  readonly name: string;
  readonly look: BodyLook;
  readonly triangles: Float32Array;
  readonly normals: Float32Array;
  /** It swings down about its foot as the mold is opened. */
  readonly opens: boolean;
}

/** The token each look is painted with. */
export const LOOK_TOKENS: Readonly<Record<BodyLook, string>> = {
  lead: '--cast-sheen',
  gate: '--cavity-1',
  steel: '--wire',
  mold: '--steel-2',
};

/** Planes that a body can be cut by, and which axis each is square to. */
export const CUTS: Readonly<
  Record<'depth' | 'along' | 'up', { readonly says: string; readonly axis: 0 | 1 | 2 }>
> = {
  depth: { says: 'along the parting plane', axis: 1 },
  along: { says: 'across the body', axis: 0 },
  up: { says: 'level', axis: 2 },
};
export type CutName = keyof typeof CUTS;
