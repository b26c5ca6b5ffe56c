import { SIZE_IDS } from '@/core/parts/part-roles';
import { standInSentence } from './stand-in-sentence';
import { INCHES, METRIC } from './written-in';

it('says how a stand-in differs, with units, and when it does not', () => {
  expect(standInSentence([], METRIC)).toBe('alike in all that matters');
  expect(
    standInSentence(
      [
        { what: 'size', from: '2/0', to: '3/0', far: 1 },
        { what: 'gapeMm', from: 9, to: 9.4, far: 0.4 },
        { what: 'color', from: '#112233', to: '#112244', far: 0.2 },
        { what: 'condition', from: 'new', to: 'used', far: 0.5 },
      ],
      METRIC,
    ),
  ).toBe('marked 3/0, not 2/0, gape 9.4 mm for 9 mm, another shade, used, not new');
});

it('says it in inches and pounds', () => {
  expect(standInSentence([{ what: 'gapeMm', from: 9.525, to: 12.7, far: 3 }], INCHES)).toBe(
    'gape 1/2 in for 3/8 in',
  );
  expect(standInSentence([{ what: 'breakKgf', from: 127, to: 90.7, far: 3 }], INCHES)).toBe(
    'breaks at 200 lb for 280 lb',
  );
});

it.each(SIZE_IDS)('has a word for %s', (what) => {
  expect(standInSentence([{ what, from: 1, to: 2, far: 1 }], METRIC)).not.toMatch(
    /(Mm|Deg|Kgf|Gcm3|Ratio|Cm3)\b|headG/,
  );
});
