import { ALL_TABLES, CONTENTS_TABLES, type BenchContents, type ContentsTable } from './bench-file';
import { namedAt, referencesIn } from './references';

export interface LooseEnd {
  readonly where: string;
  readonly why: string;
}

/** What each table names, read off its schema once. */
const NAMES = new Map(CONTENTS_TABLES.map((table) => [table, referencesIn(ALL_TABLES[table].schema)]));

/**
 * The first place where a bench does not hang together: an id that stands twice in a table, or a record that
 * names another that is not there.
 *
 * @example findLooseEnd(EMPTY_CONTENTS) // null
 */
export function findLooseEnd(contents: BenchContents): LooseEnd | null {
  const ids = new Map<string, ReadonlyMap<string, string | null>>();
  for (const table of CONTENTS_TABLES) {
    const seen = new Map<string, string | null>();
    for (const [index, record] of contents[table].entries()) {
      if (seen.has(record.id)) return { where: `${table}.${index}.id`, why: `'${record.id}' stands twice` };
      seen.set(record.id, 'kind' in record ? record.kind : null);
    }
    ids.set(table, seen);
  }
  for (const table of CONTENTS_TABLES) {
    const loose = looseIn(table, contents, ids);
    if (loose) return loose;
  }
  return looseOnWater(contents, ids) ?? looseOnRigs(contents) ?? looseCavities(contents);
}

function looseIn(
  table: ContentsTable,
  contents: BenchContents,
  ids: ReadonlyMap<string, ReadonlyMap<string, string | null>>,
): LooseEnd | null {
  const names = NAMES.get(table) ?? [];
  for (const [index, record] of contents[table].entries()) {
    // Cleared off the shelf, a bin stays in the books, whatever became of what it was of.
    if (table === 'bins' && 'retired' in record && record.retired) continue;
    for (const { path, table: other, kind } of names) {
      const known = ids.get(other);
      const isLoose = (id: string) => !known?.has(id) || (kind !== undefined && known.get(id) !== kind);
      const loose = namedAt(record, path).find(({ id }) => isLoose(id));
      if (!loose) continue;
      const { one } = ALL_TABLES[other as ContentsTable];
      const why = known?.has(loose.id)
        ? `the ${one} '${loose.id}' is of the kind '${known.get(loose.id)}' and not '${kind}'`
        : `there is no ${one} '${loose.id}'`;
      return { where: `${table}.${index}.${loose.where}`, why };
    }
  }
  return null;
}

/** A note names its thing by kind. */
function looseOnWater(
  { waterNotes }: BenchContents,
  ids: ReadonlyMap<string, ReadonlyMap<string, string | null>>,
): LooseEnd | null {
  const index = waterNotes.findIndex(({ of }) => of?.kind === 'skirt' && !ids.get('skirts')?.has(of.id));
  if (index < 0) return null;
  return { where: `waterNotes.${index}.of`, why: `there is no skirt '${waterNotes[index]?.of?.id}'` };
}

/** What hangs on a rig hangs from something of the same rig. */
function looseOnRigs({ rigs }: BenchContents): LooseEnd | null {
  for (const [index, { items }] of rigs.entries()) {
    const own = new Set(items.map(({ id }) => id));
    const loose = items.find(({ on }) => on !== null && !own.has(on));
    if (loose) return { where: `rigs.${index}`, why: `nothing is called '${loose.on}' to hang from` };
  }
  return null;
}

/** A weighing is of a cavity of some mold. */
function looseCavities({ molds, weighings }: BenchContents): LooseEnd | null {
  const cavities = new Set(molds.flatMap((mold) => mold.cavities.map(({ id }) => id)));
  const index = weighings.findIndex(({ cavityId }) => cavityId !== null && !cavities.has(cavityId));
  if (index < 0) return null;
  return { where: `weighings.${index}.cavityId`, why: `there is no cavity '${weighings[index]?.cavityId}'` };
}
