import { roundTemperature } from '@/core/units/round-figure';
import type { HeaterKind } from '@/core/coats/ways/definition';
import type { Heater } from '@/records/heater';

/** A source of heat before it has an id. */
export type DraftHeater = Omit<Heater, 'id'> & { readonly id: string | null };

/** Usual figures, which are guesses until a head was timed in it (typical). */
const NEW_HEATERS: Readonly<Record<HeaterKind, DraftHeater>> = {
  gun: { id: null, name: 'Heat gun', kind: 'gun', sourceC: 420, hWm2K: 70, trial: null, oven: null },
  flame: { id: null, name: 'Flame', kind: 'flame', sourceC: 650, hWm2K: 55, trial: null, oven: null },
  oven: {
    id: null,
    name: 'Oven',
    kind: 'oven',
    sourceC: 200,
    hWm2K: 20,
    trial: null,
    oven: {
      rods: 3,
      slots: 16,
      slotMm: 15,
      dropMm: 70,
      rackG: 600,
      powerW: 1300,
      heatUpMin: 15,
      isForFood: false,
    },
  },
};

/** Guns and ovens are set by so much. */
const HEATER_STEP_F = 25;

/**
 * What a new source of heat of a kind begins as, set as one would set it in the maker's degrees.
 *
 * @example newHeater('gun', 'F').sourceC // 426.7, 800 F
 */
export function newHeater(kind: HeaterKind, temperature: 'C' | 'F'): DraftHeater {
  const heater = NEW_HEATERS[kind];
  return { ...heater, sourceC: roundTemperature(heater.sourceC, temperature, HEATER_STEP_F) };
}
