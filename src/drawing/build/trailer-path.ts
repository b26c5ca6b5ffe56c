import type { TrailerShape } from '@/core/parts/part-roles';

const mm = (value: number) => Number(value.toFixed(3));

/** A corner of an outline: along in lengths, aside in half bodies. A corner named twice is met, any other is rounded off. */
type Corner = readonly [along: number, aside: number];

const twice = (corner: Corner): Corner[] => [corner, corner];
const mirrored = (corners: readonly Corner[]): Corner[] => corners.map(([x, y]): Corner => [x, -y]);

/** An outline and its mirror image about the middle line. */
const paired = (corners: readonly Corner[]): Corner[][] => [[...corners], mirrored(corners)];

/** From the nose back over the upper side, and home over the lower one. */
const even = (...upper: Corner[]): Corner[] => [
  ...twice([0, 0]),
  ...mirrored(upper),
  ...[...upper].reverse(),
];

/** Each as it lies flat on the bench, nose at the left: a body, and what waves behind it. */
const OUTLINES: Readonly<Record<Exclude<TrailerShape, 'paddle'>, readonly (readonly Corner[])[]>> = {
  grub: [
    [
      ...twice([0, 0]),
      [0.04, -0.95],
      [0.16, -1.05],
      [0.4, -0.95],
      [0.5, -0.3],
      [0.62, -0.75],
      [0.84, -1.15],
      [1, -0.5],
      ...twice([1, 0.55]),
      [0.93, -0.2],
      [0.82, -0.6],
      [0.68, -0.3],
      [0.56, 0.2],
      [0.4, 0.95],
      [0.16, 1.05],
      [0.04, 0.95],
    ],
  ],
  worm: [even([0.02, 0.85], [0.1, 1], [0.55, 1], [0.85, 0.62], [0.97, 0.4], ...twice([1, 0]))],
  claw: [
    even([0.04, 0.8], [0.15, 1.1], [0.38, 0.95], [0.5, 0.5], [0.53, 0]),
    ...paired([
      [0.42, 0.1],
      [0.5, 0.75],
      [0.62, 0.75],
      [0.74, 1.45],
      [0.9, 1.45],
      ...twice([1, 1.05]),
      [0.86, 0.98],
      ...twice([0.96, 0.62]),
      [0.8, 0.4],
      [0.66, 0.42],
      [0.54, 0.2],
    ]),
  ],
  chunk: [
    even([0.02, 0.9], [0.2, 1.15], [0.5, 1.1], [0.58, 0.4], [0.57, 0]),
    ...paired([
      [0.45, 0.15],
      [0.5, 0.85],
      [0.68, 0.62],
      [0.86, 1],
      ...twice([1, 0.75]),
      [0.9, 0.4],
      [0.68, 0.3],
      [0.55, 0.15],
    ]),
  ],
  pork: [
    even([0.02, 0.9], [0.18, 1.25], [0.34, 1.1], [0.46, 0.5], [0.45, 0]),
    ...paired([
      [0.32, 0.05],
      [0.4, 0.75],
      [0.7, 0.72],
      [0.92, 0.62],
      ...twice([1, 0.42]),
      [0.9, 0.28],
      [0.6, 0.12],
    ]),
  ],
};

/** A closed outline through the middles of its sides, bent toward each corner. */
function roundedPath(corners: readonly Corner[], lengthMm: number, bodyMm: number): string {
  const at = ([along, aside]: Corner) => [along * lengthMm, (aside * bodyMm) / 2] as const;
  const bends = corners.map((corner, nth) => {
    const [x, y] = at(corner);
    const [toX, toY] = at(corners[(nth + 1) % corners.length] ?? corner);
    return { over: `${mm(x)} ${mm(y)}`, to: `${mm((x + toX) / 2)} ${mm((y + toY) / 2)}` };
  });
  return `M${bends.at(-1)?.to}${bends.map(({ over, to }) => `Q${over} ${to}`).join('')}Z`;
}

/**
 * What is threaded on a hook, from its nose at the origin back along x, as long as it was measured, mm. Where nobody said its
 * shape, a paddle tail.
 *
 * @example trailerPath('worm', 127, 9) // 'M0 0Q...Z'
 */
export function trailerPath(shape: TrailerShape | null, lengthMm: number, bodyMm: number): string {
  if (shape === null || shape === 'paddle') return paddlePath(lengthMm, bodyMm);
  return OUTLINES[shape].map((corners) => roundedPath(corners, lengthMm, bodyMm)).join('');
}

/** Body, taper, paddle. */
function paddlePath(lengthMm: number, bodyMm: number): string {
  const h = mm(bodyMm / 2);
  const neck = mm(lengthMm * 0.78);
  const tail = mm(lengthMm);
  return [
    `M0 0C${mm(bodyMm * 0.1)} ${-h} ${mm(bodyMm * 0.5)} ${-h} ${mm(bodyMm * 0.8)} ${-h}`,
    `C${mm(lengthMm * 0.4)} ${-h} ${mm(lengthMm * 0.6)} ${mm(-h * 0.6)} ${neck} ${mm(-h * 0.22)}`,
    `C${mm(lengthMm * 0.86)} ${mm(-h * 0.3)} ${mm(lengthMm * 0.93)} ${mm(-h)} ${tail} ${mm(-h * 0.5)}`,
    `C${mm(lengthMm * 0.99)} ${mm(h * 0.6)} ${mm(lengthMm * 0.95)} ${mm(h * 1.1)} ${mm(lengthMm * 0.9)} ${mm(h * 0.9)}`,
    `C${mm(lengthMm * 0.88)} ${mm(h * 0.4)} ${mm(lengthMm * 0.84)} ${mm(h * 0.25)} ${neck} ${mm(h * 0.22)}`,
    `C${mm(lengthMm * 0.6)} ${mm(h * 0.6)} ${mm(lengthMm * 0.4)} ${h} ${mm(bodyMm * 0.8)} ${h}`,
    `C${mm(bodyMm * 0.5)} ${h} ${mm(bodyMm * 0.1)} ${h} 0 0Z`,
  ].join('');
}
