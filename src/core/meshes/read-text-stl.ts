import { done, fail, type Outcome, type Problem } from '../problems/problem';
import type { Triangles } from './mesh';
import type { StlOptions } from './stl-options';

const NEWLINE = 10;
const SPACE = 32;
const REPORT_EVERY = 1 << 22;
const LONGEST_SHOWN = 60;

/** The words of a facet in their order; a number stands where there is a #. */
const FACET = 'normal # # # outer loop vertex # # # vertex # # # vertex # # # endloop endfacet'.split(' ');
const FIRST_CORNER = 6;

/**
 * Reads a text STL: one or several solids of facets with three corners. Words may be in any case and on any line.
 *
 * Problems: `stl.empty`, `stl.cut-off`, `stl.broken-line`, `stl.not-finite`.
 *
 * @example readTextStl(bytesOf('solid a facet normal 0 0 1 outer loop vertex 0 0 0 ... endsolid a'), {}).ok // true
 */
export function readTextStl(bytes: Uint8Array, { onProgress }: StlOptions): Outcome<Triangles> {
  const decoder = new TextDecoder('latin1');
  let at = bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf ? 3 : 0;
  let line = 1;
  let nextReport = REPORT_EVERY;
  const numbers: number[] = [];

  const word = (): string | null => {
    while (at < bytes.length && (bytes[at] ?? 0) <= SPACE) {
      if (bytes[at] === NEWLINE) line += 1;
      at += 1;
    }
    if (at >= bytes.length) return null;
    const start = at;
    while (at < bytes.length && (bytes[at] ?? 0) > SPACE) at += 1;
    return decoder.decode(bytes.subarray(start, at));
  };
  const skipLine = () => {
    while (at < bytes.length && bytes[at] !== NEWLINE) at += 1;
  };
  const broken = (text: string) => fail('stl.broken-line', { line, text: text.slice(0, LONGEST_SHOWN) });
  const cutOff = () => fail('stl.cut-off', { found: Math.floor(numbers.length / 9) });

  const facet = (): { ok: false; problem: Problem } | null => {
    for (const [index, expected] of FACET.entries()) {
      const text = word();
      if (text === null) return cutOff();
      if (expected !== '#') {
        if (text.toLowerCase() !== expected) return broken(text);
        continue;
      }
      if (index < FIRST_CORNER) continue;
      const value = Number(text);
      if (Number.isFinite(value)) numbers.push(value);
      else if (/^[+-]?(nan|inf)/i.test(text))
        return fail('stl.not-finite', { triangle: Math.floor(numbers.length / 9) });
      else return broken(text);
    }
    return null;
  };

  let isInside = false;
  for (let text = word(); text !== null; text = word()) {
    const key = text.toLowerCase();
    if (key === 'facet' && isInside) {
      const problem = facet();
      if (problem) return problem;
    } else if (key === 'solid' && !isInside) {
      isInside = true;
      skipName();
    } else if (key === 'endsolid' && isInside) {
      isInside = false;
      skipLine();
    } else return broken(text);
    if (at > nextReport) {
      onProgress?.(at / bytes.length);
      nextReport += REPORT_EVERY;
    }
  }
  if (isInside) return cutOff();
  return numbers.length === 0 ? fail('stl.empty', {}) : done(Float64Array.from(numbers));

  /** A name runs to the end of its line, unless the whole file stands on one line. */
  function skipName(): void {
    const start = at;
    skipLine();
    const rest = decoder.decode(bytes.subarray(start, Math.min(at, start + 400))).toLowerCase();
    const facetAt = rest.search(/\sfacet\s+normal\s/);
    if (facetAt >= 0) at = start + facetAt;
  }
}
