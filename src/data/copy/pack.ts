/** A text shorter than this is kept plain, to be read by eye. */
const PLAIN_UP_TO = 64 * 1024;
/** How a gzip file begins (RFC 1952). */
const GZIP = [0x1f, 0x8b] as const;
/** Unpacked, nothing larger is read: what claims to be is no bench. */
const MOST_BYTES = 256 * 1024 * 1024;

async function through(
  bytes: Uint8Array<ArrayBuffer>,
  turn: CompressionStream | DecompressionStream,
): Promise<Uint8Array<ArrayBuffer>> {
  const reader = new Blob([bytes]).stream().pipeThrough(turn).getReader();
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let total = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    total += value.byteLength;
    if (total > MOST_BYTES) {
      await reader.cancel();
      throw new RangeError(`unpacked, the file is over ${MOST_BYTES} bytes`);
    }
    parts.push(value);
  }
  return new Uint8Array(await new Blob(parts).arrayBuffer());
}

/**
 * A text as the bytes of a file: plain where it is short, gzip from a size on.
 *
 * @example (await packText('{}')).length // 2
 */
export async function packText(text: string): Promise<Uint8Array<ArrayBuffer>> {
  const bytes = new TextEncoder().encode(text);
  return bytes.byteLength <= PLAIN_UP_TO ? bytes : through(bytes, new CompressionStream('gzip'));
}

/**
 * The text of such a file. Throws where it is cut off or none.
 *
 * @example await unpackText(await packText('{}')) // '{}'
 */
export async function unpackText(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const isPacked = GZIP.every((byte, at) => bytes[at] === byte);
  const plain = isPacked ? await through(bytes, new DecompressionStream('gzip')) : bytes;
  return new TextDecoder('utf-8', { fatal: true }).decode(plain);
}
