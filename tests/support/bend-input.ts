import { repeatableRandom } from '../../src/core/numeric/repeatable-random';

/** Nothing, too little, too much, and what no number holds. */
const NUMBERS = [
  0,
  -1,
  1,
  0.5,
  37,
  250,
  1000,
  100_000,
  1e6,
  1e9,
  1e12,
  1e15,
  Number.MAX_SAFE_INTEGER,
  1e300,
  Number.MAX_VALUE,
  -1e300,
  1e-12,
  1e-300,
];
const ODD: readonly unknown[] = [null, '', 'x', true, [], {}, '9'.repeat(300), '__proto__', '=1+1'];
const LENGTHS = [3, 30, 300, 2000];

/**
 * Gives what is like an input and is none: numbers beyond a bench, things of another kind, lists of nothing or of very many.
 *
 * @example bender(7)({ massG: 12 }) // { massG: 1e300 }
 */
export function bender(start: number): (value: unknown) => unknown {
  const random = repeatableRandom(start);
  const pick = <Thing>(list: readonly Thing[]) => list[Math.floor(random() * list.length)] as Thing;

  const bendNumber = (value: number) => {
    const how = random();
    if (how < 0.75) return pick(NUMBERS);
    return how < 0.85 ? pick(ODD) : value * pick([10, 100, 10_000, 0.1]);
  };
  const many = (list: readonly unknown[]) =>
    Array.from({ length: pick(LENGTHS) }, (_, nth) => {
      const each = list[nth % list.length];
      return isRecord(each) && 'id' in each ? { ...each, id: `n${nth}` } : each;
    });
  const bendList = (list: readonly unknown[]) => {
    const how = random();
    if (list.length === 0 || how < 0.12) return [];
    if (how < 0.25) return many(list);
    const at = Math.floor(random() * list.length);
    return list.map((each, index) => (index === at ? bend(each) : each));
  };
  const bend = (value: unknown): unknown => {
    if (typeof value === 'number') return bendNumber(value);
    if (Array.isArray(value)) return bendList(value);
    if (!isRecord(value)) return random() < 0.5 ? pick(ODD) : value;
    const keys = Object.keys(value);
    if (keys.length === 0) return value;
    const key = pick(keys);
    return { ...value, [key]: random() < 0.08 ? pick(ODD) : bend(value[key]) };
  };
  return (value) => {
    let bent = value;
    const times = 1 + Math.floor(random() * 4);
    for (let nth = 0; nth < times; nth += 1) bent = bend(bent);
    return bent;
  };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return value !== null && typeof value === 'object' && !Array.isArray(value);
}
