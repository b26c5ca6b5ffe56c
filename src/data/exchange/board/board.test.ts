import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { CHECK_BAR_MM } from '../plate/plate';
import { LAP_MM, layBoard, PAPERS, SIDE_MM, type Board, type PaperId } from './board';
import { boardPdf } from './board-pdf';
import { boardSvg } from './board-svg';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };
const PAPER_IDS = Object.keys(PAPERS) as PaperId[];

const board = (lengthMm: number, marksMm: readonly number[]): Board => ({
  title: 'Pike set',
  subtitle: 'Mark board',
  notes: ['Check the bar.'],
  strips: [
    {
      caption: 'Cut to',
      lengthMm,
      heightMm: 26,
      paths: ['M10 -5L30 -5'],
      marks: marksMm.map((atMm) => ({ atMm, label: `${atMm}`, isLong: true })),
    },
  ],
});

describe('boardPdf', () => {
  it.each(PAPER_IDS)('has every mark at its place to 0.05 mm, page by page, on %s', async (paper) => {
    const marks = [0, 61.5, 132, 260, 431.25, 655, 742.4];
    const long = board(742.4, marks);
    const strokes = strokesOf(await boardPdf(long, paper, FONTS));
    const { highMm } = PAPERS[paper];
    const pieces = layBoard(long, paper);
    expect(pieces.length).toBeGreaterThan(2);
    for (const { fromMm, toMm, xMm, yMm, page, joinsMm } of pieces) {
      const uprightsAt = (mm: number, y: number, tall: number) =>
        strokes.filter(
          ({ from, to }) =>
            Math.abs(from[0] - (xMm + mm - fromMm)) < 0.05 &&
            Math.abs(to[0] - from[0]) < 0.005 &&
            Math.abs(Math.abs(to[1] - from[1]) - tall) < 0.05 &&
            Math.abs((from[1] + to[1]) / 2 - (highMm - y)) < 0.05,
        );
      for (const mm of marks.filter((each) => each >= fromMm && each <= toMm)) {
        expect(uprightsAt(mm, yMm, 26).length).toBeGreaterThan(0);
      }
      for (const joinMm of joinsMm) expect(uprightsAt(joinMm, yMm - 17, 8).length).toBeGreaterThan(0);
      expect(page).toBeLessThan(3);
    }
    const bars = strokes.filter(({ from, to }) => {
      return Math.abs(Math.abs(to[0] - from[0]) - CHECK_BAR_MM) < 0.005 && Math.abs(to[1] - from[1]) < 0.005;
    });
    expect(bars).toHaveLength(1 + Math.max(...pieces.map(({ page }) => page)));
  });

  it('is of the paper that was asked for, laid sideways', async () => {
    for (const paper of PAPER_IDS) {
      const pdf = Buffer.from(await boardPdf(board(100, []), paper, FONTS)).toString('latin1');
      const [, wide, high] = /MediaBox \[ 0 0 ([\d.]+) ([\d.]+)/.exec(pdf) ?? [];
      expect((Number(wide) * 25.4) / 72).toBeCloseTo(PAPERS[paper].wideMm, 2);
      expect((Number(high) * 25.4) / 72).toBeCloseTo(PAPERS[paper].highMm, 2);
    }
  });
});

describe('layBoard', () => {
  it('leaves no millimeter out, laps every cut, and stays on the paper', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 5, max: 4000, noNaN: true }), fc.integer({ min: 8, max: 90 })), {
          minLength: 1,
          maxLength: 5,
        }),
        fc.constantFrom(...PAPER_IDS),
        (strips, paper) => {
          const pieces = layBoard(
            {
              title: '',
              subtitle: '',
              notes: [],
              strips: strips.map(([lengthMm, heightMm]) => {
                return { caption: '', lengthMm, heightMm, marks: [], paths: [] };
              }),
            },
            paper,
          );
          strips.forEach(([lengthMm, heightMm], strip) => {
            const own = pieces.filter((piece) => piece.strip === strip);
            expect(own[0]?.fromMm).toBe(0);
            expect(own.at(-1)?.toMm).toBeCloseTo(lengthMm, 9);
            own.slice(1).forEach((piece, nth) => {
              expect((own[nth]?.toMm ?? 0) - piece.fromMm).toBeCloseTo(LAP_MM, 9);
              expect(own[nth]?.joinsMm.at(-1)).toBeCloseTo(piece.joinsMm[0] ?? NaN, 9);
            });
            for (const { fromMm, toMm, yMm } of own) {
              expect(SIDE_MM + toMm - fromMm).toBeLessThanOrEqual(PAPERS[paper].wideMm - SIDE_MM + 1e-6);
              expect(yMm + heightMm / 2).toBeLessThanOrEqual(PAPERS[paper].highMm - 30);
            }
          });
        },
      ),
    );
  });
});

describe('boardSvg', () => {
  it('is in millimeters: width, box and marks agree', () => {
    const svg = boardSvg(board(312, [0, 132.5]));
    const [, width, , box] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="([^"]+)"/.exec(svg) ?? [];
    expect(Number(width)).toBe(Number(box?.split(' ')[2]));
    expect(svg).toContain('M132.5 -13v26');
    expect(svg).toContain(`h${CHECK_BAR_MM}`);
  });
});
