import { inflateSync } from 'node:zlib';

/** Every straight stroke of a PDF's pages, in mm on the sheet, with the transforms that stand over it. */
export function strokesOf(pdf: Uint8Array): { from: [number, number]; to: [number, number] }[] {
  const source = Buffer.from(pdf).toString('latin1');
  const strokes: { from: [number, number]; to: [number, number] }[] = [];
  for (const found of source.matchAll(/\/Length (\d+)[^>]*>>\s*stream\r?\n/g)) {
    const start = found.index + found[0].length;
    const raw = pdf.subarray(start, start + Number(found[1]));
    let text: string;
    try {
      text = inflateSync(raw).toString('latin1');
    } catch {
      continue;
    }
    if (!/ cm\n|\bre\b| l\n/.test(text)) continue;
    type Matrix = [number, number, number, number, number, number];
    let matrix: Matrix = [1, 0, 0, 1, 0, 0];
    const stack: Matrix[] = [];
    let at: [number, number] = [0, 0];
    const place = (x: number, y: number): [number, number] => {
      const [a, b, c, d, e, f] = matrix;
      return [((a * x + c * y + e) * 25.4) / 72, ((b * x + d * y + f) * 25.4) / 72];
    };
    for (const line of text.split('\n')) {
      const parts = line.trim().split(/\s+/);
      const operator = parts.at(-1);
      const n = parts.slice(0, -1).map(Number);
      if (operator === 'q') stack.push(matrix);
      if (operator === 'Q') matrix = stack.pop() ?? [1, 0, 0, 1, 0, 0];
      if (operator === 'cm') {
        const [a, b, c, d, e, f] = n as Matrix;
        const [A, B, C, D, E, F] = matrix;
        matrix = [
          a * A + b * C,
          a * B + b * D,
          c * A + d * C,
          c * B + d * D,
          e * A + f * C + E,
          e * B + f * D + F,
        ];
      }
      if (operator === 'm') at = place(n[0]!, n[1]!);
      if (operator === 'l') {
        const to = place(n[0]!, n[1]!);
        strokes.push({ from: at, to });
        at = to;
      }
    }
  }
  return strokes;
}
