import { crimpFor, flatOver, seatTube, shankOf } from '../suits';
import type { RigEndId } from '../ends';
import type { RigFinding } from '../rig-finding';
import type { RigItem } from '../rig';
import { hasRear, isOnePiece, isSet, loopSteps, LURE, SET } from './cable-steps';
import type { RigKind, RigPlace, RigQuestion } from './definition';
import {
  bearing,
  CABLE,
  CUTTING,
  hook,
  itemOf,
  layOutSteps,
  line,
  measuresOf,
  POINTS,
  put,
  round,
  SHRINKING,
  want,
  wanted,
} from './usual';

const LEAD = want('leadMm', 'Loop to front hook', 'mm', 60, 1000, 15);
const LOOP = want('loopMm', 'Loop', 'mm', 12, 60, 4);
const LOAD = want('loadKgf', 'Must hold', 'kgf', 12, 200);

/** Eye to eye, as a share of the lure: how far the rear hook sits behind the front one. Practice, typical. */
const SPACING: Readonly<Record<string, number>> = { regular: 0.4, long: 0.55 };
/** Off both by more than this share of the lure is odd. */
const ODD_SHARE = 0.06;
/** A hook’s gape for a lure as long, typical. */
const GAPE_SHARE = 0.1;

/** How far the rear hook sits behind the front one for a lure, mm. */
export function hookSpacing(lureMm: number, reach: string): number {
  return Math.round(lureMm * (SPACING[reach] ?? 0.4));
}

/** From eye to eye: by the lure, or what brings the bends as far apart as the set is to be. */
function apartOf(question: RigQuestion): number {
  if (!isSet(question.picks)) return hookSpacing(wanted(question, LURE), question.picks.reach ?? 'regular');
  const long = (at: string) => question.chosen[at]?.gauge.sizes.lengthMm ?? 0;
  return Math.max(1, round(wanted(question, SET) - long('rear') + long('front')));
}

function tube(id: string, name: string, hookAt: string): RigPlace {
  return {
    id,
    name,
    takes: ['tube'],
    isNeeded: false,
    wish: ({ chosen, matches }) => {
      const on = chosen[hookAt];
      const { eyeMm = 1.5, wireMm = 1 } = on?.gauge.sizes ?? {};
      return {
        size: 'holeMm',
        value: flatOver(eyeMm + 2 * wireMm, wireMm),
        how: 'at-least',
        fits: (piece) => !on || seatTube(piece, on, chosen.cable ?? null, matches)?.verdict === 'fits',
      };
    },
    ...(hookAt === 'rear' ? { when: hasRear } : {}),
  };
}

const places: readonly RigPlace[] = [
  bearing('top', 'Ring or swivel', ['solid', 'swivel', 'ring'], false),
  CABLE,
  {
    id: 'crimp',
    name: 'Crimp',
    takes: ['crimp'],
    isNeeded: true,
    wish: ({ chosen: { cable }, matches }) => {
      const value = (cable && crimpFor(cable, matches)) ?? 1;
      return { size: 'holeMm', value, how: 'nearest' };
    },
  },
  hook('front', 'Front hook', ({ wants }) => (wants.lureMm ?? LURE.usual) * GAPE_SHARE),
  { ...hook('rear', 'Rear hook', ({ wants }) => (wants.lureMm ?? LURE.usual) * GAPE_SHARE), when: hasRear },
  tube('front-tube', 'Front tube', 'front'),
  tube('rear-tube', 'Rear tube', 'rear'),
];

/** The crimps that close the loops of a length of cable: each as far from its end as the loop is long. */
function crimpsOn(
  question: RigQuestion,
  at: number,
  lengthMm: number,
  [above, below]: readonly [RigEndId, RigEndId],
): RigItem[] {
  const { crimp } = question.chosen;
  if (!crimp) return [];
  const loopMm = wanted(question, LOOP);
  const long = crimp.gauge.sizes.lengthMm ?? 8;
  const downMm = Math.max(loopMm, round(lengthMm - loopMm - long));
  return [
    ...(above === 'crimp-loop' ? [itemOf('crimp', crimp, { id: `crimp-${at}`, atMm: loopMm })] : []),
    ...(below === 'crimp-loop' ? [itemOf('crimp', crimp, { id: `crimp-${at + 1}`, atMm: downMm })] : []),
  ];
}

/** A length of cable with its crimps. */
function cableOn(
  question: RigQuestion,
  id: string,
  at: number,
  lengthMm: number,
  ends: readonly [RigEndId, RigEndId],
): RigItem[] {
  const { cable } = question.chosen;
  if (!cable) return [];
  return [
    itemOf('cable', cable, { ...line(lengthMm, ...ends), id }),
    ...crimpsOn(question, at, lengthMm, ends),
  ];
}

function tubeOn(question: RigQuestion, place: string, hookAt: string, share: number): RigItem[] {
  const on = question.chosen[hookAt];
  return on ? put(question, place, { lengthMm: round(shankOf(on.gauge) * share) }) : [];
}

/** Single, two in line, or the rear one turned over: hooks on crimped cable behind a ring. */
export const cableSet: RigKind<'cable-set'> = {
  id: 'cable-set',
  name: 'Cable hook set',
  how: 'Hooks on crimped cable, as far apart as the lure is long, held in line by tube.',
  wants: [LURE, SET, LEAD, LOOP, LOAD],
  picks: [
    {
      id: 'rear',
      label: 'Rear hook',
      options: [
        { value: 'in-line', label: 'in line' },
        { value: 'turned', label: 'turned over' },
        { value: 'none', label: 'left off' },
      ],
    },
    {
      id: 'cables',
      label: 'Cable',
      when: hasRear,
      options: [
        { value: 'two', label: 'two lengths' },
        { value: 'one', label: 'one, through the front hook' },
      ],
    },
    {
      id: 'by',
      label: 'Hooks apart',
      when: hasRear,
      options: [
        { value: 'lure', label: 'by the lure' },
        { value: 'set', label: 'bend to bend' },
      ],
    },
    {
      id: 'reach',
      label: 'Reach',
      when: (picks) => hasRear(picks) && !isSet(picks),
      options: [
        { value: 'regular', label: 'regular' },
        { value: 'long', label: 'long' },
      ],
    },
  ],
  places,
  lay: (question) => {
    const through: RigEndId = isOnePiece(question.picks) ? 'through' : 'crimp-loop';
    return [
      ...put(question, 'top'),
      ...cableOn(question, 'lead', 1, wanted(question, LEAD), ['crimp-loop', through]),
      ...tubeOn(question, 'front-tube', 'front', 1.3),
      ...put(question, 'front'),
      ...(hasRear(question.picks)
        ? [
            ...cableOn(question, 'between', 3, apartOf(question), [through, 'crimp-loop']),
            ...tubeOn(question, 'rear-tube', 'rear', 1),
            ...put(question, 'rear', { isTurned: question.picks.rear === 'turned' }),
          ]
        : []),
    ];
  },
  judge: ({ items, wants, picks }) => {
    const found: RigFinding[] = [];
    const of = (place: string) => items.find((item) => item.place === place);
    const [front, rear] = [of('front-tube'), of('rear-tube')];
    if (front?.lengthMm && rear?.lengthMm && front.lengthMm <= rear.lengthMm) {
      found.push({
        code: 'tube-order',
        weight: 'stop',
        at: [front.id, rear.id],
        frontMm: front.lengthMm,
        rearMm: rear.lengthMm,
      });
    }
    const between = items.find(({ id }) => id === 'between');
    const frontHook = of('front');
    if (between?.lengthMm && frontHook) {
      const lureMm = wants.lureMm ?? LURE.usual;
      const [regularMm, longMm] = [hookSpacing(lureMm, 'regular'), hookSpacing(lureMm, 'long')];
      const mm = between.lengthMm;
      const off = Math.min(Math.abs(mm - regularMm), Math.abs(mm - longMm));
      if (!isSet(picks) && off > ODD_SHARE * lureMm) {
        found.push({ code: 'spacing-odd', weight: 'mind', at: [between.id], mm, regularMm, longMm });
      }
      const overMm = (frontHook.part.gauge.sizes.lengthMm ?? 0) - mm;
      const rearHook = of('rear');
      if (overMm >= 0 && rearHook) {
        found.push({
          code: 'hooks-meet',
          weight: 'stop',
          at: [between.id],
          name: frontHook.part.name,
          next: rearHook.part.name,
          overMm,
        });
      }
    }
    return found;
  },
  goesOn: {
    label: 'For the lure',
    takes: ['lure', 'trailer'],
    wantsOf: (piece) => measuresOf(piece, { lengthMm: 'lureMm' }),
  },
  tools: ['crimping pliers', 'cable cutter', 'mark board', 'hot air'],
  checks: [
    'Both hooks lie in one plane',
    'No strand sticks out of a crimp',
    'Pulled by hand over a rod: nothing slips',
  ],
  reasons: ['crimp slipped', 'strand sticks out', 'too long or short', 'hooks out of line'],
  cautions: [CUTTING, SHRINKING, POINTS],
  usualSeconds: 300,
  steps: (facts) => [...layOutSteps(facts), ...loopSteps(facts)],
};
