import { HEAD_STYLES } from '@/core/cavities/styles';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { round, size } from '../size';
import type { HeadKind } from '../thing-kind';

/** Ounces that heads are sold by, the grams that stand for them where one buys by the gram, and the hook usually in them. */
const MARKS: readonly (readonly [ounces: string, shareOfOz: number, grams: number, hook: string])[] = [
  ['1/32', 1 / 32, 0.9, '#6'],
  ['1/16', 1 / 16, 1.8, '#4'],
  ['1/8', 1 / 8, 3.5, '#1'],
  ['3/16', 3 / 16, 5, '1/0'],
  ['1/4', 1 / 4, 7, '2/0'],
  ['5/16', 5 / 16, 9, '3/0'],
  ['3/8', 3 / 8, 10, '3/0'],
  ['1/2', 1 / 2, 14, '4/0'],
  ['5/8', 5 / 8, 18, '4/0'],
  ['3/4', 3 / 4, 21, '5/0'],
  ['1', 1, 28, '5/0'],
];

/** What other words there are for a style. */
const WORDS: Readonly<Record<string, readonly string[]>> = {
  round: ['ball head', 'finesse', 'crappie'],
  football: ['rock jig', 'bass jig'],
  dart: ['darter', 'minnow'],
  bullet: ['swim jig', 'arkie', 'flipping', 'brush', 'grass'],
  walking: ['glide'],
  'spinner-point': ['spinnerbait', 'wire bait'],
  'spinner-round': ['spinnerbait', 'wire bait'],
  'buzz-flat': ['buzzbait', 'wire bait', 'planing'],
};

/** Sinkers that a hook is strapped to: sold like heads, cast without one. */
const UNHOOKED: readonly string[] = ['walking'];

/** Heads bought ready: each form that is cast on a hook, and those that one is strapped to. */
export const BOUGHT_HEADS: readonly HeadKind[] = HEAD_STYLES.filter(
  ({ key, isHooked }) => isHooked || UNHOOKED.includes(key),
).map(({ key, name, plural, isHooked }): HeadKind => ({
  id: `bought-${key}`,
  makes: 'head',
  style: key,
  group: 'Bought heads',
  one: isHooked ? `${name} head` : name,
  many: isHooked ? `${name} heads` : `${plural.slice(0, 1).toUpperCase()}${plural.slice(1)}`,
  words: [
    ...(isHooked ? ['jig head', 'jighead', 'painted'] : ['sinker', 'strap jig']),
    'tungsten',
    'bought',
    ...(WORDS[key] ?? []),
  ],
  source: isHooked
    ? 'Typical: the hook that common heads of that weight have. Say what yours has.'
    : 'What its packet says.',
  sizes: MARKS.map(([ounces, share, grams]) =>
    size(ounces, { massG: round(share * GRAMS_PER_OUNCE, 6), metric: `${grams} g`, inch: `${ounces} oz` }),
  ),
  usual: isHooked ? '1/4' : '3/8',
  pack: 10,
  gramsBySize: Object.fromEntries(MARKS.map(([ounces, , grams]) => [ounces, grams])),
  hookBySize: isHooked ? Object.fromEntries(MARKS.map(([ounces, , , hook]) => [ounces, hook])) : {},
}));
