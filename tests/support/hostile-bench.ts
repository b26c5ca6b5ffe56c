import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  CONTENTS_TABLES,
  type BenchContents,
} from '../../src/records/bench-file';

/** Figures at and over what a bench could hold; most a file may keep. */
const NUMBERS = [
  0, 1, 2, 3, 7, 0.5, 0.999, 1e-6, 1e-5, 1e-3, 0.01, 20, 60, 100, 1000, 4999, 1e5, 1e6, 1e7, 1e8, -1, -1e7,
  1e9, 1e15, 1e300, 7_258_118_400_000,
];
const TEXTS = [
  '',
  'x',
  'a'.repeat(120),
  '<img src=x onerror="document.title=1">',
  '\u202Eabc',
  '🎣',
  '=1+1',
  'NaNa',
  '2199-12-31',
  '1900-01-01',
  '#000000',
  'round',
  'gone',
];

interface Spot {
  readonly holder: Record<string, unknown>;
  readonly key: string;
}

/**
 * A bench's file with some of its figures, texts, lists and names bent; `what` says how. Much of it is still a bench.
 *
 * @example hostileBench(contents, 7).text // '{"format":"ruvek-bench", ...'
 */
export function hostileBench(
  contents: BenchContents,
  start: number,
): { readonly text: string; readonly what: readonly string[] } {
  const random = repeatableRandom(start);
  const pick = <Thing>(list: readonly Thing[]) => list[Math.floor(random() * list.length)] as Thing;
  const bent = structuredClone(contents) as unknown as Record<string, Record<string, unknown>[]>;
  const tables = CONTENTS_TABLES.filter((table) => contents[table].length > 0 && table !== 'acts');
  const what: string[] = [];

  const bendNumber = (value: number) => {
    const how = random();
    if (how < 0.6) return pick(NUMBERS);
    return Math.round(value * pick([0, 0.01, 0.1, 2, 10, 1000]) * 1e6) / 1e6;
  };
  const bend = (value: unknown): unknown => {
    if (typeof value === 'number') return bendNumber(value);
    if (typeof value === 'boolean') return !value;
    if (Array.isArray(value)) return random() < 0.5 ? [] : [...(value as unknown[]), ...(value as unknown[])];
    if (typeof value === 'string') {
      // Another record's id, as often as a text that is none.
      return random() < 0.5 ? pick(TEXTS) : String(pick(bent[pick(tables)] ?? []).id);
    }
    return null;
  };
  const times = 1 + Math.floor(random() * 4);
  for (let nth = 0; nth < times; nth += 1) {
    const table = pick(tables);
    const record = pick(bent[table] ?? []);
    const spots = spotsIn(record).filter(({ key }) => key !== 'id');
    const { holder, key } = pick(spots);
    const before = holder[key];
    holder[key] = bend(before);
    what.push(`${table} ${String(record.id)} ${key}: ${short(before)} -> ${short(holder[key])}`);
  }
  const file = { format: BENCH_FILE_FORMAT, version: BENCH_FILE_VERSION, savedAt: 1, contents: bent };
  return { text: JSON.stringify(file), what };
}

const short = (value: unknown) => (JSON.stringify(value) ?? 'nothing').slice(0, 40);

/** Every place in a record where something stands. */
function spotsIn(value: unknown): Spot[] {
  if (value === null || typeof value !== 'object') return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => [{ holder, key }, ...spotsIn(holder[key])]);
}
