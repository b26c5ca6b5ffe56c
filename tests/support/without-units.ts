import type { BenchContents } from '../../src/records/bench-file';

/** An amount with its unit, as a maker may have written it into a name or a note. */
const AMOUNT = /\d[\d.,/ ]*\s?(mm|cm|m|kg|g|lb|oz|in|ft|yd|ml|cm³|fl oz|°C|°F|C|F)(?![\w/])/g;

/** Whether a record's words are Ruvek's own: cast heads are named by it, in the maker's unit. Bought ones go by the trade's size. */
const isNamedByRuvek = (record: object) =>
  'kind' in record && record.kind === 'head' && !('bought' in record && record.bought);

function strip(value: unknown, isOwn: boolean): unknown {
  if (typeof value === 'string')
    return isOwn ? value : value.replace(AMOUNT, (amount) => amount.replace(/[^\d.,/]+$/, ''));
  if (Array.isArray(value)) return value.map((each) => strip(each, isOwn));
  if (typeof value !== 'object' || value === null) return value;
  const own = isOwn || isNamedByRuvek(value);
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, strip(each, own)]));
}

/**
 * A bench in whose names and notes no unit stands: any unit on a page of it is written by Ruvek. Names that Ruvek made stay.
 */
export const withoutUnits = (contents: BenchContents): BenchContents =>
  strip(contents, false) as BenchContents;
