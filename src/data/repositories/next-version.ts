import type { TicketWare } from '@/records/ticket';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';
import { ownStepsOf } from './own-steps';

/** What is kept version by version: the table of it, by the kind that a ticket asks it as. */
const TABLES = { build: 'builds', rig: 'rigs', skirt: 'skirts' } as const;
type VersionedKind = keyof typeof TABLES;

/** Tickets that are not closed ask for something of that name, which nobody kept yet: it is what they wait for. */
async function askedFor({ db }: Store, kind: VersionedKind, name: string): Promise<string | null> {
  const tickets = await db.tickets.filter(({ state }) => state !== 'closed').toArray();
  const isIt = (ware: TicketWare) => ware.kind === kind && ware.says?.trim() === name.trim();
  for (const { family } of tickets.flatMap(({ wares }) => wares.filter(isIt))) {
    if ((await db.table(TABLES[kind]).where('family').equals(family).count()) === 0) return family;
  }
  return null;
}

/**
 * What a recipe gets where it is kept: the next version of its family, with the own steps of the one before it; or the first
 * of a new family, which is the one that a ticket asked for by that name before there was any.
 */
export async function nextVersion(
  store: Store,
  { at }: Pick<WriteTransaction, 'at'>,
  kind: VersionedKind,
  { family, name }: { readonly family: string | null; readonly name: string },
) {
  const id = store.newId();
  const versions = async (of: string) => store.db[TABLES[kind]].where('family').equals(of).toArray();
  const known = family === null ? [] : await versions(family);
  return {
    ...ownStepsOf(known),
    id,
    family: family ?? (await askedFor(store, kind, name)) ?? id,
    version: 1 + Math.max(0, ...known.map(({ version }) => version)),
    createdAt: at,
    retired: false,
  };
}
