import { fail, type Outcome } from '../problems/problem';
import type { Triangles } from './mesh';
import { readBinaryStl } from './read-binary-stl';
import { readTextStl } from './read-text-stl';
import type { StlOptions } from './stl-options';

const HEADER_BYTES = 84;

const BYTES_PER_TRIANGLE = 50;

/** Bytes that some writers leave behind the last triangle. */
const MOST_PADDING = 1024;

/** A count over this (5 GB of triangles) is no count: the bytes are something else's. */
const MOST_TRIANGLES = 1e8;

/** How much of the beginning must show the text form. */
const SNIFF_BYTES = 2048;

/**
 * Reads an STL file, binary or text, into triangles in its own unit (mm by custom). The count of a binary file and
 * its length decide, not its first word: many binary files begin with `solid`.
 *
 * Problems: `stl.empty`, `stl.not-stl`, `stl.truncated`, `stl.cut-off`, `stl.broken-line`, `stl.not-finite`.
 *
 * @example readStl(new TextEncoder().encode('solid a\nendsolid a')).ok // false: no triangles
 */
export function readStl(bytes: Uint8Array, options: StlOptions = {}): Outcome<Triangles> {
  if (bytes.length === 0) return fail('stl.empty', {});
  const told =
    bytes.length >= HEADER_BYTES ? new DataView(bytes.buffer, bytes.byteOffset).getUint32(80, true) : 0;
  const needed = HEADER_BYTES + told * BYTES_PER_TRIANGLE;
  if (told > 0 && bytes.length === needed) return readBinaryStl(bytes, told, options);
  if (looksLikeText(bytes)) return readTextStl(bytes, options);
  if (bytes.length < HEADER_BYTES) return fail('stl.not-stl', {});
  if (told === 0) return fail(bytes.length === HEADER_BYTES ? 'stl.empty' : 'stl.not-stl', {});
  const found = Math.floor((bytes.length - HEADER_BYTES) / BYTES_PER_TRIANGLE);
  if (found < told) {
    return told <= MOST_TRIANGLES ? fail('stl.truncated', { told, found }) : fail('stl.not-stl', {});
  }
  return bytes.length - needed <= MOST_PADDING
    ? readBinaryStl(bytes, told, options)
    : fail('stl.not-stl', {});
}

function looksLikeText(bytes: Uint8Array): boolean {
  const start = new TextDecoder('latin1')
    .decode(bytes.subarray(0, SNIFF_BYTES))
    .replace(/^\u00ef\u00bb\u00bf/, '');
  return /^\s*solid\b/i.test(start) && (/\b(facet|endsolid)\b/i.test(start) || bytes.length < HEADER_BYTES);
}
