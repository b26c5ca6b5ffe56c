import type { Loft } from '../solids/loft';
import type { Solid } from '../solids/solid';

/** What a cavity's body is told by: its sections, a solid, or an STL file and how many times as large it is. */
export type BodySource =
  | { readonly loft: Loft }
  | { readonly solid: Solid }
  | { readonly file: Blob; readonly scale: number };
