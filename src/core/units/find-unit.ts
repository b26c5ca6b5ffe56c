import { QUANTITIES, type Quantity, type UnitDefinition } from './quantities';

/**
 * The unit of a quantity that goes by this name, in any case, with or without a closing period.
 *
 * @example findUnit('mass', 'Oz.')?.factor // 28.349523125
 * @example findUnit('mass', 'mm') // undefined
 */
export function findUnit(quantity: Quantity, name: string): UnitDefinition | undefined {
  const wanted = name.trim().toLowerCase().replace(/\.$/, '').replace('³', '3');
  return QUANTITIES[quantity].units.find((unit) => unit.names.includes(wanted));
}
