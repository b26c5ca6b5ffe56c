import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';
import { kgf } from './joints';

const SOURCE = 'Typical: lengths and strains that such packets state. The packet’s own wins.';
const common = { group: 'Line, cable and tube', as: 'rig', source: SOURCE } as const;

type Row = readonly [inches: number, metricMm: number, pounds: number, massG: number];

const ready = (rows: readonly Row[]): TypicalSize[] =>
  rows.map(([inches, metricMm, pounds, massG]) =>
    size(`${inches}`, {
      sizes: { lengthMm: round(inches * 25.4, 4), breakKgf: kgf(pounds) },
      massG,
      metric: `${metricMm} mm, ${round(kgf(pounds), 2)} kg`,
      inch: `${inches} in, ${pounds} lb`,
    }),
  );

export const readyLeader: PartKind = partKind({
  ...common,
  id: 'ready-leader',
  one: 'Ready leader',
  many: 'Leaders, ready',
  words: ['wire leader', 'trace', 'pike leader', 'steel leader', 'bought rig', 'snap and swivel'],
  sizes: ready([
    [6, 150, 20, 1.1],
    [9, 230, 30, 1.4],
    [12, 300, 45, 1.9],
    [18, 450, 60, 2.6],
  ]),
  usual: '9',
  pack: 3,
});

export const readyStinger: PartKind = partKind({
  ...common,
  id: 'ready-stinger',
  one: 'Ready stinger',
  many: 'Stingers and assist hooks, ready',
  words: ['assist hook', 'stinger hook', 'bought rig', 'trailer hook', 'snelled hook', 'ready rig'],
  sizes: ready([
    [1.5, 40, 40, 0.9],
    [2.5, 65, 60, 1.4],
    [4, 100, 80, 2],
  ]),
  usual: '2.5',
  pack: 2,
});
