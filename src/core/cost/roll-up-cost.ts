import { sum } from '../numeric/sum';

export interface CostQuestion {
  readonly parts: readonly {
    readonly name: string;
    readonly qty: number;
    readonly unitCost: number;
    readonly scrapShare?: number | undefined;
  }[];
  /** Minutes for the whole batch. */
  readonly labour: readonly {
    readonly name: string;
    readonly minutes: number;
    readonly ratePerHour: number;
  }[];
  readonly tooling: readonly { readonly name: string; readonly cost: number; readonly lifePieces: number }[];
  /** For the whole batch. */
  readonly energy?: readonly { readonly kWh: number; readonly pricePerKWh: number }[] | undefined;
  /** Pieces, 1 or more. */
  readonly batch: number;
}

export interface PieceCost {
  readonly perPiece: number;
  readonly materials: number;
  readonly labour: number;
  readonly tooling: number;
  readonly energy: number;
}

const MINUTES_PER_HOUR = 60;

/**
 * What a piece costs, in the maker's own money, all five figures per piece: parts with their scrap, hands, tools over
 * their life, energy.
 *
 * @example rollUpCost({ parts: [{ name: 'tab', qty: 2, unitCost: 0.3 }], labour: [], tooling: [], batch: 10 })
 * // { perPiece: 0.6, materials: 0.6, labour: 0, tooling: 0, energy: 0 }
 */
export function rollUpCost({ parts, labour, tooling, energy = [], batch }: CostQuestion): PieceCost {
  const cost = {
    materials: sum(parts.map(({ qty, unitCost, scrapShare = 0 }) => (qty * unitCost) / (1 - scrapShare))),
    labour: sum(labour.map(({ minutes, ratePerHour }) => (minutes / MINUTES_PER_HOUR) * ratePerHour)) / batch,
    tooling: sum(tooling.map(({ cost: price, lifePieces }) => price / lifePieces)),
    energy: sum(energy.map(({ kWh, pricePerKWh }) => kWh * pricePerKWh)) / batch,
  };
  return { perPiece: cost.materials + cost.labour + cost.tooling + cost.energy, ...cost };
}
