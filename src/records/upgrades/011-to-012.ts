import type { BenchUpgrade, OldRecord } from './upgrade';

/** Sorts that stood for what a part is, where nobody had measured it. */
const ROLE_BY_SORT: Readonly<Record<string, string>> = {
  collars: 'collar',
  'weed guards': 'guard',
  rattles: 'rattle',
  trailers: 'trailer',
};

/** A part is what its gauge says, though nothing of it was measured; a word in its sort decides nothing any more. */
function withRole(old: OldRecord): OldRecord {
  const role = typeof old.sort === 'string' ? ROLE_BY_SORT[old.sort] : undefined;
  if (role === undefined || old.gauge !== null) return old;
  const plastic = role === 'trailer' ? 'soft' : null;
  return {
    ...old,
    gauge: { as: role, sizes: {}, form: null, plastic, bend: null, line: null, basis: 'guess' },
  };
}

function newBin(old: OldRecord): OldRecord {
  switch (old.kind) {
    case 'hook':
    case 'powder':
      return { ...old, costEach: null };
    case 'head':
      return { ...old, costEach: null, bought: null };
    case 'part':
      return withRole(old);
    default:
      return old;
  }
}

/** Everything on the shelf can have a price, heads can be bought, and what a part is stands in its gauge. */
export const eleventhToTwelfth: BenchUpgrade = {
  from: 11,
  newTables: [],
  record: (table, old) => (table === 'bins' ? newBin(old) : old),
};
