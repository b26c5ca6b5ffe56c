import type { StrandBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';

/** The colors of the made-up bench, as rubber and dyed parts have them. */
export const COLOR_HEX: Readonly<Record<string, string>> = {
  'reed green': '#5f6f35',
  'silt brown': '#5a4433',
  'pale belly': '#d9d0a9',
  'ember fleck': '#cc5522',
  'slack water': '#8a9a94',
  'night eel': '#2b2c36',
  'mussel blue': '#3b5878',
  straw: '#d2b35a',
  'rust spark': '#9a5028',
  frost: '#e6ecec',
  kelp: '#444f2a',
  dusk: '#8f7fa8',
};

const FLAKES: Readonly<Record<string, StrandBin['flakes']>> = {
  'ember fleck': [{ hex: '#f2c27a', sizeMm: 0.4 }],
  'rust spark': [{ hex: '#d99a55', sizeMm: 0.4 }],
  'slack water': [{ hex: '#e9efe9', sizeMm: 0.2 }],
  kelp: [
    { hex: '#8a9a4f', sizeMm: 0.2 },
    { hex: '#1f2414', sizeMm: 0.4 },
  ],
};

const CLEAR: Readonly<Record<string, number>> = { frost: 0.5, 'slack water': 0.3, 'pale belly': 0.15 };

/** The bin of a color's tabs. */
export function tabId(color: string, isFine = false): string {
  return `${isFine ? 'fine-tab' : 'tab'}-${color.replace(/\s/g, '-')}`;
}

/** Tabs of a color: the usual ones, or fine ones with more and thinner strands. */
export function demoTab(color: string, isFine: boolean, place: string, lowAt: number): StrandBin {
  return {
    id: tabId(color, isFine),
    kind: 'strand',
    form: 'tab',
    unit: 'pieces',
    name: `${isFine ? 'Fine tab' : 'Tab'}, ${color}`,
    place,
    lowAt,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    hex: COLOR_HEX[color] ?? '#777777',
    flakes: FLAKES[color] ?? [],
    translucency: CLEAR[color] ?? 0,
    strandWidthMm: isFine ? 0.7 : 1,
    strandsPerTab: isFine ? 28 : 20,
    longMm: 130,
    massG: isFine ? 0.41 : 0.62,
    costEach: isFine ? 0.32 : 0.26,
  };
}

type Other = Pick<
  StrandBin,
  | 'id'
  | 'form'
  | 'unit'
  | 'name'
  | 'hex'
  | 'strandWidthMm'
  | 'strandsPerTab'
  | 'longMm'
  | 'massG'
  | 'costEach'
>;

const OTHERS: readonly (Other & { readonly qty: number })[] = [
  ...(
    [
      ['white', '#efece2', 14],
      ['straw', '#cdb368', 9],
      ['black', '#26262a', 11],
      ['crimson', '#8f2432', 4],
    ] as const
  ).map(([color, hex, qty]) => ({
    id: `hair-${color}`,
    form: 'hair' as const,
    unit: 'g' as const,
    name: `Hair, ${color}`,
    hex,
    strandWidthMm: 0.12,
    strandsPerTab: null,
    longMm: 110,
    massG: null,
    costEach: 0.4,
    qty,
  })),
  ...(
    [
      ['hare tan', '#a98a63', 12],
      ['squirrel gray', '#7d7a76', 7],
    ] as const
  ).map(([color, hex, qty]) => ({
    id: `fur-${color.replace(/\s/g, '-')}`,
    form: 'fur' as const,
    unit: 'pieces' as const,
    name: `Fur, ${color}`,
    hex,
    strandWidthMm: 0.06,
    strandsPerTab: 900,
    longMm: 55,
    massG: 0.12,
    costEach: 0.2,
    qty,
  })),
  ...(
    [
      ['ink', '#2d3350', 6],
      ['pearl', '#e3dccb', 5],
    ] as const
  ).map(([color, hex, qty]) => ({
    id: `sheet-${color}`,
    form: 'sheet' as const,
    unit: 'pieces' as const,
    name: `Sheet, ${color}`,
    hex,
    strandWidthMm: 3,
    strandsPerTab: 24,
    longMm: 120,
    massG: 3.1,
    costEach: 0.9,
    qty,
  })),
];

/** Hair, fur and sheets of the made-up bench, with how much of each there is. */
export function demoHair(): { bin: StrandBin; qty: number }[] {
  return OTHERS.map(({ qty, ...bin }, index) => ({
    bin: {
      ...bin,
      kind: 'strand',
      place: `Hair box, ${index + 1}`,
      lowAt: null,
      retired: false,
      ...PLAIN_BIN,
      note: '',
      flakes: [],
      translucency: 0,
    },
    qty,
  }));
}
