import type { RigFinding } from '@/core/rigs/rig-finding';
import { rigSentence } from './rig-sentence';
import { METRIC } from './written-in';

const right = { binId: 'b', name: 'Crimp 1.2 mm' };
const base = { weight: 'stop', at: ['x'] } as const;

const FINDINGS: readonly (readonly [RigFinding, RegExp])[] = [
  [{ ...base, code: 'missing', what: 'cable' }, /It has no cable yet/],
  [
    { ...base, code: 'crimp-wrong', name: 'Crimp 2 mm', holeMm: 2, cable: 'Cable', wantMm: 1.2, right: null },
    /None such lies on the shelf/,
  ],
  [
    {
      ...base,
      code: 'tube-small',
      name: 'Tube',
      hook: 'Hook',
      holeMm: 2,
      shrunkMm: 0.7,
      overMm: 3,
      gripMm: 1.4,
      right,
    },
    /it needs 3 mm\. Take Crimp 1\.2 mm\./,
  ],
  [
    {
      ...base,
      code: 'tube-loose',
      name: 'Tube',
      hook: 'Hook',
      holeMm: 6,
      shrunkMm: 2.133,
      overMm: 3,
      gripMm: 1.4,
      right: null,
    },
    /shrinks to 2\.13 mm.*None on the shelf fits/,
  ],
  [{ ...base, code: 'tube-on-bend', name: 'Tube', downMm: 22, shankMm: 18 }, /onto the bend/],
  [{ ...base, code: 'tube-order', frontMm: 10, rearMm: 12 }, /front one is to be the longer/],
  [
    { ...base, code: 'gape-fouls', name: 'Hook', gapeMm: 16, bodyMm: 16, smaller: null, larger: null },
    /A clearly smaller or larger one clears it/,
  ],
  [{ ...base, code: 'hangs-low', name: 'Hook', reachMm: 80, jigMm: 100 }, /Shorten the cord/],
  [{ ...base, code: 'too-weak', weakest: 'Swivel', kgf: 9, loadKgf: 12, right: null }, /lower the load/],
  [{ ...base, code: 'unknown-strength', names: ['Ring', 'Hook'] }, /What Ring, Hook breaks at/],
  [{ ...base, code: 'hole-small', name: 'Bead', holeMm: 0.4, over: 'Line', overMm: 0.5 }, /more room/],
  [{ ...base, code: 'lines-meet', name: 'A', next: 'B' }, /nothing between/],
  [{ ...base, code: 'spacing-odd', mm: 50, regularMm: 60, longMm: 83 }, /60 mm is regular and 83 mm long/],
  [{ ...base, code: 'hooks-meet', name: 'A', next: 'B', overMm: 4 }, /A reaches B by 4 mm/],
  [{ ...base, code: 'off-weight', massG: 27, targetG: 30 }, /comes to 27.0 g for 30.0 g/],
  [{ ...base, code: 'not-measured', name: 'Crimp', what: 'crimp inside' }, /Measure it at Build, Parts/],
];

it.each(FINDINGS.map(([finding, words]) => [finding.code, finding, words] as const))(
  '%s says what is wrong and what would be right',
  (_, finding, words) => {
    expect(rigSentence(finding, METRIC)).toMatch(words);
  },
);
