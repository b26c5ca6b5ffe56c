import { parseQuantity } from '../../units/parse-quantity';

/** What a column of somebody's list can be. */
export const LIST_FIELDS = ['name', 'sort', 'amount', 'price', 'per', 'place', 'low', 'note'] as const;
export type ListField = (typeof LIST_FIELDS)[number];

/** Which column of a list holds what; null where none does. */
export type ListColumns = Readonly<Record<ListField, number | null>>;

/** A bin that is there already, as rows are held against it. */
export interface KnownBin {
  readonly id: string;
  readonly name: string;
  readonly unit: 'pieces' | 'g' | 'mm';
}

export interface StockRow {
  /** The bin it is for; null for a new one. */
  readonly binId: string | null;
  readonly name: string;
  readonly sort: string;
  readonly unit: 'pieces' | 'g' | 'mm';
  readonly qty: number;
  /** For one unit; null where no price stands. */
  readonly unitCost: number | null;
  readonly place: string;
  readonly lowAt: number | null;
  readonly note: string;
}

/** What is wrong with a row, as data; a sentence is made elsewhere. */
export type RowProblem =
  | { readonly code: 'row.no-name' }
  | { readonly code: 'row.name-too-long'; readonly length: number }
  | { readonly code: 'row.no-amount' }
  | { readonly code: 'row.amount-unread'; readonly text: string }
  | { readonly code: 'row.not-whole'; readonly text: string }
  | { readonly code: 'row.below-zero'; readonly text: string }
  | {
      readonly code: 'row.other-unit';
      readonly text: string;
      readonly bin: string;
      readonly unit: KnownBin['unit'];
    }
  | { readonly code: 'row.price-unread'; readonly text: string }
  | { readonly code: 'row.low-unread'; readonly text: string };

/** Why a list cannot be read at all. */
export type ListFileProblem =
  | { readonly code: 'list.empty' }
  | { readonly code: 'list.one-column' }
  | { readonly code: 'list.too-large'; readonly bytes: number; readonly most: number };

export type ReadRow =
  | { readonly ok: true; readonly row: StockRow }
  | { readonly ok: false; readonly problems: readonly RowProblem[] };

const LONGEST_NAME = 120;
const DOZEN = 12;

interface Amount {
  readonly qty: number;
  readonly unit: KnownBin['unit'];
}

/** A number as people write it, thousands set apart or not: `1,200`, `1 200.5`, `0,5`; null where it is none. */
export function readNumber(text: string): number | null {
  const bare = text.trim().replace(/\s/g, '');
  if (/^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(bare)) return Number(bare.replace(/,/g, ''));
  if (/^-?\d{1,3}(\.\d{3}){2,}(,\d+)?$/.test(bare)) return Number(bare.replace(/\./g, '').replace(',', '.'));
  const plain = bare.replace(/^(-?\d*),(\d+)$/, '$1.$2');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** An amount as people write it: `25`, `25 pcs`, `2 doz`, `1 lb 4 oz`, `50 m`. Null where it cannot be read. */
export function readAmount(text: string, assume: KnownBin['unit']): Amount | null {
  const plain = text.trim().toLowerCase();
  const number = readNumber(plain);
  if (number !== null) return { qty: number, unit: assume };
  const counted = /^(-?[\d.,\s]+?)\s*(pcs?\.?|pieces?|pc|ea\.?|each|x|st\.?|stk\.?|dozen|doz\.?|dz)$/.exec(
    plain,
  );
  if (counted) {
    const many = readNumber(counted[1] ?? '');
    const isDozen = (counted[2] ?? '').startsWith('d');
    return many === null ? null : { qty: many * (isDozen ? DOZEN : 1), unit: 'pieces' };
  }
  const mass = parseQuantity(plain, 'mass', 'g');
  if (mass.ok) return { qty: mass.value.value, unit: 'g' };
  const length = parseQuantity(plain, 'length', 'mm');
  return length.ok ? { qty: length.value.value, unit: 'mm' } : null;
}

/** What a price is for: a bare number is of the unit that the amount was written in, `50 m` at so much for `5`. */
function readPer(text: string, amountText: string, amount: Amount | null): Amount | null {
  const bare = readNumber(text);
  const written = /^-?[\d.,\s]+/.exec(amountText)?.[0];
  const number = written === undefined ? null : readNumber(written);
  if (bare !== null && amount && number !== null && number > 0) {
    return { qty: (bare * amount.qty) / number, unit: amount.unit };
  }
  return readAmount(text, amount?.unit ?? 'pieces');
}

/** What a price is for where no column says so: a piece; of what is weighed or measured, all of the row. */
const pricedFor = ({ qty, unit }: Amount): number => (unit === 'pieces' || qty <= 0 ? 1 : qty);

/** A price as people write it, with whatever sign of money before or behind. Null where it cannot be read. */
export function readPrice(text: string): number | null {
  const bare = text.replace(/[^\d.,\s-]/g, '').trim();
  const number = bare === '' ? null : readNumber(bare);
  return number !== null && number >= 0 ? number : null;
}

/**
 * Reads one row of a list against the bins that are there. Bins are found by their name, capitals or not; what is not
 * found becomes a new bin, kept by pieces, by weight or by length as its amount is written.
 *
 * @param per how much one price is for where no column says so
 * @example readStockRow(['Bead 4 mm', '2 doz'], columns, new Map()).row.qty // 24
 */
export function readStockRow(
  cells: readonly string[],
  columns: ListColumns,
  binByName: ReadonlyMap<string, KnownBin>,
): ReadRow {
  const cell = (field: ListField) => {
    const at = columns[field];
    return at === null ? '' : (cells[at] ?? '').trim();
  };
  const problems: RowProblem[] = [];
  const name = cell('name');
  if (name === '') problems.push({ code: 'row.no-name' });
  if (name.length > LONGEST_NAME) problems.push({ code: 'row.name-too-long', length: name.length });
  const known = binByName.get(name.toLowerCase()) ?? null;
  const text = cell('amount');
  const amount = text === '' ? null : readAmount(text, known?.unit ?? 'pieces');
  if (text === '') problems.push({ code: 'row.no-amount' });
  else if (!amount) problems.push({ code: 'row.amount-unread', text });
  else if (amount.qty < 0) problems.push({ code: 'row.below-zero', text });
  else if (known && amount.unit !== known.unit) {
    problems.push({ code: 'row.other-unit', text, bin: known.name, unit: known.unit });
  } else if (amount.unit === 'pieces' && !Number.isInteger(amount.qty)) {
    problems.push({ code: 'row.not-whole', text });
  }
  const priceText = cell('price');
  const price = priceText === '' ? null : readPrice(priceText);
  if (priceText !== '' && price === null) problems.push({ code: 'row.price-unread', text: priceText });
  const perText = cell('per');
  const per = perText === '' ? null : readPer(perText, text, amount);
  if (perText !== '' && !(per && per.qty > 0)) problems.push({ code: 'row.price-unread', text: perText });
  const lowText = cell('low');
  const low = lowText === '' ? null : readAmount(lowText, amount?.unit ?? 'pieces');
  if (lowText !== '' && !(low && low.qty >= 0)) problems.push({ code: 'row.low-unread', text: lowText });
  if (problems.length > 0 || !amount) return { ok: false, problems };
  return {
    ok: true,
    row: {
      binId: known?.id ?? null,
      name,
      unit: amount.unit,
      qty: amount.qty,
      sort: cell('sort').slice(0, 60),
      place: cell('place').slice(0, LONGEST_NAME),
      unitCost: price === null ? null : price / (per?.qty ?? pricedFor(amount)),
      lowAt: low?.qty ?? null,
      note: cell('note').slice(0, 2e3),
    },
  };
}

/** What columns are mostly called. */
const WORDS: Readonly<Record<ListField, readonly string[]>> = {
  name: ['name', 'item', 'article', 'part', 'product', 'description', 'title'],
  sort: ['sort', 'kind', 'type', 'category', 'group', 'class'],
  amount: ['amount', 'qty', 'quantity', 'count', 'on hand', 'stock', 'pieces', 'pcs', 'number'],
  price: ['price', 'cost', 'unit price', 'each', 'list price', 'price each', 'msrp', 'paid'],
  per: [
    'per',
    'price per',
    'price is for',
    'price for',
    'qty/pack',
    'per pack',
    'pack size',
    'pack qty',
    'pack',
    'packed',
  ],
  place: ['place', 'location', 'where', 'drawer', 'bin', 'box', 'shelf'],
  low: ['low', 'low at', 'minimum', 'min', 'reorder', 'alert'],
  note: ['note', 'notes', 'remark', 'remarks', 'comment', 'comments'],
};

/**
 * Which column most likely holds what, by what its head says: whole heads before heads that hold the word. Each column
 * is one thing.
 *
 * @example guessColumns(['Article', 'Qty', 'Price']).amount // 1
 */
export function guessColumns(heads: readonly string[]): ListColumns {
  const plain = heads.map((head) => head.trim().toLowerCase());
  const taken = new Set<number>();
  const found: Partial<Record<ListField, number>> = {};
  for (const isWhole of [true, false]) {
    for (const field of LIST_FIELDS) {
      if (found[field] !== undefined) continue;
      const at = plain.findIndex(
        (head, nth) =>
          !taken.has(nth) && WORDS[field].some((word) => (isWhole ? head === word : head.includes(word))),
      );
      if (at < 0) continue;
      found[field] = at;
      taken.add(at);
    }
  }
  return Object.fromEntries(LIST_FIELDS.map((field) => [field, found[field] ?? null])) as ListColumns;
}
