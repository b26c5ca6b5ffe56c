import { guessHookMass, type HookDimensions } from '@/core/cavities/guess-hook-mass';
import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { HookKind, PartKind, TypicalSize } from '../thing-kind';

/**
 * Hooks by size: wire, shank from eye bend to hook bend, gape, all in mm. 'typical': packets differ between makers by
 * some 10 %. Source: midpoints of the spread between common packets of jig hooks.
 */
const BASE: readonly (readonly [size: string, wireMm: number, shankMm: number, gapeMm: number])[] = [
  ['#20', 0.3, 6, 2],
  ['#18', 0.33, 7, 2.4],
  ['#16', 0.37, 8.2, 2.8],
  ['#14', 0.42, 9.5, 3.3],
  ['#12', 0.48, 11, 3.8],
  ['#10', 0.54, 12.5, 4.4],
  ['#8', 0.6, 14, 5],
  ['#6', 0.65, 16, 6],
  ['#4', 0.75, 19, 7],
  ['#2', 0.85, 22.5, 8.5],
  ['#1', 0.9, 25, 9.5],
  ['1/0', 1, 28, 11],
  ['2/0', 1.1, 31.5, 12.5],
  ['3/0', 1.2, 35, 14],
  ['4/0', 1.3, 39, 15.5],
  ['5/0', 1.45, 43, 17.5],
  ['6/0', 1.6, 48, 19.5],
  ['7/0', 1.75, 53, 21.5],
  ['8/0', 1.9, 58.5, 24],
  ['9/0', 2.05, 64, 26.5],
  ['10/0', 2.2, 70, 29],
  ['11/0', 2.4, 76.5, 32],
  ['12/0', 2.6, 83.5, 35],
];

const SOURCE =
  'Typical: midpoints of the spread between common packets, which differ by some 10 %. Measure yours.';
/** Kilograms that steel wire of a hook bears, for each square millimeter of its side: at the bend it opens. */
const BEARS_KGF_PER_MM2 = 23;
const EYE_PER_WIRE = 1.6;

interface Pattern {
  readonly from: string;
  readonly to: string;
  readonly wire: number;
  readonly shank: number;
  readonly gape: number;
}

function hooksOf(pattern: Pattern): readonly (readonly [key: string, HookDimensions])[] {
  const keys = BASE.map(([key]) => key);
  return BASE.slice(keys.indexOf(pattern.from), keys.indexOf(pattern.to) + 1).map(
    ([key, wireMm, shankMm, gapeMm]) => [
      key,
      {
        wireMm: round(wireMm * pattern.wire),
        shankMm: round(shankMm * pattern.shank),
        gapeMm: round(gapeMm * pattern.gape),
      },
    ],
  );
}

/** Hooks that are cast in: what the metal takes hold of is their shank. */
function castIn(pattern: Pattern): TypicalSize[] {
  return hooksOf(pattern).map(([key, { wireMm, shankMm, gapeMm }]) =>
    size(key, {
      sizes: { wireMm, lengthMm: shankMm, gapeMm },
      massG: round(guessHookMass({ wireMm, shankMm, gapeMm })),
    }),
  );
}

/** Hooks that are tied or linked on. A treble has three bends on one shank. */
function tiedOn(pattern: Pattern, points = 1): TypicalSize[] {
  return hooksOf(pattern).map(([key, hook]) => {
    const { wireMm, shankMm, gapeMm } = hook;
    const bends = guessHookMass(hook) - guessHookMass({ ...hook, gapeMm: 0 });
    return size(key, {
      sizes: {
        lengthMm: shankMm,
        gapeMm,
        wireMm,
        eyeMm: round(wireMm * EYE_PER_WIRE),
        breakKgf: round(BEARS_KGF_PER_MM2 * wireMm ** 2, 2),
        ...(points > 1 ? { points } : {}),
      },
      massG: round(guessHookMass(hook) + (points - 1) * bends),
    });
  });
}

const common = { group: 'Hooks', source: SOURCE, pack: 50 } as const;

export const jigHook: HookKind = {
  ...common,
  id: 'jig-hook',
  makes: 'hook',
  one: 'Jig hook',
  many: 'Jig hooks, to cast in',
  words: ['o-shaughnessy', 'aberdeen', 'bent eye', '60 degree', '90 degree', 'head hook', 'mold hook'],
  sizes: castIn({ from: '#14', to: '12/0', wire: 1, shank: 1, gape: 1 }),
  usual: '2/0',
};

export const sickleHook: HookKind = {
  ...common,
  id: 'sickle-hook',
  makes: 'hook',
  one: 'Sickle hook',
  many: 'Sickle hooks, to cast in',
  words: ['jig hook', 'v bend', 'head hook'],
  sizes: castIn({ from: '#10', to: '6/0', wire: 0.95, shank: 0.95, gape: 1.12 }),
  usual: '1/0',
};

export const wideHook: PartKind = partKind({
  ...common,
  id: 'wide-hook',
  as: 'hook',
  one: 'Wide gape hook',
  many: 'Wide gape hooks',
  words: ['worm hook', 'offset', 'ewg', 'swimbait hook', 'weedless'],
  sizes: tiedOn({ from: '#6', to: '12/0', wire: 1.05, shank: 1.15, gape: 1.25 }),
  usual: '4/0',
});

export const singleHook: PartKind = partKind({
  ...common,
  id: 'inline-single',
  as: 'hook',
  one: 'Inline single hook',
  many: 'Inline single hooks',
  words: ['assist hook', 'siwash', 'lure single', 'cable hook', 'open eye', 'trailer hook', 'stinger'],
  sizes: tiedOn({ from: '#10', to: '12/0', wire: 1.1, shank: 0.85, gape: 1.1 }),
  usual: '3/0',
});

export const circleHook: PartKind = partKind({
  ...common,
  id: 'circle-hook',
  as: 'hook',
  one: 'Circle hook',
  many: 'Circle hooks',
  words: ['catfish', 'flounder'],
  sizes: tiedOn({ from: '#10', to: '12/0', wire: 1.15, shank: 0.72, gape: 0.95 }),
  usual: '4/0',
});

export const trebleHook: PartKind = partKind({
  ...common,
  id: 'treble-hook',
  as: 'hook',
  one: 'Treble hook',
  many: 'Treble hooks',
  words: ['three point', 'triple'],
  sizes: tiedOn({ from: '#20', to: '7/0', wire: 0.95, shank: 0.9, gape: 0.85 }, 3),
  usual: '#4',
});

export const baitHook: PartKind = partKind({
  ...common,
  id: 'bait-hook',
  as: 'hook',
  one: 'Bait hook',
  many: 'Bait hooks',
  words: ['baitholder', 'spade', 'octopus', 'carp', 'hair rig', 'rig hook', 'fly hook'],
  sizes: tiedOn({ from: '#20', to: '8/0', wire: 0.95, shank: 0.95, gape: 0.95 }),
  usual: '#6',
});
