import { shapeOf, type Part, type Solid } from './solid';

/**
 * A solid k times as large about the origin: sizes and places alike.
 *
 * @example scaleSolid({ parts: [{ shape: 'sphere', diameterMm: 2, zMm: 1 }] }, 2).parts[0] // diameterMm 4, zMm 2
 */
export function scaleSolid(solid: Solid, k: number): Solid {
  return {
    parts: solid.parts.map((part) => {
      const moved = part.zMm === undefined ? {} : { zMm: part.zMm * k };
      return { ...part, ...shapeOf(part).scale(part, k), ...moved } as Part;
    }),
  };
}
