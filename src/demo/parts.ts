import type { PartBin, PowderBin, StrandBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import { measuredOf } from './gauges';
import { demoPowder } from './powders';
import { COLOR_HEX, demoTab } from './strands';
import type { DemoTools } from './tools';

interface Family {
  readonly sort: string;
  readonly place: string;
  readonly names: readonly string[];
  readonly unit?: 'g' | 'mm';
  readonly massG: number | null;
  readonly lowAt: number;
  readonly most: number;
}

const COLORS = [
  'reed green',
  'silt brown',
  'pale belly',
  'ember fleck',
  'slack water',
  'night eel',
  'mussel blue',
  'straw',
  'rust spark',
  'frost',
  'kelp',
  'dusk',
];
const SIZED = (name: string, sizes: readonly string[]) => sizes.map((size) => `${name} ${size}`);

const FAMILIES: readonly Family[] = [
  {
    sort: 'skirt tabs',
    place: 'Skirt drawer',
    names: COLORS.map((color) => `Tab, ${color}`),
    massG: 0.62,
    lowAt: 6,
    most: 48,
  },
  {
    sort: 'fine tabs',
    place: 'Skirt drawer',
    names: COLORS.map((color) => `Fine tab, ${color}`),
    massG: 0.41,
    lowAt: 6,
    most: 30,
  },
  {
    sort: 'collars',
    place: 'Tin 1',
    names: COLORS.map((color) => `Collar, ${color}`),
    massG: 0.06,
    lowAt: 20,
    most: 90,
  },
  {
    sort: 'powder',
    place: 'Powder cupboard',
    names: COLORS.map((color) => `Powder, ${color}`),
    unit: 'g',
    massG: 1,
    lowAt: 40,
    most: 240,
  },
  {
    sort: 'leaf blades',
    place: 'Blade box',
    names: SIZED('Leaf blade, nickel', ['30 mm', '35 mm', '40 mm', '46 mm', '52 mm', '60 mm']),
    massG: 1.1,
    lowAt: 8,
    most: 40,
  },
  {
    sort: 'round blades',
    place: 'Blade box',
    names: SIZED('Round blade, brass', ['16 mm', '20 mm', '24 mm', '28 mm', '33 mm']),
    massG: 1.3,
    lowAt: 8,
    most: 40,
  },
  {
    sort: 'drop blades',
    place: 'Blade box',
    names: SIZED('Drop blade, copper', ['22 mm', '27 mm', '32 mm', '38 mm']),
    massG: 1.2,
    lowAt: 8,
    most: 30,
  },
  {
    sort: 'clevises',
    place: 'Tin 2',
    names: SIZED('Clevis, folded', ['small', 'middle', 'large']),
    massG: 0.12,
    lowAt: 20,
    most: 120,
  },
  {
    sort: 'beads',
    place: 'Tin 2',
    names: [
      ...SIZED('Bead, brass', ['2.4 mm', '3.2 mm', '4 mm', '5 mm']),
      ...SIZED('Bead, glass red', ['4 mm', '6 mm', '8 mm']),
    ],
    massG: 0.2,
    lowAt: 40,
    most: 260,
  },
  {
    sort: 'swivels',
    place: 'Tin 3',
    names: [
      ...SIZED('Barrel swivel', ['#12', '#10', '#8', '#6', '#4', '#2']),
      ...SIZED('Ball swivel', ['#3', '#2', '#1']),
    ],
    massG: 0.4,
    lowAt: 20,
    most: 120,
  },
  {
    sort: 'snaps',
    place: 'Tin 3',
    names: SIZED('Snap', ['10 kg', '15 kg', '22 kg', '30 kg']),
    massG: 0.35,
    lowAt: 20,
    most: 90,
  },
  {
    sort: 'split rings',
    place: 'Tin 4',
    names: SIZED('Split ring', ['4 mm', '5 mm', '6 mm', '7 mm', '8 mm', '10 mm']),
    massG: 0.15,
    lowAt: 30,
    most: 150,
  },
  {
    sort: 'solid rings',
    place: 'Tin 4',
    names: SIZED('Solid ring', ['4 mm', '5 mm', '6 mm']),
    massG: 0.2,
    lowAt: 20,
    most: 80,
  },
  {
    sort: 'crimps',
    place: 'Tin 5',
    names: SIZED('Crimp', ['0.8 mm', '1.0 mm', '1.2 mm', '1.4 mm', '1.6 mm', '2.0 mm']),
    massG: 0.1,
    lowAt: 110,
    most: 260,
  },
  {
    sort: 'shrink tube',
    place: 'Rig drawer',
    unit: 'mm',
    names: SIZED('Shrink tube', ['1.6 mm', '2.4 mm', '3.2 mm', '4.8 mm']),
    massG: null,
    lowAt: 3,
    most: 18,
  },
  {
    sort: 'rig hooks',
    place: 'Rig drawer',
    names: [
      ...SIZED('Rig hook, wide', ['#6', '#4', '#2', '1/0', '2/0', '4/0']),
      ...SIZED('Treble', ['#8', '#6', '#4', '#2', '1/0']),
    ],
    massG: 0.5,
    lowAt: 50,
    most: 160,
  },
  {
    sort: 'weed guards',
    place: 'Tin 6',
    names: COLORS.slice(0, 8).map((color) => `Guard, ${color}`),
    massG: 0.18,
    lowAt: 12,
    most: 60,
  },
  {
    sort: 'rattles',
    place: 'Tin 6',
    names: SIZED('Rattle, glass', ['3 mm', '4 mm', '5 mm']),
    massG: 0.4,
    lowAt: 10,
    most: 50,
  },
  {
    sort: 'wire frames',
    place: 'Wire rack',
    names: [
      ...SIZED('Spinner frame', ['short 1.0 mm', 'long 1.0 mm', 'short 1.2 mm']),
      ...SIZED('Straight wire, loop', ['0.8 mm', '1.0 mm']),
    ],
    massG: 2.4,
    lowAt: 10,
    most: 45,
  },
  {
    sort: 'eyes',
    place: 'Tin 7',
    names: [
      ...SIZED('Eye, pearl', ['3 mm', '4 mm', '5 mm', '6 mm']),
      ...SIZED('Eye, amber', ['4 mm', '5 mm']),
    ],
    massG: 0.03,
    lowAt: 20,
    most: 160,
  },
  {
    sort: 'trailers',
    place: 'Soft bait box',
    names: COLORS.map((color) => `Trailer, ${color}`),
    massG: 2.2,
    lowAt: 6,
    most: 36,
  },
  {
    sort: 'floats',
    place: 'Rig drawer',
    names: SIZED('Rig float', ['10 mm', '14 mm', '18 mm']),
    massG: 0.6,
    lowAt: 10,
    most: 40,
  },
  {
    sort: 'line and cord',
    place: 'Spool rack',
    names: [
      'Leader 0.40 mm',
      'Leader 0.60 mm',
      'Cable 9 kg',
      'Cable 18 kg',
      'Assist cord 1.4 mm',
      'Tying floss, red',
    ],
    unit: 'mm',
    massG: null,
    lowAt: 1,
    most: 5,
  },
  {
    sort: 'packing',
    place: 'Back shelf',
    names: ['Card, printed', 'Bag, small', 'Bag, large', 'Label roll'],
    massG: null,
    lowAt: 20,
    most: 200,
  },
  {
    sort: 'pins',
    place: 'Tin 8',
    names: SIZED('Guard pin, coated', ['2.0 mm', '2.4 mm', '3.2 mm']),
    massG: 0.9,
    lowAt: 4,
    most: 12,
  },
];

/** Small parts and powders of the made-up bench, with how much of each there is. */
export function demoParts(tools: DemoTools): { bin: PartBin | PowderBin | StrandBin; qty: number }[] {
  return FAMILIES.flatMap((family) =>
    family.names.map((name, index) => {
      const isLow = tools.happens(0.07);
      const most = isLow ? family.lowAt : family.most;
      const qty = tools.whole(isLow ? 0 : family.lowAt, most);
      const place = `${family.place}, ${String.fromCharCode(65 + (index % 6))}${1 + Math.floor(index / 6)}`;
      if (family.sort === 'powder') return { bin: demoPowder(index, place, family.lowAt), qty };
      const color = name.replace(/^[^,]*, /, '');
      if (family.sort === 'skirt tabs' || family.sort === 'fine tabs') {
        return { bin: demoTab(color, family.sort === 'fine tabs', place, family.lowAt), qty };
      }
      const bin: PartBin = {
        ...PLAIN_PART,
        id: `part-${family.sort.replace(/\s/g, '-')}-${index + 1}`,
        kind: 'part',
        unit: family.unit ?? 'pieces',
        name,
        place,
        lowAt: family.unit === 'mm' ? 1000 * family.lowAt : family.lowAt,
        retired: false,
        ...PLAIN_BIN,
        note: '',
        sort: family.sort,
        massG: family.massG,
        hex: COLOR_HEX[color] ?? null,
        ...measuredOf(family.sort, index),
      };
      return { bin, qty };
    }),
  );
}
