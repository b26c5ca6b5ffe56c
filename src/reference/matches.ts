import type { MatchLine } from '@/core/rigs/match-table';

const lines = (
  table: MatchLine['table'],
  edges: readonly (readonly [from: number, to: number, takes: number])[],
): MatchLine[] => edges.map(([from, to, takes]) => ({ table, from, to, takes, basis: 'typical' }));

/**
 * What usually suits what. 'typical': try one, then write down what you tried.
 * Source: practice; midpoints of what common packets say of themselves.
 */
export const TYPICAL_MATCHES: readonly MatchLine[] = [
  // Cable, mm thick, to crimp, mm inside: twice the cable and a little room.
  ...lines('crimp-by-cable', [
    [0.14, 0.19, 0.4],
    [0.19, 0.24, 0.5],
    [0.24, 0.29, 0.6],
    [0.29, 0.38, 0.8],
    [0.38, 0.47, 1],
    [0.47, 0.56, 1.2],
    [0.56, 0.65, 1.4],
    [0.65, 0.76, 1.6],
    [0.76, 0.98, 2],
    [0.98, 1.2, 2.5],
    [1.2, 1.46, 3],
    [1.46, 1.7, 3.5],
    [1.7, 2.08, 4.2],
    [2.08, 2.5, 5],
  ]),
  // Hook, mm across its eye, to tube, mm inside as it comes.
  ...lines('tube-by-hook', [
    [0.5, 1.55, 1.6],
    [1.55, 2.35, 2.4],
    [2.35, 3.15, 3.2],
    [3.15, 4.75, 4.8],
    [4.75, 6.35, 6.4],
  ]),
  // Load, kg, to split ring, mm across.
  ...lines('ring-by-load', [
    [0, 9, 4],
    [9, 15, 5],
    [15, 22, 6],
    [22, 30, 7],
    [30, 39, 8],
    [39, 62, 10],
  ]),
  // Line, mm thick, to bead, mm across.
  ...lines('bead-by-line', [
    [0.1, 0.28, 2.4],
    [0.28, 0.45, 3.2],
    [0.45, 0.7, 4],
    [0.7, 1.2, 5],
  ]),
];
