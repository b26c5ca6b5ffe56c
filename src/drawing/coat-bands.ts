export type TonePlace = 'back' | 'belly' | 'nose' | 'tail';

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * The part of a head's side, as a box over its body, that a second tone covers: so much of it from the back, the belly,
 * the nose or the tail. Nose to the left, back up.
 *
 * @example toneBox({ x: 0, y: -5, width: 20, height: 10 }, 'back', 0.4) // { x: 0, y: -5, width: 20, height: 4 }
 */
export function toneBox(body: Box, place: TonePlace, share: number): Box {
  const { x, y, width, height } = body;
  switch (place) {
    case 'back':
      return { ...body, height: height * share };
    case 'belly':
      return { ...body, y: y + height * (1 - share), height: height * share };
    case 'nose':
      return { ...body, width: width * share };
    case 'tail':
      return { ...body, x: x + width * (1 - share), width: width * share };
  }
}

export interface Fleck {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

const GOLDEN = 2.399963229728653;

/**
 * Flecks strewn evenly over a box by the golden angle, the same each time: where they lie and how large.
 *
 * @example flecks({ x: 0, y: 0, width: 10, height: 10 }, 30).length // 30
 */
export function flecks({ x, y, width, height }: Box, count: number): Fleck[] {
  return Array.from({ length: count }, (_, index) => {
    const out = Math.sqrt((index + 0.5) / count) / 2;
    return {
      x: x + width * (0.5 + out * Math.cos(index * GOLDEN)),
      y: y + height * (0.5 + out * Math.sin(index * GOLDEN)),
      r: Math.min(width, height) * (0.018 + 0.012 * ((index * 7) % 3)),
    };
  });
}
