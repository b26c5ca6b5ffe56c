import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

/** A card that named its piece a bait, whatever was made. */
function namedPiece(old: OldRecord): OldRecord {
  if (!isRecord(old.card)) return old;
  const { bait, ...card } = old.card;
  return { ...old, card: { ...card, piece: bait } };
}

/** A run of skirts that counted what was done beside its card; they were tied one by one, and none was sorted out. */
function onCards({ done, ...old }: OldRecord): OldRecord {
  if (!isRecord(old.card) || typeof done !== 'number' || typeof old.count !== 'number') return old;
  const isThrough = done >= old.count;
  return {
    ...old,
    way: 'one-by-one',
    card: { ...old.card, piece: isThrough ? Math.max(0, old.count - 1) : done },
    isThrough,
    passed: old.state === 'tying' ? 0 : done,
    failed: [],
  };
}

/** What is taken back or done again is told by what it undoes, no more by a word before its label. */
function plainLabel(old: OldRecord): OldRecord {
  return typeof old.undoes === 'string' && typeof old.label === 'string'
    ? { ...old, label: old.label.replace(/^(Undo|Redo): /, '') }
    : old;
}

/** Runs of skirts are runs of cards as those of baits and rigs are. */
export const ninthToTenth: BenchUpgrade = {
  from: 9,
  newTables: [],
  record: (table, old) => {
    switch (table) {
      case 'tyings':
        return onCards(old);
      case 'buildings':
      case 'riggings':
        return namedPiece(old);
      default:
        return old;
    }
  },
  act: plainLabel,
};
