import { CHECK_BAR_MM } from '../plate/plate';
import type { Board } from './board';

const escape = (text: string) => text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`);
const SIDE_MM = 10;
const ROW_MM = 14;

/**
 * Strips as one SVG of true size, uncut: its width and height are in mm, and so is every mark. With a bar to check a print.
 *
 * @example boardSvg(board).startsWith('<svg') // true
 */
export function boardSvg({ title, strips }: Board): string {
  const wide = Math.max(CHECK_BAR_MM, ...strips.map(({ lengthMm }) => lengthMm)) + 2 * SIDE_MM;
  let y = SIDE_MM;
  const rows = strips.map(({ caption, lengthMm, heightMm, marks, paths }) => {
    const top = y + 6;
    y = top + heightMm + ROW_MM - 6;
    const half = heightMm / 2;
    const drawn = [
      `M0 ${-half}H${lengthMm}M0 ${half}H${lengthMm}`,
      ...marks.map(({ atMm, isLong }) => `M${atMm} ${-half}v${isLong ? heightMm : half}`),
      ...paths,
    ];
    return [
      `<g transform="translate(${SIDE_MM} ${top + half})" fill="none" stroke="#000" stroke-width="0.25">`,
      ...drawn.map((d) => `<path d="${d}"/>`),
      '</g>',
      `<text x="${SIDE_MM}" y="${top - 2}" font-size="3.2">${escape(caption)}</text>`,
      ...marks.map(
        ({ atMm, label }, nth) =>
          `<text x="${SIDE_MM + atMm + 0.8}" y="${top + 3.4 + (nth % 3) * 3.4}" font-size="2.6">${escape(label)}</text>`,
      ),
    ].join('\n');
  });
  const barY = y + 4;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}mm" height="${barY + 12}mm" viewBox="0 0 ${wide} ${barY + 12}" font-family="sans-serif">`,
    `<title>${escape(title)}</title>`,
    ...rows,
    `<path d="M${SIDE_MM} ${barY}h${CHECK_BAR_MM}m0 -2v4m${-CHECK_BAR_MM} 0v-4" fill="none" stroke="#000" stroke-width="0.25"/>`,
    `<text x="${SIDE_MM}" y="${barY + 6}" font-size="3.2">This bar is ${CHECK_BAR_MM} mm: measure it on the print.</text>`,
    '</svg>',
  ].join('\n');
}
