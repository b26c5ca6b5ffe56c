import { MASS_KG_PER_G, pieceTemperature, timeConstantS, type LumpedPiece } from '../heat/lumped';
import { done, fail, type Outcome } from '../problems/problem';
import { sum } from '../numeric/sum';

/** Heads alike, each with what the oven passes to one of its size. */
export interface LoadGroup extends LumpedPiece {
  readonly count: number;
}

export interface WarmLoadInput {
  readonly groups: readonly LoadGroup[];
  /** The rack that carries them, as steel, g. */
  readonly rackG: number;
  /** What the oven passes to the rack, W/(m2 K), and what it can give at the most, W. */
  readonly rackWm2K: number;
  readonly powerW: number;
  readonly ovenC: number;
  readonly startC: number;
  /** The slowest head is to reach this, C; under `ovenC`. */
  readonly toC: number;
}

const STEEL_JKGK = 490;
/** A wire rack of so many g shows so much surface, cm2/g: rods of 4 mm (geometry). */
const RACK_CM2_PER_G = 1.27;
const STEP_S = 1;
/** A load not warm by then never is, s. */
const LONGEST_S = 14_400;

/**
 * How long until the slowest head of a load is at temperature, s. Every head follows the air by Newton's law; the air
 * follows its dial, unless the load draws more than the oven can give: then it stands where the two balance. So a
 * light load warms as a single head does, and a heavy one as fast as the element can.
 *
 * Problem: `heat.never-reached` where the oven is no hotter than asked, or not within four hours. Throws without heads.
 *
 * @example warmLoad({ ...load, powerW: Infinity }).value.seconds // that of heatTime for the slowest head
 */
export function warmLoad(input: WarmLoadInput): Outcome<{ readonly seconds: number }> {
  const { groups, rackG, rackWm2K, powerW, ovenC, startC, toC } = input;
  if (groups.length === 0) throw new RangeError('warmLoad requires at least one head');
  const facts = { sourceC: ovenC, startC, targetC: toC };
  if (startC >= toC) return done({ seconds: 0 });
  if (ovenC <= toC) return fail('heat.never-reached', facts, ['ovenC']);
  const rack: LoadGroup = {
    massG: rackG,
    specificHeatJkgK: STEEL_JKGK,
    areaCm2: rackG * RACK_CM2_PER_G,
    hWm2K: rackWm2K,
    count: 1,
  };
  const bodies = [...groups.map((group) => ({ group, isHead: true })), { group: rack, isHead: false }]
    .filter(({ group }) => group.massG > 0 && group.count > 0)
    .map(({ group, isHead }) => {
      const tauS = timeConstantS(group);
      const heatJK = group.count * group.massG * MASS_KG_PER_G * group.specificHeatJkgK;
      return { tauS, drawWK: heatJK / tauS, isHead, tempC: startC };
    });
  const drawWK = sum(bodies.map((body) => body.drawWK));
  for (let seconds = 0; seconds < LONGEST_S; seconds += STEP_S) {
    const drawnC = sum(bodies.map((body) => body.drawWK * body.tempC)) / drawWK;
    const airC = Math.min(ovenC, drawnC + powerW / drawWK);
    const before = coldest(bodies);
    for (const body of bodies) body.tempC = pieceTemperature(body.tauS, airC, body.tempC, STEP_S);
    const after = coldest(bodies);
    if (after >= toC) return done({ seconds: seconds + STEP_S * ((toC - before) / (after - before)) });
  }
  return fail('heat.never-reached', facts, ['powerW']);
}

function coldest(bodies: readonly { readonly isHead: boolean; readonly tempC: number }[]): number {
  return Math.min(...bodies.filter(({ isHead }) => isHead).map(({ tempC }) => tempC));
}
