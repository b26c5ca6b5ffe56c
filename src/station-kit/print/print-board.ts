import type { Board, PaperId } from '@/data/exchange/board/board';
import { boardPdf } from '@/data/exchange/board/board-pdf';
import { boardSvg } from '@/data/exchange/board/board-svg';
import { saveFile } from '../save-file';
import { slug } from '@/text/slug';
import type { Sheet } from '../use-print';

const nameOf = ({ title, subtitle }: Board) => `${slug(subtitle)}-${slug(title)}`;

/** A board to print at true size, split over pages of a paper. */
export const boardSheet = (board: Board, paper: PaperId): Sheet => ({
  file: nameOf(board),
  make: (fonts) => boardPdf(board, paper, fonts),
});

/** A board as one SVG of true size. */
export function saveBoardSvg(board: Board): void {
  saveFile(`${nameOf(board)}.svg`, boardSvg(board), 'image/svg+xml');
}
