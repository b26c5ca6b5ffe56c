import type { DrawnPart } from './part-shapes';

/** What has no measures of its own to be drawn by: a lot of metal, a jar, a bunch of something. */
export type Stuff = 'metal' | 'powder' | 'glue' | 'tab' | 'hair' | 'fur' | 'sheet';

const strands = (count: number, long: number, gap: number, bow: number) =>
  Array.from({ length: count }, (_, nth) => {
    const y = (nth - (count - 1) / 2) * gap;
    return `M0 ${y.toFixed(2)}Q${long / 2} ${(y * (1 + bow)).toFixed(2)} ${long} ${(y * (1 + 2 * bow)).toFixed(2)}`;
  }).join('');

const DRAWN: Readonly<Record<Stuff, DrawnPart>> = {
  metal: {
    shapes: [
      { d: 'M2 14L6 4H26L30 14Z', is: 'body' },
      { d: 'M6 4L9 0H23L26 4Z', is: 'body' },
    ],
    box: [2, 0, 28, 14],
  },
  powder: {
    shapes: [
      { d: 'M0 5Q0 3 2 3H16Q18 3 18 5V20Q18 22 16 22H2Q0 22 0 20Z', is: 'soft' },
      { d: 'M1 0H17V3H1Z', is: 'dark' },
      { d: 'M0.4 12Q9 9 17.6 12V20Q17.6 21.6 16 21.6H2Q0.4 21.6 0.4 20Z', is: 'dark' },
    ],
    box: [0, 0, 18, 22],
  },
  glue: {
    shapes: [
      { d: 'M0 12Q0 9 4 8L6 5H8L10 8Q14 9 14 12V28Q14 30 12 30H2Q0 30 0 28Z', is: 'soft' },
      { d: 'M5.6 5L6.6 -3H7.4L8.4 5Z', is: 'body' },
      { d: 'M0.4 17H13.6V25H0.4Z', is: 'dark' },
    ],
    box: [0, -3, 14, 33],
  },
  tab: {
    shapes: [
      { d: strands(9, 40, 1.5, 0), is: 'wire', strokeMm: 0.9, finish: 'matte' },
      { d: 'M-3 -7H0V7H-3ZM40 -7H43V7H40Z', is: 'soft' },
    ],
    box: [-3, -7, 46, 14],
  },
  hair: {
    shapes: [
      { d: strands(11, 38, 0.5, 0.7), is: 'wire', strokeMm: 0.35, finish: 'matte' },
      { d: 'M-2 -3H3V3H-2Z', is: 'dark' },
    ],
    box: [-2, -7, 40, 14],
  },
  fur: {
    shapes: [
      { d: strands(15, 20, 0.9, 0.35), is: 'wire', strokeMm: 0.4, finish: 'matte' },
      { d: 'M-3 -7H0V7H-3Z', is: 'soft' },
    ],
    box: [-3, -11, 23, 22],
  },
  sheet: {
    shapes: [
      { d: 'M0 -9H12V9H0Z', is: 'soft' },
      { d: strands(7, 26, 2.8, 0).replaceAll('M0 ', 'M12 '), is: 'wire', strokeMm: 1.8, finish: 'matte' },
    ],
    box: [0, -10, 27, 20],
  },
};

/**
 * A thing that is drawn alike whatever its size.
 *
 * @example stuffShapes('tab').box // [-3, -7, 46, 14]
 */
export const stuffShapes = (stuff: Stuff): DrawnPart => DRAWN[stuff];
