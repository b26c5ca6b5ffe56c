export interface CureLoad {
  readonly id: string;
  /** Hands: heating, dipping and hanging its heads. */
  readonly prepS: number;
  /** In the oven until the heads are at temperature, and at it. */
  readonly warmS: number;
  readonly cureS: number;
}

export interface CureLeg {
  readonly loadId: string;
  readonly kind: 'prep' | 'warm' | 'cure';
  readonly startS: number;
  readonly endS: number;
}

export interface CureEvening {
  readonly legs: readonly CureLeg[];
  /** From lighting the oven to the first load in, and to the last one out. */
  readonly totalS: number;
  /** Hands idle while they wait for the oven, s. */
  readonly idleS: number;
}

/** Racks out, one in: the door open, s (typical). */
export const SWAP_S = 60;

/**
 * An evening of loads on one line, in s from lighting the oven: one oven, two hands and one rack more than is in it.
 * A load is readied while the one before cures; it goes in when both it and the oven are ready. The oven heats up
 * while the first is readied.
 *
 * @example layOutCures([{ id: 'a', prepS: 600, warmS: 300, cureS: 900 }], 900).totalS // 2100: the oven was the slower
 */
export function layOutCures(loads: readonly CureLoad[], ovenHeatUpS: number): CureEvening {
  const legs: CureLeg[] = [];
  let handsFreeS = 0;
  let ovenFreeS = ovenHeatUpS;
  let idleS = 0;
  loads.forEach(({ id, prepS, warmS, cureS }) => {
    const readyS = handsFreeS + prepS;
    const inS = Math.max(readyS, ovenFreeS);
    legs.push(
      { loadId: id, kind: 'prep', startS: handsFreeS, endS: readyS },
      { loadId: id, kind: 'warm', startS: inS, endS: inS + warmS },
      { loadId: id, kind: 'cure', startS: inS + warmS, endS: inS + warmS + cureS },
    );
    idleS += inS - readyS;
    handsFreeS = inS;
    ovenFreeS = inS + warmS + cureS + SWAP_S;
  });
  return { legs, totalS: Math.max(0, ...legs.map(({ endS }) => endS)), idleS };
}
