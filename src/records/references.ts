import type { z } from 'zod';
import { namedBy } from './fields';

/** A place in a record that names another: the way to it, `*` for each of a list, and the table that is named. */
export interface Reference {
  readonly path: readonly string[];
  readonly table: string;
  /** Only this kind of it; left out where any will do. */
  readonly kind?: string;
}

/** What of a schema is asked here; the kinds of schema that a record is made of. */
interface Def {
  readonly type: string;
  readonly shape?: Readonly<Record<string, z.core.$ZodType>>;
  readonly element?: z.core.$ZodType;
  readonly innerType?: z.core.$ZodType;
  readonly options?: readonly z.core.$ZodType[];
  readonly valueType?: z.core.$ZodType;
}

const under = (step: string, of: readonly Reference[]): Reference[] =>
  of.map(({ path, ...rest }) => ({ path: [step, ...path], ...rest }));

/**
 * Every place in a schema that names a record of a table (`ref`), wherever in it.
 *
 * @example referencesIn(z.strictObject({ lines: z.array(z.strictObject({ binId: ref('bins') })) }))
 * // [{ path: ['lines', '*', 'binId'], table: 'bins' }]
 */
export function referencesIn(schema: z.core.$ZodType): Reference[] {
  const named = namedBy(schema);
  if (named) return [{ path: [], ...named }];
  const { shape, element, innerType, options, valueType } = schema._zod.def as Def;
  if (shape) return Object.entries(shape).flatMap(([name, field]) => under(name, referencesIn(field)));
  if (element ?? valueType) return under('*', referencesIn((element ?? valueType) as z.core.$ZodType));
  if (innerType) return referencesIn(innerType);
  const found = (options ?? []).flatMap(referencesIn);
  // Several kinds of a record may share what they name.
  return [...new Map(found.map((each) => [each.path.join('.'), each])).values()];
}

/** An id that stands at such a place, and where. */
export interface NamedId {
  readonly where: string;
  readonly id: string;
}

/**
 * The ids that stand at a place of a record; none where there is no such place in it.
 *
 * @example namedAt({ lines: [{ binId: 'a' }] }, ['lines', '*', 'binId']) // [{ where: 'lines.0.binId', id: 'a' }]
 */
export function namedAt(value: unknown, [step, ...rest]: readonly string[], where = ''): NamedId[] {
  if (step === undefined) return typeof value === 'string' ? [{ where, id: value }] : [];
  if (typeof value !== 'object' || value === null) return [];
  const at = (name: string) => (where === '' ? name : `${where}.${name}`);
  if (step === '*') return Object.entries(value).flatMap(([name, each]) => namedAt(each, rest, at(name)));
  return namedAt((value as Readonly<Record<string, unknown>>)[step], rest, at(step));
}
