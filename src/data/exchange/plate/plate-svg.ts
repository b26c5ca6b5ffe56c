import { CHECK_BAR_MM, type Plate } from './plate';

const GAP_MM = 10;
const escape = (text: string) => text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`);

/**
 * A plate as an SVG of true size: its width and height are in mm, and so is every path. With a bar to check a print.
 *
 * @example plateSvg(plate).startsWith('<svg') // true
 */
export function plateSvg(plate: Plate): string {
  const width = Math.max(
    CHECK_BAR_MM,
    plate.views.reduce((total, { boxMm }) => total + boxMm[2] + GAP_MM, -GAP_MM),
  );
  const height = Math.max(...plate.views.map(({ boxMm }) => boxMm[3]));
  let x = 0;
  const views = plate.views.map(({ boxMm, paths, caption }) => {
    const placed = `<g transform="translate(${x - boxMm[0]} ${-boxMm[1]})">${paths
      .map((path) => `<path d="${path}" fill="none" stroke="#000" stroke-width="0.25"/>`)
      .join('')}</g><text x="${x}" y="${height + 5}" font-size="3.2">${escape(caption)}</text>`;
    x += boxMm[2] + GAP_MM;
    return placed;
  });
  const barY = height + 12;
  const total = [width + 2 * GAP_MM, barY + 14] as const;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${total[0]}mm" height="${total[1]}mm" viewBox="${-GAP_MM} -4 ${total[0]} ${total[1]}" font-family="sans-serif">`,
    `<title>${escape(plate.title)}</title>`,
    ...views,
    `<path d="M0 ${barY}H${CHECK_BAR_MM}M0 ${barY - 2}V${barY + 2}M${CHECK_BAR_MM} ${barY - 2}V${barY + 2}" fill="none" stroke="#000" stroke-width="0.25"/>`,
    `<text x="0" y="${barY + 6}" font-size="3.2">This bar is ${CHECK_BAR_MM} mm: measure it on the print.</text>`,
    '</svg>',
  ].join('\n');
}
