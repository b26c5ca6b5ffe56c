import { leastLeft } from '../ends';
import { ringReach } from '../ring-reach';
import { gapeFindings } from '../gape-findings';
import type { Rig } from '../rig';
import { seatTube } from '../suits';
import type { RigKind, RigQuestion } from './definition';
import {
  bears,
  bearing,
  hook,
  layOutSteps,
  line,
  measuresOf,
  POINTS,
  put,
  SHRINKING,
  splitRing,
  step,
  want,
  wanted,
} from './usual';

const JIG = want('jigMm', 'Jig', 'mm', 110, 500, 20);
const BODY = want('bodyMm', 'Across its body', 'mm', 16, 120, 2);
const HANG = want('hangPercent', 'Hook reaches down', 'percent', 45, 100, 5);
const LOAD = want('loadKgf', 'Must hold', 'kgf', 20, 200);

/** Lower than this share of the jig is not about half way any more. */
const LOWEST_SHARE = 0.55;
/** A hook is meant to hang about there: off by less than this share of the jig is nothing to say. */
const ABOUT_SHARE = 0.05;
/** Cord under this ties no knot. */
const LEAST_CORD_MM = 8;

/** How far below the jig’s eye the hook’s bend hangs, mm. */
export function assistReach({ items }: Pick<Rig, 'items'>): number {
  return items.reduce((total, { part: { gauge }, lengthMm }) => {
    if (gauge.as === 'hook') return total + (gauge.sizes.lengthMm ?? 0);
    if (gauge.as === 'line') return total + (lengthMm ?? 0);
    return total + ringReach(gauge);
  }, 0);
}

const tieOf = ({ picks }: Pick<RigQuestion, 'picks'>) => (picks.tie === 'knot' ? 'knot' : 'snell');

/** A hook on cord beside a jig: high enough, clear of its body, tied to a ring. */
export const assist: RigKind<'assist'> = {
  id: 'assist',
  name: 'Assist hook',
  how: 'A hook on cord at the jig’s eye: it hangs about half way or higher, and clears the body.',
  wants: [JIG, BODY, HANG, LOAD],
  picks: [
    {
      id: 'joint',
      label: 'To the jig',
      options: [
        { value: 'solid', label: 'solid and split ring' },
        { value: 'split', label: 'straight to the split ring' },
      ],
    },
    {
      id: 'tie',
      label: 'Tied by',
      options: [
        { value: 'snell', label: 'a snell' },
        { value: 'knot', label: 'a knot' },
      ],
    },
  ],
  places: [
    splitRing('split', 'Split ring'),
    { ...bearing('solid', 'Solid ring', ['solid']), when: ({ joint }) => joint !== 'split' },
    {
      id: 'cord',
      name: 'Cord',
      takes: ['line'],
      line: ['cord'],
      isNeeded: true,
      wish: (question) => bears(question, leastLeft(['overhand-loop', tieOf(question)], 'cord')),
    },
    hook('hook', 'Hook', ({ wants }) => (wants.bodyMm ?? BODY.usual) * 1.2),
    {
      id: 'tube',
      name: 'Tube',
      takes: ['tube'],
      isNeeded: false,
      wish: ({ chosen: { hook: on, cord }, matches }) => ({
        size: 'holeMm',
        value: 2.4,
        how: 'at-least',
        fits: (piece) => !on || seatTube(piece, on, cord ?? null, matches)?.verdict === 'fits',
      }),
    },
  ],
  lay: (question) => {
    const { chosen, picks } = question;
    const rings = picks.joint === 'split' ? [chosen.split] : [chosen.split, chosen.solid];
    const ringsMm = rings.reduce((total, ring) => total + (ring ? ringReach(ring.gauge) : 0), 0);
    const hookMm = chosen.hook?.gauge.sizes.lengthMm ?? 0;
    const reachMm = (wanted(question, JIG) * wanted(question, HANG)) / 100;
    const cordMm = Math.max(LEAST_CORD_MM, reachMm - ringsMm - hookMm);
    return [
      ...put(question, 'split'),
      ...(picks.joint === 'split' ? [] : put(question, 'solid')),
      ...put(question, 'cord', line(cordMm, 'overhand-loop', tieOf({ picks }))),
      ...put(question, 'tube', { lengthMm: Math.round(hookMm * 0.5) || 10 }),
      ...put(question, 'hook'),
    ];
  },
  judge: (rig, shelf) => {
    const at = rig.items.find(({ place }) => place === 'hook');
    const found = gapeFindings(at, rig.wants.bodyMm ?? BODY.usual, shelf);
    const jigMm = rig.wants.jigMm ?? JIG.usual;
    const reachMm = assistReach(rig);
    const cord = rig.items.find(({ place }) => place === 'cord');
    const wishedMm = (jigMm * (rig.wants.hangPercent ?? HANG.usual)) / 100;
    // Shorter than a knot takes no cord is: then it hangs as high as it can.
    if (at && cord?.lengthMm === LEAST_CORD_MM && reachMm - wishedMm > ABOUT_SHARE * jigMm) {
      found.push({
        code: 'cord-least',
        weight: 'mind',
        at: [cord.id],
        name: cord.part.name,
        leastMm: LEAST_CORD_MM,
        reachMm,
        wishedMm,
      });
    }
    if (at && reachMm > LOWEST_SHARE * jigMm) {
      found.push({ code: 'hangs-low', weight: 'mind', at: [at.id], name: at.part.name, reachMm, jigMm });
    }
    return found;
  },
  goesOn: {
    label: 'For the jig',
    takes: ['lure', 'weight'],
    wantsOf: (piece) => measuresOf(piece, { lengthMm: 'jigMm', bodyMm: 'bodyMm' }),
  },
  tools: ['sharp scissors', 'knot puller', 'hot air', 'split ring pliers'],
  checks: [
    'Knot wetted and pulled tight over a rod',
    'Hook swings free beside the jig',
    'Gape passes the body, or stays well out of it',
  ],
  reasons: ['knot slipped', 'hangs too low or too high', 'tube loose or on the bend', 'gape fouls the body'],
  cautions: [SHRINKING, POINTS],
  usualSeconds: 240,
  steps: (facts) => {
    const { hook: on = 'the hook', cord = 'cord', tube, solid, split = 'the split ring' } = facts.names;
    const ring = solid ?? split;
    return [
      ...layOutSteps(facts),
      step(
        'loop',
        `Loop ${cord} onto ${ring}`,
        'Doubled, through the ring and back through itself; pull it down wet.',
      ),
      ...(tube
        ? [
            step('tube', `Slip ${tube} over the cord`, 'Wide enough for the knot: it goes over it last.', [
              'Forgotten: it cannot go on over the hook.',
            ]),
          ]
        : []),
      step(
        'tie',
        facts.picks.tie === 'knot' ? `Tie ${on} on` : `Snell ${on} on`,
        'The cord leaves the eye toward the point; turns side by side, wetted, pulled tight.',
        ['Turns that cross slip under load: take them off and lay them again.'],
      ),
      ...(tube
        ? [
            step(
              'shrink',
              'Pull the tube over the knot and shrink it',
              'Over knot and eye; hot air from all sides, cord held away from the heat.',
            ),
          ]
        : []),
      ...(solid
        ? [step('ring', `Hang ${solid} in ${split}`, 'Open the split ring with pliers, never with a nail.')]
        : []),
    ];
  },
};
