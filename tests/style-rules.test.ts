import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import postcss from 'postcss';

const TOKENS = 'src/ui/theme/tokens.css';

/** A color that is written out, where a token would say what it is for. */
const COLOR = /#[0-9a-f]{3,8}\b|\b(?:rgba?|hsla?|oklch|lab)\(|\b(?:white|black|red|gray|silver)\b(?!-)/i;
/** A length on the screen. What is under 8 px stands in a drawing and counts its millimeters. */
const PIXELS = /\b(?:[89]|\d{2,})(?:\.\d+)?px\b/;

/** What a style sheet says outside the tokens that a token should say. */
function strayIn(css: string): string[] {
  const stray: string[] = [];
  postcss.parse(css).walkDecls(({ prop, value }) => {
    const isSized = prop === 'font-size' && PIXELS.test(value);
    const isSpaced = /^(?:row-|column-)?gap$/.test(prop) && /\dpx/.test(value);
    if (isSized || isSpaced || COLOR.test(value)) stray.push(`${prop}: ${value}`);
  });
  return stray;
}

describe('the style sheets', () => {
  const files = execFileSync('git', ['ls-files', 'src/*.css'], { encoding: 'utf8' }).trim().split('\n');

  it.each(files.filter((file) => file !== TOKENS))(
    '%s takes colors, sizes of type and gaps from the tokens',
    (file) => {
      expect(strayIn(readFileSync(file, 'utf8'))).toEqual([]);
    },
  );

  it('finds what is written out', () => {
    const css =
      '.a { color: #1f6f6b; gap: 7px; font-size: 13px; background: white; box-shadow: 0 0 2px rgb(0 0 0 / 2%) }';
    expect(strayIn(css)).toHaveLength(5);
    expect(
      strayIn('.b { color: var(--ink); gap: var(--space-8); white-space: nowrap; font-size: 5px }'),
    ).toEqual([]);
  });

  it('names each token that is asked for', () => {
    const known = new Set([...readFileSync(TOKENS, 'utf8').matchAll(/(--[\w-]+):/g)].map(([, name]) => name));
    // What a style sheet or a drawing says of itself.
    const own = new Set(['--apart', '--own', '--px']);
    const asked = files.flatMap((file) =>
      [...readFileSync(file, 'utf8').matchAll(/var\((--[\w-]+)/g)].map((m) => m[1] ?? ''),
    );
    expect([...new Set(asked)].filter((name) => !known.has(name) && !own.has(name))).toEqual([]);
  });
});
