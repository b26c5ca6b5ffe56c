import type { PouredThermal } from '@/core/freezing/casting';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from './elements';
import { MELTING_POINTS } from './eutectics';
import { LATENT_HEATS_JKG } from './latent-heats';
import { rangeOf } from './range-of';

interface LiquidFacts {
  /** Between solid and liquid at the melting point, W/mK. */
  readonly conductivityWmK: number;
  /** Of the liquid just over its melting point, N/m. */
  readonly surfaceNm: number;
  /** How much smaller it gets as it freezes, a share of its room. */
  readonly freezingShrink: number;
}

/** Metals about their melting points; handbooks of metals (typical: sources differ by some percent). */
const LIQUIDS: Readonly<Record<string, LiquidFacts>> = {
  Pb: { conductivityWmK: 24, surfaceNm: 0.458, freezingShrink: 0.035 },
  Sn: { conductivityWmK: 45, surfaceNm: 0.56, freezingShrink: 0.026 },
  Sb: { conductivityWmK: 19, surfaceNm: 0.367, freezingShrink: -0.009 },
  Bi: { conductivityWmK: 10, surfaceNm: 0.378, freezingShrink: -0.033 },
  Zn: { conductivityWmK: 75, surfaceNm: 0.782, freezingShrink: 0.045 },
  Cu: { conductivityWmK: 250, surfaceNm: 1.3, freezingShrink: 0.042 },
  Ag: { conductivityWmK: 260, surfaceNm: 0.92, freezingShrink: 0.038 },
};
/** At its melting point a metal is so much lighter than in the hand, and takes so much more to warm (typical). */
const [LIGHTER, WARMER] = [0.965, 1.1];
const KG_PER_GCM3 = 1000;

/** A metal as it is poured and freezes, and what of it is only a guess. */
export interface KnownPoured extends PouredThermal {
  /** Nobody measured from where on it is all melted: taken between its elements' own melting points. */
  readonly isLiquidusGuess: boolean;
}

/**
 * What freezing needs to know of an alloy: its melting range by its diagram, all else by its elements' shares. Null where
 * its composition or its melting is not known.
 *
 * @example pouredThermal({ Bi: 0.58, Sn: 0.42 })?.freezingShrink // -0.005: it swells
 */
export function pouredThermal(composition: Readonly<Record<string, number>> | null): KnownPoured | null {
  const range = rangeOf(composition);
  if (!composition || range?.solidusC === null || range?.solidusC === undefined) return null;
  const mixed = mixMetal(composition, ELEMENTS);
  if (!mixed.ok) return null;
  const shares = Object.entries(composition).filter(([element, share]) => share > 0 && LIQUIDS[element]);
  const whole = shares.reduce((so, [, share]) => so + share, 0);
  const byMass = (of: (element: string) => number) =>
    shares.reduce((so, [element, share]) => so + share * of(element), 0) / whole;
  const densityOf = (element: string) =>
    ELEMENTS[element as keyof typeof ELEMENTS]?.densityGcm3 ?? mixed.value.densityGcm3;
  const room = shares.reduce((so, [element, share]) => so + share / densityOf(element), 0);
  const byRoom = (of: (facts: LiquidFacts) => number) =>
    shares.reduce((so, [element, share]) => {
      const facts = LIQUIDS[element];
      return facts ? so + (share / densityOf(element)) * of(facts) : so;
    }, 0) / room;
  const between = Math.max(
    range.solidusC,
    byMass((element) => MELTING_POINTS[element] ?? 0),
  );
  return {
    conductivityWmK: byRoom(({ conductivityWmK }) => conductivityWmK),
    densityKgM3: mixed.value.densityGcm3 * KG_PER_GCM3 * LIGHTER,
    specificJkgK: mixed.value.specificHeatJkgK * WARMER,
    melting: {
      solidusC: range.solidusC,
      liquidusC: Math.max(range.solidusC, range.liquidusC ?? between),
      latentJkg: byMass((element) => LATENT_HEATS_JKG[element] ?? 0),
    },
    surfaceNm: byRoom(({ surfaceNm }) => surfaceNm),
    freezingShrink: byRoom(({ freezingShrink }) => freezingShrink),
    isLiquidusGuess: range.liquidusC === null,
  };
}
