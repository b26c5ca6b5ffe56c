import type { Vec3 } from '../meshes/mesh';
import type { PourSetting } from './casting';
import { chokeS } from './choke-time';
import { cutOffs, touching } from './cut-off';
import type { FilledCavity } from './fill-cavity';
import { flashFromMm } from './skin-pressure';

/** A place that stays empty. */
export interface Unfilled {
  /** Its middle, mm; how much of the body, mm3; and how thick it is, mm. */
  readonly atMm: Vec3;
  readonly mm3: number;
  readonly thickMm: number;
  /** Frozen on the way, or held back by its own skin. */
  readonly why: 'froze' | 'skin';
}

/** Air that the metal shuts in. */
export interface ShutAir {
  /** Its highest place: there a vent lets it out, mm. */
  readonly atMm: Vec3;
  readonly mm3: number;
  /** How long it takes to leave through the parting line, and how long the metal stays soft there, s. */
  readonly leavesS: number;
  readonly softS: number;
}

/** What of a cavity fills. */
export interface FillVerdict {
  readonly unfilled: readonly Unfilled[];
  readonly air: readonly ShutAir[];
  /** How much of its time to flow the metal had used where it came last and coldest, a share: from some 0.7 on it wrinkles, at 1 it stopped. */
  readonly spentMost: number;
  readonly fullS: number;
  /** From so wide a gap between the halves on it flashes, mm. */
  readonly flashFromMm: number;
}

/** Fewer than so many cells, or less than this share of the body, is the lattice's own roughness. */
const [LEAST_CELLS, LEAST_SHARE] = [6, 0.0005];
/** Air of less than this share of the body is a bubble. */
const LEAST_AIR = 0.01;
/** How far the parting line leads the air to the block's edge, mm, and what air resists with, Pa s. */
const [LAND_MM, AIR_PAS] = [14, 1.8e-5];
/** Air goes out as far as a scratch of this reach. */
const VENT_REACH_MM = 1.5;

/**
 * Reads off a filling what stays empty and what air is shut in: the air in a pocket leaves through the parting line as fast as
 * its gap lets it (a slot: w g^3 p / 12 m l), and stays where the metal is stiff before.
 *
 * @example judgeFill(filled, setting).unfilled.length // 1: the fin
 */
export function judgeFill(filled: FilledCavity, setting: PourSetting): FillVerdict {
  const { cells, counts, stepMm, spent, placeOf, modulusOf, fullAtS, pressedPa } = filled;
  const cellMm3 = stepMm ** 3;
  const least = Math.max(LEAST_CELLS, LEAST_SHARE * cells.length);
  const spentAt = (cell: number) => spent[cell] ?? Infinity;
  const empty = new Set(cells.filter((cell) => spentAt(cell) >= 1));
  const unfilled = touching(counts, [...empty]).flatMap((group): Unfilled[] => {
    if (group.length < least) return [];
    // What its skin holds back at the entrance never gets to what lies behind.
    const held = group.filter((cell) => spentAt(cell) === Infinity).length;
    return [
      {
        atMm: middleOf(group.map(placeOf)),
        mm3: group.length * cellMm3,
        thickMm: 2 * widestOf(group, modulusOf),
        why: held > group.length / 2 ? 'skin' : 'froze',
      },
    ];
  });
  const full = cells.filter((cell) => !empty.has(cell));
  const breathes = outletOf(filled);
  const { min, long } = alongOf(cells, placeOf);
  const vents = setting.vents.map((share) => min + share * long);
  const isVent = (cell: number) => {
    const [x] = placeOf(cell);
    return filled.isRim(cell) && vents.some((at) => Math.abs(x - at) <= VENT_REACH_MM);
  };
  const air = setting.mold.isPorous
    ? []
    : cutOffs(
        { counts, cells: full, openUntil: fullAtS },
        (cell) => breathes(cell) || isVent(cell),
        0,
      ).flatMap((cut): ShutAir[] => {
        if (cut.cells.length < Math.max(LEAST_CELLS, LEAST_AIR * cells.length)) return [];
        const mm3 = cut.cells.length * cellMm3;
        const pascal = Math.max(1, pressedPa(cut.last));
        const rimMm = cut.cells.filter(filled.isRim).length * stepMm;
        const leavesMm3s = (rimMm * setting.gapMm ** 3 * pascal) / 12 / AIR_PAS / LAND_MM;
        const leavesS = leavesMm3s > 0 ? mm3 / leavesMm3s : Infinity;
        const softS = chokeS(setting, widestOf(cut.cells, modulusOf));
        const top = cut.cells.reduce((a, b) => (placeOf(b)[2] > placeOf(a)[2] ? b : a), cut.last);
        return leavesS > softS ? [{ atMm: placeOf(top), mm3, leavesS, softS }] : [];
      });
  const lowest = cells[0] ?? 0;
  return {
    unfilled: unfilled.toSorted((a, b) => b.mm3 - a.mm3),
    air,
    spentMost: coldestOf(cells.map((cell) => Math.min(1, spentAt(cell)))),
    fullS: cells.reduce((most, cell) => Math.max(most, fullAtS(cell)), 0),
    flashFromMm: flashFromMm(setting.metal.surfaceNm, Math.max(1, pressedPa(lowest))),
  };
}

/** All but this share is warmer: single corners are the lattice's own. */
const CORNERS = 0.005;

function coldestOf(spent: readonly number[]): number {
  const rising = spent.toSorted((a, b) => a - b);
  return rising[Math.floor((rising.length - 1) * (1 - CORNERS))] ?? 0;
}

/** Air leaves by the gate where the metal comes from above and does not stop it up. */
function outletOf(filled: FilledCavity): (cell: number) => boolean {
  const top = widestOf(filled.cells, (cell) => filled.placeOf(cell)[2]);
  return (cell) => filled.isEntry(cell) && filled.placeOf(cell)[2] > top - 2 * filled.stepMm;
}

const widestOf = (cells: readonly number[], of: (cell: number) => number) =>
  cells.reduce((most, cell) => Math.max(most, of(cell)), -Infinity);

function alongOf(cells: readonly number[], placeOf: (cell: number) => Vec3) {
  let [min, max] = [Infinity, -Infinity];
  for (const cell of cells) {
    const [x] = placeOf(cell);
    min = Math.min(min, x);
    max = Math.max(max, x);
  }
  return { min, long: max - min };
}

function middleOf(places: readonly Vec3[]): Vec3 {
  const mean = (axis: 0 | 1 | 2) => places.reduce((so, place) => so + place[axis], 0) / places.length;
  return [mean(0), mean(1), mean(2)];
}
