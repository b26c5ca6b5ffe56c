import type { MistakeId } from './definition';

interface Mistake {
  readonly name: string;
  readonly mend: string;
}

/** What goes wrong in tying, and how it is mended. */
export const MISTAKES: Readonly<Record<MistakeId, Mistake>> = {
  'bald-spot': {
    name: 'A bald spot',
    mend: 'Comb the strands round with a fine comb while the collar still turns; if a side stays bare, lay a quarter tab there.',
  },
  'thin-side': {
    name: 'A thin side',
    mend: 'Push the strands round with a thumbnail before the wraps are tight; where a side stays bare, lay a little more.',
  },
  'cut-too-near': {
    name: 'Cut too near where it is held',
    mend: 'What is short stays short: turn it below, or take it out and keep it for an accent.',
  },
  'thread-slack': {
    name: 'Thread gone slack',
    mend: 'Back off to the last tight wrap and wrap again; the thread hums a little when plucked.',
  },
  'in-the-bend': {
    name: 'Strands caught in the bend',
    mend: 'Free them before the tips are cut, or they pull out at the first cast.',
  },
  'uneven-tips': {
    name: 'Uneven tips',
    mend: 'Hold all tips together, stretch them lightly and cut once, square.',
  },
  'off-center': {
    name: 'Held off the line',
    mend: 'Turn the lure slowly and look along the shank: push the bundle over before the wraps are tight.',
  },
  'legs-overlap': { name: 'Legs overlap', mend: 'Cut one leg off and stretch the rest to close the round.' },
  lopsided: {
    name: 'Heavier on one side',
    mend: 'A lure that is heavier on one side spins: set each tail opposite to one like it.',
  },
  'glue-crept': {
    name: 'Glue crept into the strands',
    mend: 'Gel, one drop. Stiff strands are cut out; they never move again.',
  },
  'pulled-uneven': {
    name: 'One side longer than the other',
    mend: 'Draw the tabs back through the tube until the long side is as long as it is to be, before the collar comes off.',
  },
  'accent-too-short': {
    name: 'Accent cut too short',
    mend: 'It never shows then. Cut a little at a time, and shake the skirt open between.',
  },
  'rattle-aside': {
    name: 'Rattle hangs to one side',
    mend: 'Turn its strap until it lies under the shank: aside it makes the bait roll.',
  },
  'nicked-collar': {
    name: 'Collar nicked by an edge',
    mend: 'A nick tears at the first fish: file the edge on the keeper and take another collar.',
  },
};
