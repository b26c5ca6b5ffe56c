import type { Solid } from '../solid';

/** A size of a form that the maker sets, mm. */
export interface FormField {
  readonly key: string;
  /** As it stands beside the drawing: `Drill bit`. */
  readonly label: string;
  readonly usual: number;
  /** The part and dimension it is, where it can be solved for by itself. */
  readonly solves?: { readonly part: number; readonly field: string };
}

/** How a form is made at home. */
export type MakingWay = 'drilled' | 'turned' | 'printed';

/** The contract each form of a new cavity fills. A new form is a new file and a line in `index.ts`. */
export interface CavityForm {
  readonly key: string;
  readonly name: string;
  /** The style that tickets know it by. */
  readonly style: string;
  readonly way: MakingWay;
  readonly fields: readonly FormField[];
  /** The body of these sizes, standing along its axis from the nose or the gate up. */
  readonly solid: (sizes: Readonly<Record<string, number>>) => Solid;
  /** Of the shape falling as it hangs on the line; typical. */
  readonly dragCoefficient: number;
}

/**
 * A size by its key, with the form's usual value where it is not set.
 *
 * @example sizeOf([{ key: 'd', label: 'Bit', usual: 30 }], {}, 'd') // 30
 */
export function sizeOf(
  fields: readonly FormField[],
  sizes: Readonly<Record<string, number>>,
  key: string,
): number {
  const field = fields.find((each) => each.key === key);
  if (!field) throw new RangeError(`sizeOf requires the form to have a ${key}`);
  return sizes[key] ?? field.usual;
}
