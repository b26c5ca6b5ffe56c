import type { Board, PaperId } from '@/data/exchange/board/board';
import { boardPdf } from '@/data/exchange/board/board-pdf';
import { boardSvg } from '@/data/exchange/board/board-svg';
import { loadFonts, saveFile, slug } from '../shared';

const nameOf = ({ title, subtitle }: Board) => `${slug(subtitle)}-${slug(title)}`;

/** A board as a PDF of true size, split over pages of a paper. */
export async function printBoard(board: Board, paper: PaperId): Promise<void> {
  saveFile(`${nameOf(board)}.pdf`, await boardPdf(board, paper, await loadFonts()), 'application/pdf');
}

/** A board as one SVG of true size. */
export function saveBoardSvg(board: Board): void {
  saveFile(`${nameOf(board)}.svg`, boardSvg(board), 'image/svg+xml');
}
