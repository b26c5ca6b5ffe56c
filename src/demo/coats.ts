import type { Coat } from '@/records/coat';
import type { Heater } from '@/records/heater';
import { powderId } from './powders';

interface Recipe {
  readonly id: string;
  readonly name: string;
  readonly base: string | { readonly paint: string; readonly hex: string };
  readonly second?: readonly [color: string, place: 'back' | 'belly' | 'nose' | 'tail', share: number];
  readonly clear?: string;
  readonly eye?: readonly [hex: string, ringHex: string | null];
  readonly note?: string;
}

const RECIPES: readonly Recipe[] = [
  {
    id: 'coat-reed-shiner',
    name: 'Reed shiner',
    base: 'reed green',
    second: ['pale belly', 'belly', 0.4],
    clear: 'frost',
    eye: ['#1a1a1a', '#e4c04a'],
    note: 'Belly first, then the back over it.',
  },
  { id: 'coat-night-eel', name: 'Night eel', base: 'night eel', eye: ['#f4f0e8', null] },
  { id: 'coat-silt-flounder', name: 'Silt flounder', base: 'silt brown', second: ['straw', 'belly', 0.35] },
  { id: 'coat-straw', name: 'Straw', base: 'straw' },
  {
    id: 'coat-pale-zander',
    name: 'Pale zander',
    base: 'pale belly',
    second: ['mussel blue', 'back', 0.4],
    eye: ['#1a1a1a', '#c8501e'],
  },
  { id: 'coat-ember-perch', name: 'Ember perch', base: 'ember fleck', second: ['kelp', 'back', 0.3] },
  { id: 'coat-mussel', name: 'Mussel', base: 'mussel blue', clear: 'frost' },
  { id: 'coat-dusk-glow', name: 'Dusk glow', base: 'dusk', note: 'Turns yellow over 178 C.' },
  {
    id: 'coat-brushed-green',
    name: 'Brushed green',
    base: { paint: 'Air-dry enamel, moss', hex: '#5a6f45' },
    note: 'For bismuth-tin: dries overnight.',
  },
];

/** Recipes of color of the made-up bench. */
export function demoCoats(): Coat[] {
  return RECIPES.map(({ id, name, base, second, clear, eye, note }) => ({
    id,
    name,
    base:
      typeof base === 'string' ? { kind: 'powder', powderBinId: powderId(base) } : { kind: 'air', ...base },
    second: second ? { powderBinId: powderId(second[0]), place: second[1], share: second[2] } : null,
    clearBinId: clear ? powderId(clear) : null,
    eye: eye ? { hex: eye[0], ringHex: eye[1] } : null,
    retired: false,
    note: note ?? '',
  }));
}

/** What heats heads at the made-up bench. Nobody has timed the gun yet; the oven was. */
export function demoHeaters(at: number): Heater[] {
  return [
    { id: 'heat-gun', name: 'Heat gun', kind: 'gun', sourceC: 420, hWm2K: 70, trial: null, oven: null },
    {
      id: 'spirit-flame',
      name: 'Spirit flame',
      kind: 'flame',
      sourceC: 650,
      hWm2K: 55,
      trial: null,
      oven: null,
    },
    {
      id: 'shed-oven',
      name: 'Shed oven',
      kind: 'oven',
      sourceC: 200,
      hWm2K: 24.2,
      trial: {
        at,
        what: 'Round 14 g, 3/0',
        massG: 14,
        specificHeatJkgK: 140,
        areaCm2: 6,
        startC: 20,
        targetC: 115,
        seconds: 101,
      },
      oven: {
        rods: 3,
        slots: 16,
        slotMm: 15,
        dropMm: 62,
        rackG: 620,
        powerW: 1300,
        heatUpMin: 14,
        isForFood: false,
      },
    },
  ];
}
