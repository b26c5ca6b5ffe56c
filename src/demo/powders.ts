import type { PowderBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';

type Card = Pick<PowderBin, 'cures' | 'maxC' | 'fuseC' | 'densityGcm3'>;

/** Three sorts of card: what most state, a powder for low heat, and one that yellows soon. */
const CARDS = {
  usual: (): Card => ({
    cures: [
      { cureC: 177, cureMin: 15 },
      { cureC: 190, cureMin: 10 },
    ],
    maxC: 205,
    fuseC: 115,
    densityGcm3: 1.5,
  }),
  low: (): Card => ({ cures: [{ cureC: 150, cureMin: 20 }], maxC: 180, fuseC: 100, densityGcm3: 1.45 }),
  glow: (): Card => ({ cures: [{ cureC: 163, cureMin: 20 }], maxC: 178, fuseC: 110, densityGcm3: 1.7 }),
};

interface Powder {
  readonly name: string;
  readonly hex: string;
  readonly finish: PowderBin['finish'];
  readonly secondHex?: string;
  readonly card: keyof typeof CARDS;
}

const POWDERS: readonly Powder[] = [
  { name: 'reed green', hex: '#5d7a3a', finish: 'solid', card: 'usual' },
  { name: 'silt brown', hex: '#6b5236', finish: 'solid', card: 'usual' },
  { name: 'pale belly', hex: '#e9e2cf', finish: 'solid', card: 'usual' },
  { name: 'ember fleck', hex: '#b8441c', finish: 'flake', secondHex: '#f2b56b', card: 'usual' },
  { name: 'slack water', hex: '#7d8f8c', finish: 'solid', card: 'low' },
  { name: 'night eel', hex: '#23262e', finish: 'solid', card: 'usual' },
  { name: 'mussel blue', hex: '#34506e', finish: 'solid', card: 'usual' },
  { name: 'straw', hex: '#d8bc6a', finish: 'solid', card: 'low' },
  { name: 'rust spark', hex: '#8e4a26', finish: 'flake', secondHex: '#d99a55', card: 'usual' },
  { name: 'frost', hex: '#eef4f4', finish: 'clear', card: 'usual' },
  { name: 'kelp', hex: '#3f4f2f', finish: 'two-tone', secondHex: '#8a9a4f', card: 'low' },
  { name: 'dusk', hex: '#a79cc0', finish: 'glow', card: 'glow' },
];

const JAR_G = 250;

/** The powders of the made-up bench, in the order of its color list. */
export function demoPowder(index: number, place: string, lowAt: number): PowderBin {
  const powder = POWDERS[index];
  if (!powder) throw new RangeError(`demoPowder requires one of ${POWDERS.length} powders, not ${index}`);
  return {
    id: powderId(powder.name),
    kind: 'powder',
    costEach: null,
    unit: 'g',
    name: `Powder, ${powder.name}`,
    place,
    lowAt,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    hex: powder.hex,
    finish: powder.finish,
    secondHex: powder.secondHex ?? null,
    ...CARDS[powder.card](),
    cardBasis: 'card',
    utilization: null,
    jarG: JAR_G,
  };
}

/** The bin of a powder by its color. */
export function powderId(color: string): string {
  return `powder-${color.replace(/\s/g, '-')}`;
}
