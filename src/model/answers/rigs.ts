import { beadCm3 } from '@/core/rigs/bead-volume';
import { hookSpacing } from '@/core/rigs/kinds/cable-set';
import { cordLength, shotFor } from '@/core/rigs/kinds/shot-cord';
import { findMatch } from '@/core/rigs/match-table';
import { TYPICAL_MATCHES } from '@/reference/matches';
import { lengthText, massText, sizeText } from '@/text/words';
import { offBy } from './off-by';
import { known, unknown, quickAnswer } from './quick-answer';

/** What beads and shot are made of, g/cm3; typical of what is sold. */
const BEADS = { lead: 11.2, tungsten: 17.5, brass: 8.5, steel: 7.85, glass: 2.5 } as const;
const SEAL_MM = 8;

/** How many beads make a weight. */
export const beadWeight = quickAnswer({
  id: 'bead-weight',
  asks: 'How many beads make my weight?',
  fields: {
    g: { label: 'Weight wanted', is: 'mass', usual: 20, least: 0.5, most: 500 },
    across: { label: 'A bead, across', is: 'length', usual: 6, least: 1, most: 30 },
    hole: { label: 'Its hole', is: 'length', usual: 1.5, least: 0, most: 20 },
    of: {
      label: 'of',
      is: 'choice',
      usual: 'lead',
      options: Object.keys(BEADS).map((value) => ({ value, label: value })),
    },
  },
  source: 'A round bead with a straight hole; typical densities. The cord is sealed at either end.',
  answer: (asked, { mass, length }) => {
    const each = beadCm3(asked.across, asked.hole) * BEADS[asked.of as keyof typeof BEADS];
    if (each <= 0) return unknown('The hole is as wide as the bead. Measure both again.');
    const shots = shotFor(asked.g, each, 0);
    const massG = shots * each;
    return known(
      `${shots} ${shots === 1 ? 'bead' : 'beads'}`,
      `They come to ${massText(massG, mass)}, ${offBy(massG / asked.g - 1) ?? 'as wanted'}; one weighs ${massText(each, mass)}.`,
      `Cord: ${lengthText(cordLength(shots, asked.across, SEAL_MM), length)} long.`,
    );
  },
  opens: { at: 'Rig', href: (asked) => `/rig?part=rig&new=shot-cord&targetG=${asked.g}` },
});

/** How long a hook set is. */
export const hookSet = quickAnswer({
  id: 'hook-set',
  asks: 'How far apart go the hooks of a set?',
  fields: {
    lure: { label: 'Lure, long', is: 'length', usual: 180, least: 30, most: 600 },
    reach: {
      label: 'Reach',
      is: 'choice',
      usual: 'regular',
      options: [
        { value: 'regular', label: 'regular' },
        { value: 'long', label: 'long' },
      ],
    },
  },
  source:
    'Practice, typical: two fifths of the lure, or a little over half. Local rules may limit hooks and their reach.',
  answer: (asked, { length }) => {
    const mm = hookSpacing(asked.lure, asked.reach);
    return known(
      `${lengthText(mm, length)}, eye to eye`,
      `${Math.round((mm / asked.lure) * 100)} % of the lure’s ${lengthText(asked.lure, length)}.`,
    );
  },
  opens: { at: 'Rig', href: (asked) => `/rig?part=rig&new=cable-set&lureMm=${asked.lure}` },
});

/** Which crimp goes on a cable. */
export const crimpFor = quickAnswer({
  id: 'crimp-for',
  asks: 'Which crimp goes on my cable?',
  fields: { cable: { label: 'Cable, thick', is: 'length', usual: 0.6, least: 0.1, most: 5 } },
  source: 'Typical, from what packets say of themselves: try one on a scrap, and pull it.',
  answer: (asked, { length }) => {
    const match = findMatch(TYPICAL_MATCHES, 'crimp-by-cable', asked.cable);
    return match
      ? known(
          `${sizeText(match.takes, length)} inside`,
          'The cable goes through it twice, with a little room.',
        )
      : unknown(
          `No table reaches a cable of ${sizeText(asked.cable, length)}. Measure a crimp’s bore: it should be a little over twice that.`,
        );
  },
  opens: { at: 'Rig, Matches', href: () => '/rig?part=matches' },
});
