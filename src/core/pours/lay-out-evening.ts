import { sum } from '../numeric/sum';
import { meltMinutes, type PotHeat } from './learn-melt';

export interface EveningBlock {
  readonly moldId: string;
  readonly pours: number;
  readonly secondsPerPour: number;
  /** From cold to the first pour that counts, warm-up pours and all. */
  readonly setupSeconds: number;
  /** Metal that a pour takes out of the pot, sprue and all, g. */
  readonly metalPerPourG: number;
  /** Spread of one pour and from evening to evening, s; both null until the maker's own runs say. */
  readonly spreadS: number | null;
  readonly eveningSpreadS: number | null;
}

export interface EveningFacts {
  readonly blocks: readonly EveningBlock[];
  readonly chargeG: number;
  readonly capacityG: number;
  readonly heelG: number;
  /** What the pot takes from cold. */
  readonly heat: Pick<PotHeat, 'fullMinutes' | 'potShare' | 'spreadMinutes'>;
  readonly pace: { readonly pourMinutes: number; readonly restMinutes: number };
}

export type LegKind = 'melt' | 'warm-up' | 'pours' | 'refill' | 'rest';

export interface Leg {
  readonly kind: LegKind;
  readonly moldId: string | null;
  readonly startS: number;
  readonly endS: number;
  /** Pours in it, where it is of pours. */
  readonly pours: number;
}

export interface Evening {
  readonly legs: readonly Leg[];
  /** From lighting the pot to the first pour that counts; null without any. */
  readonly firstGoodS: number | null;
  readonly totalS: number;
  /** One standard deviation of the total; null where no block has a spread of its own. */
  readonly spreadS: number | null;
  readonly refills: number;
}

/** So little pouring left is not worth a rest. */
const SHORT_FINISH_S = 300;

/**
 * The evening on one line, in s from lighting the pot: melting with the pot's own heat, each block's warm-up and pours in the order given,
 * refills when the pot is down to its heel, rests after so much pouring. Melting is a rest too. Spreads add as
 * independent pours, as evenings that run slow or fast as a whole, and as melts do.
 *
 * @example layOutEvening(facts).legs[0] // { kind: 'melt', startS: 0, endS: 750, ... }
 */
export function layOutEvening({ blocks, chargeG, capacityG, heelG, heat, pace }: EveningFacts): Evening {
  const legs: Leg[] = [];
  let at = 0;
  let sinceRest = 0;
  let refills = 0;
  const add = (kind: LegKind, seconds: number, moldId: string | null = null, pours = 0) => {
    const last = legs.at(-1);
    if (last?.kind === 'pours' && kind === 'pours' && last.moldId === moldId) {
      legs[legs.length - 1] = { ...last, endS: at + seconds, pours: last.pours + pours };
    } else if (seconds > 0) {
      legs.push({ kind, moldId, startS: at, endS: at + seconds, pours });
    }
    at += seconds;
  };
  const meltS = (grams: number, isCold: boolean) => 60 * meltMinutes(heat, grams / capacityG, isCold);
  let inPotG = Math.min(chargeG, capacityG);
  let toPourG = sum(blocks.map(({ pours, metalPerPourG }) => pours * metalPerPourG));
  let toPourS = sum(blocks.map(({ pours, secondsPerPour }) => pours * secondsPerPour));
  let firstGoodS: number | null = null;
  if (toPourG > 0) add('melt', meltS(inPotG, true));
  for (const block of blocks.filter(({ pours }) => pours > 0)) {
    add('warm-up', block.setupSeconds, block.moldId);
    for (let pour = 0; pour < block.pours; pour += 1) {
      if (inPotG - block.metalPerPourG < heelG && block.metalPerPourG < capacityG - heelG) {
        const fillG = Math.min(capacityG - Math.max(0, inPotG), toPourG + heelG - Math.max(0, inPotG));
        if (fillG > 0) {
          add('refill', meltS(fillG, false));
          inPotG += fillG;
          refills += 1;
          sinceRest = 0;
        }
      }
      if (pace.restMinutes > 0 && sinceRest >= pace.pourMinutes * 60 && toPourS > SHORT_FINISH_S) {
        add('rest', pace.restMinutes * 60);
        sinceRest = 0;
      }
      firstGoodS ??= at;
      add('pours', block.secondsPerPour, block.moldId, 1);
      sinceRest += block.secondsPerPour;
      inPotG -= block.metalPerPourG;
      toPourG -= block.metalPerPourG;
      toPourS -= block.secondsPerPour;
    }
  }
  return { legs, firstGoodS, totalS: at, spreadS: spreadOf(blocks, 60 * (heat.spreadMinutes ?? 0)), refills };
}

function spreadOf(blocks: readonly EveningBlock[], meltSpreadS: number): number | null {
  if (!blocks.some(({ pours, spreadS }) => pours > 0 && spreadS !== null)) return null;
  const each = sum(blocks.map(({ pours, spreadS }) => pours * (spreadS ?? 0) ** 2));
  const evening = sum(blocks.map(({ pours, eveningSpreadS }) => pours * (eveningSpreadS ?? 0)));
  return Math.sqrt(each + evening ** 2 + meltSpreadS ** 2);
}
