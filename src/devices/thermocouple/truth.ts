/** What a simulated pot truly holds. Nobody but the stand-in may look: the page sees the stream alone. */
export interface PotTruth {
  readonly massG: number;
  /** Heat over that of the same metal at 20 C, J. */
  readonly heatJ: number;
  readonly isHeating: boolean;
}

/** Lead with antimony, about: solid and molten alike J/(g K), melting in one point, J/g (handbook values, rounded). */
const METAL = { specificJgK: 0.134, meltsC: 290, latentJg: 23 };
const ROOM_C = 20;
/** A bench pot's element, and what its wall loses, W and W/K (typical). */
const ELEMENT_W = 900;
const LOSS_WK = 0.9;
/** The pot itself, J/K: iron of half a kilogram. */
const POT_JK = 230;
/** A thermostat switches so far to either side of its dial, C. */
const SWITCH_C = 7;

/** How hot a pot truly is, C. */
export function truthC({ massG, heatJ }: PotTruth): number {
  const perK = massG * METAL.specificJgK + POT_JK;
  const toMeltJ = (METAL.meltsC - ROOM_C) * perK;
  if (heatJ <= toMeltJ) return ROOM_C + heatJ / perK;
  const meltedJ = toMeltJ + massG * METAL.latentJg;
  return heatJ <= meltedJ ? METAL.meltsC : METAL.meltsC + (heatJ - meltedJ) / perK;
}

/** A pot of so much metal at a temperature, molten where that is over its melting point. */
export function potAt(massG: number, tempC: number): PotTruth {
  const perK = massG * METAL.specificJgK + POT_JK;
  const latentJ = tempC > METAL.meltsC ? massG * METAL.latentJg : 0;
  return { massG, heatJ: (tempC - ROOM_C) * perK + latentJ, isHeating: true };
}

/** The pot so many seconds later, its thermostat at the dial. */
export function potLater(pot: PotTruth, dialC: number, seconds: number): PotTruth {
  const tempC = truthC(pot);
  const isHeating = tempC < dialC - SWITCH_C ? true : tempC > dialC + SWITCH_C ? false : pot.isHeating;
  const lostW = LOSS_WK * (tempC - ROOM_C);
  return {
    ...pot,
    isHeating,
    heatJ: Math.max(0, pot.heatJ + ((isHeating ? ELEMENT_W : 0) - lostW) * seconds),
  };
}

/** The pot with so much ladled out at its heat: the metal's share of the heat goes with it. */
export function potLadled(pot: PotTruth, g: number): PotTruth {
  const outG = Math.min(g, pot.massG);
  const tempC = truthC(pot);
  const left = potAt(pot.massG - outG, tempC);
  return { ...left, isHeating: pot.isHeating };
}

/** The pot with so much cold metal put in: all its heat is shared. */
export function potCharged(pot: PotTruth, g: number): PotTruth {
  return { ...pot, massG: pot.massG + g };
}
