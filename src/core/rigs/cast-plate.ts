import { castGramsPerCm3, type CastMetal } from '../cavities/cast-grams-per-cm3';
import type { Solid } from '../solids/solid';

/** A plate to be cast for a feeder: its face, its rivet holes, what it is to weigh. */
export interface PlateQuestion {
  /** A round one is as wide as it is long. */
  readonly form: 'oblong' | 'round';
  readonly longMm: number;
  readonly wideMm: number;
  readonly holes: number;
  readonly holeMm: number;
  readonly massG: number;
  readonly metal: CastMetal;
}

export interface CastPlate {
  readonly thickMm: number;
  /** The cavity, pins not taken off, cm3. */
  readonly cavityCm3: number;
  /** One pin in it, cm3. */
  readonly pinCm3: number;
  readonly solid: Solid;
}

/**
 * How thick a plate is cast to weigh what it should, with pins where its rivets go; cold sizes are as large as the cavity
 * less the metal's shrink. Null where the holes leave no face.
 *
 * @example castPlate({ form: 'oblong', longMm: 40, wideMm: 20, holes: 2, holeMm: 3, massG: 30, metal: lead })?.thickMm // 3.36
 */
export function castPlate({
  form,
  longMm,
  wideMm,
  holes,
  holeMm,
  massG,
  metal,
}: PlateQuestion): CastPlate | null {
  const holeMm2 = (Math.PI / 4) * holeMm ** 2;
  const isRound = form === 'round';
  const wholeMm2 = isRound ? (Math.PI / 4) * longMm ** 2 : longMm * wideMm;
  const faceMm2 = wholeMm2 - holes * holeMm2;
  if (faceMm2 <= 0 || holeMm >= (isRound ? longMm : wideMm)) return null;
  const thickMm = (massG / castGramsPerCm3(metal) / faceMm2) * 1000;
  return {
    thickMm,
    cavityCm3: (wholeMm2 * thickMm) / 1000,
    pinCm3: (holeMm2 * thickMm) / 1000,
    solid: {
      parts: [
        isRound
          ? { shape: 'cylinder', diameterMm: longMm, heightMm: thickMm }
          : { shape: 'box', xMm: wideMm, yMm: thickMm, zSizeMm: longMm },
      ],
    },
  };
}

/**
 * Where the rivet holes sit on a plate, mm from its middle: in a row along it, as far from its ends as from each other.
 *
 * @example rivetSpots(40, 2) // [-10, 10]
 */
export function rivetSpots(longMm: number, holes: number): number[] {
  return Array.from({ length: holes }, (_, nth) => (longMm * (nth + 0.5)) / holes - longMm / 2);
}
