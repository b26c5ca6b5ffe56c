import { compareNames } from '@/core/numeric/compare-names';
/** The newest version of each family that was not put away, by name. */
export function newestByFamily<
  T extends {
    readonly family: string;
    readonly version: number;
    readonly retired: boolean;
    readonly name: string;
  },
>(records: readonly T[]): T[] {
  const newest = new Map<string, T>();
  for (const record of records) {
    const known = newest.get(record.family);
    if (!record.retired && (!known || known.version < record.version)) newest.set(record.family, record);
  }
  return [...newest.values()].sort((a, b) => compareNames(a.name, b.name));
}
