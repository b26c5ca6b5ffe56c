import QRCode from 'qrcode';
import { A4_MM, openSheet, QUIET, wrapText, type SheetFonts } from './pdf-canvas';

/** A label for a bag of baits. */
export interface BagLabel {
  readonly title: string;
  readonly lines: readonly string[];
  /** What its QR code says: which build this is. */
  readonly code: string;
  /** What it must not touch; empty where nothing bars it. */
  readonly caution: string;
}

const LABEL_MM = [62, 32] as const;
const GAP_MM = 3;
const TOP_MM = 12;
const CODE_MM = 22;
const ACROSS = Math.floor((A4_MM[0] - TOP_MM) / (LABEL_MM[0] + GAP_MM));
const DOWN = Math.floor((A4_MM[1] - 2 * TOP_MM) / (LABEL_MM[1] + GAP_MM));

/**
 * Labels on A4, each with a QR code of its build, to cut out or print on a sheet of stickers.
 *
 * @example (await bagLabelsPdf([label], fonts)).length > 1000 // true
 */
export async function bagLabelsPdf(
  labels: readonly BagLabel[],
  fonts: SheetFonts,
): Promise<Uint8Array<ArrayBuffer>> {
  const { document, regular, bold, addPage } = await openSheet('Bag labels', fonts);
  let canvas = addPage(...A4_MM);
  for (const [index, { title, lines, code, caution }] of labels.entries()) {
    const onPage = index % (ACROSS * DOWN);
    if (index > 0 && onPage === 0) canvas = addPage(...A4_MM);
    const left = TOP_MM + (onPage % ACROSS) * (LABEL_MM[0] + GAP_MM);
    const top = TOP_MM + Math.floor(onPage / ACROSS) * (LABEL_MM[1] + GAP_MM);
    const corners = [
      [left, top],
      [left + LABEL_MM[0], top],
      [left + LABEL_MM[0], top + LABEL_MM[1]],
      [left, top + LABEL_MM[1]],
    ] as const;
    corners.forEach((from, nth) => {
      const to = corners[(nth + 1) % corners.length];
      if (to) canvas.line(from, to);
    });
    canvas.fill(codePath(code), left + LABEL_MM[0] - CODE_MM - 2, top + 5, '#000000');
    let y = top + 6;
    const width = LABEL_MM[0] - CODE_MM - 6;
    for (const line of wrapText(title, bold, 11, width)) {
      canvas.text(line, left + 2.5, y, bold, 11);
      y += 4.6;
    }
    for (const line of lines.flatMap((each) => wrapText(each, regular, 8, width))) {
      canvas.text(line, left + 2.5, y, regular, 8);
      y += 3.6;
    }
    if (caution) canvas.text(caution, left + 2.5, top + LABEL_MM[1] - 2, regular, 6.5, QUIET);
  }
  return new Uint8Array(await document.save({ useObjectStreams: false }));
}

/** The dark squares of a QR code as one path, mm. */
function codePath(code: string): string {
  const { size, data } = QRCode.create(code, { errorCorrectionLevel: 'M' }).modules;
  const each = CODE_MM / size;
  const at = (value: number) => Number((value * each).toFixed(4));
  return Array.from(data, (isDark, index) => {
    if (!isDark) return '';
    const [x, y] = [index % size, Math.floor(index / size)];
    return `M${at(x)} ${at(y)}L${at(x + 1)} ${at(y)}L${at(x + 1)} ${at(y + 1)}L${at(x)} ${at(y + 1)}Z`;
  }).join('');
}
