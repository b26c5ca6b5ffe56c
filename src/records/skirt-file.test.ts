import {
  LARGEST_SKIRT_BYTES,
  readSkirtFile,
  SKIRT_FILE_FORMAT,
  writeSkirtFile,
  type SkirtFile,
} from './skirt-file';

const LAYER: SkirtFile['layers'][number] = {
  material: 0,
  amount: { by: 'tabs', tabs: 0.5 },
  place: { at: 'angles', fromDeg: 300, toDeg: 60 },
  lengthMm: 61.5,
  isShort: false,
  isForward: true,
};

const RECIPE: Omit<SkirtFile, 'format' | 'version'> = {
  name: 'Reed perch',
  prey: 'young perch',
  note: 'Two lines\nof note.',
  hold: 'collar-tool',
  materials: [
    {
      name: 'Tab, reed green',
      form: 'tab',
      hex: '#5f6f35',
      flakes: [{ hex: '#e4c04a', sizeMm: 0.3 }],
      translucency: 0.25,
      strandWidthMm: 0.85,
      strandsPerTab: 22,
      longMm: 130,
    },
  ],
  layers: [LAYER],
  counts: { 'tight-wraps': 12 },
  collar: { name: 'Collar, ember', diameterMm: 6.5, atShare: 0.33, headSideMm: 7 },
  wrap: { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.1 },
  tails: [{ angleDeg: 90, massG: 0.4 }],
  shownOn: {
    style: 'round',
    nominalG: 10,
    hook: 'Jig hook 2/0',
    color: null,
    guard: null,
    rattle: null,
    trailer: null,
  },
};

const text = (change: object) =>
  JSON.stringify({ format: SKIRT_FILE_FORMAT, version: 1, ...RECIPE, ...change });

describe('the file of a skirt', () => {
  it('reads back what was written, to the digit', () => {
    const reading = readSkirtFile(writeSkirtFile(RECIPE));
    expect(reading).toEqual({ ok: true, file: { format: SKIRT_FILE_FORMAT, version: 1, ...RECIPE } });
    if (!reading.ok) throw new Error('it reads');
    expect(readSkirtFile(writeSkirtFile(reading.file))).toEqual(reading);
  });

  it.each<[string, string, string, string]>([
    ['what is cut off', writeSkirtFile(RECIPE).slice(0, 80), 'file.not-json', ''],
    ['another file', '{"format":"something"}', 'file.foreign', ''],
    ['a newer form', text({ version: 2 }), 'file.newer', ''],
    ['a script in the name', text({ name: '<script>alert(1)</script>' }), 'file.damaged', 'name'],
    [
      'markup in a material',
      text({ materials: [{ ...RECIPE.materials[0], name: '<img src=x onerror=alert(1)>' }] }),
      'file.damaged',
      'materials.0.name',
    ],
    ['unseen characters', text({ prey: 'perch\u202e' }), 'file.damaged', 'prey'],
    [
      'ten thousand layers',
      text({ layers: Array.from({ length: 10_000 }, () => LAYER) }),
      'file.too-large',
      '',
    ],
    ['fifty layers', text({ layers: Array.from({ length: 50 }, () => LAYER) }), 'file.damaged', 'layers'],
    ['a huge number', text({ layers: [{ ...LAYER, lengthMm: 1e308 }] }), 'file.damaged', 'layers.0.lengthMm'],
    [
      'endless tabs',
      text({ layers: [{ ...LAYER, amount: { by: 'tabs', tabs: 1e9 } }] }),
      'file.damaged',
      'layers.0.amount.tabs',
    ],
    [
      'a material that is not there',
      text({ layers: [{ ...LAYER, material: 4 }] }),
      'file.damaged',
      'layers.0.material',
    ],
    ['an unknown key', text({ surprise: 1 }), 'file.damaged', ''],
    [
      'a color that is none',
      text({ materials: [{ ...RECIPE.materials[0], hex: 'url(x)' }] }),
      'file.damaged',
      'materials.0.hex',
    ],
  ])('refuses %s', (_, file, code, where) => {
    const reading = readSkirtFile(file);
    expect(reading).toMatchObject({
      ok: false,
      problem: { code, ...(code === 'file.damaged' ? { where } : {}) },
    });
  });

  it('is never larger than it says', () => {
    const most = { ...RECIPE, layers: Array.from({ length: 40 }, () => LAYER), note: 'x'.repeat(2000) };
    expect(writeSkirtFile(most).length).toBeLessThan(LARGEST_SKIRT_BYTES / 4);
  });
});
