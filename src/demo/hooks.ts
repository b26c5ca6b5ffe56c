import { guessHookMass, type HookDimensions } from '@/core/cavities/guess-hook-mass';
import type { HookBin } from '@/records/bin';
import { findThingKind, findTypicalSize } from '@/reference/typical';
import { PLAIN_BIN } from '@/records/plain-bin';

/** Jig hooks as they are commonly sold, in the sizes of this bench. */
const TYPICAL: Readonly<Record<string, HookDimensions>> = Object.fromEntries(
  ['#8', '#6', '#4', '#2', '#1', '1/0', '2/0', '3/0', '4/0', '5/0', '6/0'].map((key) => {
    const { sizes } = findTypicalSize(findThingKind('jig-hook'), key);
    const { wireMm = 1, lengthMm = 28, gapeMm = 11 } = sizes;
    return [key, { wireMm, shankMm: lengthMm, gapeMm }];
  }),
);

const WEIGHED_SIZES = ['#2', '#1', '1/0', '2/0', '3/0', '4/0'];

/** Hooks of the made-up bench: a bronze row of every size, and three long-shank and strong ones. */
export function demoHooks(): HookBin[] {
  const rows = Object.entries(TYPICAL).map(([size, dimensions], index): HookBin => {
    const isWeighed = WEIGHED_SIZES.includes(size);
    const mass = guessHookMass(dimensions) * (isWeighed ? 1.06 : 1);
    return hook(
      `hook-${size.replace('/', '-').replace('#', 'n')}`,
      `Jig hook ${size}`,
      size,
      dimensions,
      mass,
      isWeighed,
      `Hook tray, row ${index + 1}`,
    );
  });
  const long = (['2/0', '3/0'] as const).map((size): HookBin => {
    const typical = TYPICAL[size];
    if (!typical) throw new Error(`demoHooks requires a typical hook ${size}`);
    const dimensions = { ...typical, shankMm: typical.shankMm + 7 };
    const id = `hook-${size.replace('/', '-')}-long`;
    return hook(
      id,
      `Jig hook ${size}, long shank`,
      size,
      dimensions,
      guessHookMass(dimensions),
      false,
      'Hook tray, lid',
    );
  });
  const heavy = { wireMm: 1.7, shankMm: 43, gapeMm: 17.5 };
  return [
    ...rows,
    ...long,
    hook(
      'hook-5-0-strong',
      'Jig hook 5/0, strong',
      '5/0',
      heavy,
      guessHookMass(heavy),
      false,
      'Hook tray, lid',
    ),
  ];
}

function hook(
  id: string,
  name: string,
  size: string,
  dimensions: { wireMm: number; shankMm: number; gapeMm: number },
  mass: number,
  isWeighed: boolean,
  place: string,
): HookBin {
  return {
    id,
    kind: 'hook',
    costEach: null,
    unit: 'pieces',
    name,
    place,
    lowAt: 30,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    size,
    massG: Math.round(mass * 1000) / 1000,
    massBasis: isWeighed ? 'weighed' : 'guess',
    ...dimensions,
  };
}
