/** A mark across a strip: a line at its place, with what it is for. */
export interface BoardMark {
  readonly atMm: number;
  readonly label: string;
  /** Drawn across the whole strip; else a short line. */
  readonly isLong: boolean;
}

/** A strip to lay work on: marks along it, and shapes at their place. Millimeters from its left end and its middle. */
export interface BoardStrip {
  readonly caption: string;
  readonly lengthMm: number;
  readonly heightMm: number;
  readonly marks: readonly BoardMark[];
  readonly paths: readonly string[];
}

/** Strips of true size with what belongs on their sheets. */
export interface Board {
  readonly title: string;
  readonly subtitle: string;
  readonly strips: readonly BoardStrip[];
  readonly notes: readonly string[];
}

export const PAPERS = {
  a4: { name: 'A4', wideMm: 297, highMm: 210 },
  letter: { name: 'Letter', wideMm: 279.4, highMm: 215.9 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** One piece of a strip on one page. */
export interface BoardPiece {
  readonly strip: number;
  /** From, to, along the strip, mm. */
  readonly fromMm: number;
  readonly toMm: number;
  readonly page: number;
  /** Where its left end and its middle lie on the page, mm from the top left. */
  readonly xMm: number;
  readonly yMm: number;
  /** Where it is laid on its neighbors, along the strip; none at the strip's own ends. */
  readonly joinsMm: readonly number[];
}

export const SIDE_MM = 15;
const HEAD_MM = 30;
const FOOT_MM = 34;
/** Pieces lie on each other by so much, a registration mark in its middle. */
export const LAP_MM = 16;
const CAPTION_MM = 16;

/**
 * How strips fall on pages of a paper laid sideways: cut where they are longer than the page, each piece lapping the next.
 *
 * @example layBoard(board, 'a4').map(({ page }) => page) // [0, 0, 1]
 */
export function layBoard({ strips }: Board, paper: PaperId): BoardPiece[] {
  const { wideMm, highMm } = PAPERS[paper];
  const roomMm = wideMm - 2 * SIDE_MM;
  const pieces: BoardPiece[] = [];
  let page = 0;
  let y = HEAD_MM;
  for (const [strip, { lengthMm, heightMm }] of strips.entries()) {
    const steps = Math.max(1, Math.ceil((lengthMm - LAP_MM) / (roomMm - LAP_MM) - 1e-9));
    for (let nth = 0; nth < steps; nth += 1) {
      const fromMm = nth * (roomMm - LAP_MM);
      const toMm = Math.min(lengthMm, fromMm + roomMm);
      if (y > HEAD_MM && y + CAPTION_MM + heightMm > highMm - FOOT_MM) [page, y] = [page + 1, HEAD_MM];
      const joinsMm = [
        ...(nth > 0 ? [fromMm + LAP_MM / 2] : []),
        ...(nth < steps - 1 ? [toMm - LAP_MM / 2] : []),
      ];
      pieces.push({ strip, fromMm, toMm, page, joinsMm, xMm: SIDE_MM, yMm: y + CAPTION_MM + heightMm / 2 });
      y += CAPTION_MM + heightMm + 6;
    }
  }
  return pieces;
}
