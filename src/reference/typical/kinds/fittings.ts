import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind } from '../thing-kind';

const SOURCE = 'Typical: the sizes that such parts are commonly sold in. Measure yours.';
const common = { group: 'Fittings', source: SOURCE } as const;

export const rattle: PartKind = partKind({
  ...common,
  id: 'rattle',
  as: 'rattle',
  one: 'Rattle',
  many: 'Rattles',
  words: ['glass rattle', 'worm rattle', 'rattle chamber'],
  sizes: (
    [
      ['3', 3, 10.5, 0.16, '1/8 in'],
      ['4', 4, 14, 0.38, '5/32 in'],
      ['4.8', 4.8, 17, 0.66, '3/16 in'],
      ['6', 6, 22, 1.3, '1/4 in'],
    ] as const
  ).map(([key, diameterMm, lengthMm, massG, inch]) =>
    size(key, { sizes: { lengthMm, diameterMm }, massG, metric: `${key} mm`, inch }),
  ),
  usual: '4',
  pack: 25,
});

export const weedGuard: PartKind = partKind({
  ...common,
  id: 'weed-guard',
  as: 'guard',
  one: 'Fiber guard',
  many: 'Fiber weed guards',
  words: ['weedguard', 'brush guard', 'fiber guard', 'bristle'],
  sizes: (
    [
      ['3.2', 3.2, 38, 30, 0.18, '1/8 in'],
      ['4', 4, 44, 45, 0.3, '5/32 in'],
    ] as const
  ).map(([key, diameterMm, lengthMm, fibers, massG, inch]) =>
    size(key, { sizes: { lengthMm, diameterMm, fibers }, massG, metric: `${key} mm`, inch }),
  ),
  usual: '3.2',
  pack: 25,
});

export const keeper: PartKind = partKind({
  ...common,
  id: 'hook-keeper',
  as: 'keeper',
  one: 'Hook keeper',
  many: 'Hook keepers and stops',
  words: ['trailer hook keeper', 'disc', 'rubber stop', 'bait keeper', 'tubing'],
  sizes: [
    size('Small', { sizes: { diameterMm: 6 }, massG: 0.02 }),
    size('Large', { sizes: { diameterMm: 9 }, massG: 0.05 }),
  ],
  usual: 'Small',
  pack: 50,
});

export const strap: PartKind = partKind({
  ...common,
  id: 'strap',
  as: 'strap',
  one: 'Blade strap',
  many: 'Blade straps',
  words: ['hanger', 'under head'],
  sizes: [
    size('Short', { sizes: { lengthMm: 22, wireMm: 0.8 }, massG: 0.25 }),
    size('Long', { sizes: { lengthMm: 34, wireMm: 1 }, massG: 0.5 }),
  ],
  usual: 'Short',
  pack: 25,
});

export const hairStop: PartKind = partKind({
  ...common,
  id: 'stop',
  as: 'stop',
  one: 'Stop',
  many: 'Hair stops and line stops',
  words: ['bait stop', 'boilie stop', 'rubber stop', 'bobber stop'],
  sizes: (
    [
      ['4', 4, 0.01, '5/32 in'],
      ['6', 6, 0.02, '1/4 in'],
      ['8', 8, 0.03, '5/16 in'],
    ] as const
  ).map(([key, lengthMm, massG, inch]) =>
    size(key, { sizes: { lengthMm }, massG, metric: `${key} mm`, inch }),
  ),
  usual: '6',
  pack: 50,
});

export const float: PartKind = partKind({
  ...common,
  id: 'float',
  as: 'float',
  one: 'Float',
  many: 'Floats',
  words: ['bobber', 'slip float', 'pop-up', 'rig float', 'surf float'],
  sizes: (
    [
      ['8', 8, 22, 0.2, '5/16 in'],
      ['10', 10, 30, 0.5, '3/8 in'],
      ['14', 14, 42, 1.3, '9/16 in'],
      ['18', 18, 54, 2.7, '11/16 in'],
      ['25', 25, 75, 7, '1 in'],
    ] as const
  ).map(([key, diameterMm, lengthMm, massG, inch]) =>
    size(key, { sizes: { lengthMm, diameterMm, holeMm: 1.2 }, massG, metric: `${key} mm`, inch }),
  ),
  usual: '14',
  pack: 10,
});

export const feederBody: PartKind = partKind({
  ...common,
  id: 'feeder-body',
  as: 'feeder',
  one: 'Feeder body',
  many: 'Feeder bodies: caps, cages, bases',
  words: ['feeder cap', 'cage feeder', 'open end', 'method', 'bottle cap'],
  sizes: (
    [
      ['Small', 24, 28],
      ['Middle', 28, 34],
      ['Large', 34, 42],
    ] as const
  ).map(([key, diameterMm, lengthMm]) =>
    size(key, {
      sizes: {
        lengthMm,
        diameterMm,
        holeMm: 1.6,
        holdsCm3: round(((Math.PI / 4) * diameterMm ** 2 * lengthMm * 0.7) / 1000, 2),
      },
      massG: round(diameterMm * lengthMm * 0.0046, 2),
    }),
  ),
  usual: 'Middle',
  pack: 10,
});

export const lureBody: PartKind = partKind({
  ...common,
  id: 'lure',
  as: 'lure',
  one: 'Lure',
  many: 'Lures: plugs, spoons, metal jigs',
  words: ['plug', 'minnow', 'crankbait', 'metal jig', 'spoon', 'popper', 'hard bait'],
  sizes: (
    [
      ['60', 60, 14, 6, '2 3/8 in'],
      ['90', 90, 18, 14, '3 1/2 in'],
      ['120', 120, 23, 26, '4 3/4 in'],
      ['160', 160, 30, 60, '6 1/4 in'],
      ['200', 200, 36, 110, '8 in'],
    ] as const
  ).map(([key, lengthMm, bodyMm, massG, inch]) =>
    size(key, { sizes: { lengthMm, bodyMm }, massG, metric: `${key} mm`, inch }),
  ),
  usual: '120',
  pack: 1,
});

export const glue: PartKind = partKind({
  id: 'glue',
  as: 'glue',
  group: 'Fittings',
  unit: 'g',
  one: 'Glue',
  many: 'Glue and cement',
  words: ['gel', 'super glue', 'instant glue', 'epoxy', 'two-part', 'head cement', 'adhesive', 'bottle'],
  source: 'Typical: what a bottle holds. A thin line over a seam takes some 0.1 g, a drop some 0.03 g.',
  sizes: [
    size('3', { massG: 3, metric: '3 g', inch: '1/10 oz' }),
    size('20', { massG: 20, metric: '20 g', inch: '0.7 oz' }),
    size('50', { massG: 50, metric: '50 g', inch: '1 3/4 oz' }),
  ],
  usual: '20',
  pack: 20,
});
