import type { HeadBin, PowderBin } from '@/records/bin';
import type { Heater } from '@/records/heater';
import type { BenchView } from '../bench/bench-view';
import { asThere, typicalThing } from '../stock/typical-things';
import type { UnitChoices } from '@/core/units/unit-choices';
import { HEATER_KINDS } from '@/core/coats/ways/definition';
import { newHeater } from './new-heaters';

/** At least one of each, so that heat can be reckoned on any bench. */
type Some<Each> = readonly [Each, ...Each[]];

/** What heat is reckoned with, and which of it is typical, since nothing of the kind lies on this bench. */
export interface HeatBench {
  readonly heads: Some<HeadBin>;
  readonly powders: Some<PowderBin>;
  readonly heaters: Some<Heater>;
  readonly isTypical: { readonly heads: boolean; readonly powders: boolean; readonly heaters: boolean };
}

function typicalHead(length: 'mm' | 'in'): HeadBin {
  const bin = asThere(typicalThing(['bought-football', '3/8'], length));
  if (bin.kind !== 'head' || bin.bought === null) throw new TypeError('a typical head is a bought head');
  return { ...bin, bought: { ...bin.bought, metal: 'soft-lead' } };
}

function typicalPowder(length: 'mm' | 'in'): PowderBin {
  const bin = asThere(typicalThing(['powder', '2'], length));
  if (bin.kind !== 'powder') throw new TypeError('a typical powder is a powder');
  return bin;
}

/** One of each sort, as they are before anybody timed a head in them. */
const typicalHeaters = (temperature: UnitChoices['temperature']) =>
  HEATER_KINDS.map((kind): Heater => ({ ...newHeater(kind, temperature), id: `typical-${kind}` }));

const orTypical = <Each>(own: readonly Each[], typical: () => readonly Each[]): Some<Each> => {
  const [first, ...rest] = own.length > 0 ? own : typical();
  if (first === undefined) throw new TypeError('there is always something typical');
  return [first, ...rest];
};

/**
 * The bare heads, powders and heaters of a bench; typical ones in the place of what it has none of.
 *
 * @example heatBench(emptyBench, INCHES).heads[0].name // 'Football head 3/8 oz'
 */
export function heatBench(
  view: Pick<BenchView, 'bins' | 'heaters'>,
  { length, temperature }: Pick<UnitChoices, 'length' | 'temperature'>,
): HeatBench {
  const heads = view.bins.filter((bin): bin is HeadBin => bin.kind === 'head' && bin.coatId === null);
  const powders = view.bins.filter((bin): bin is PowderBin => bin.kind === 'powder');
  return {
    heads: orTypical(heads, () => [typicalHead(length)]),
    powders: orTypical(powders, () => [typicalPowder(length)]),
    heaters: orTypical(view.heaters, () => typicalHeaters(temperature)),
    isTypical: {
      heads: heads.length === 0,
      powders: powders.length === 0,
      heaters: view.heaters.length === 0,
    },
  };
}
