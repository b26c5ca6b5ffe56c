import { compareNames } from '@/core/numeric/compare-names';

/** A record of which there may be several versions: what is changed is kept anew under the same family. */
interface Versioned {
  readonly family: string;
  readonly version: number;
}

/** The newest version of a family, put away or not; null where it is gone. */
export function newestOfFamily<T extends Versioned>(family: string, records: readonly T[]): T | null {
  return records.reduce<T | null>(
    (newest, each) =>
      each.family === family && (newest === null || newest.version < each.version) ? each : newest,
    null,
  );
}

/** The newest version of each family that was not put away, by name. */
export function newestByFamily<T extends Versioned & { readonly retired: boolean; readonly name: string }>(
  records: readonly T[],
): T[] {
  const newest = new Map<string, T>();
  for (const record of records) {
    const known = newest.get(record.family);
    if (!record.retired && (!known || known.version < record.version)) newest.set(record.family, record);
  }
  return [...newest.values()].sort((a, b) => compareNames(a.name, b.name));
}
