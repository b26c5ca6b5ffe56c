import { shankOf } from '../suits';
import { crimpFor, seatTube } from '../suits';
import type { RigFinding } from '../rig-finding';
import type { RigItem } from '../rig';
import type { RigFacts, RigKind, RigPlace, RigQuestion } from './definition';
import {
  bearing,
  CABLE,
  CUTTING,
  hook,
  itemOf,
  layOutSteps,
  line,
  POINTS,
  put,
  round,
  SHRINKING,
  step,
  want,
  wanted,
} from './usual';

const LURE = want('lureMm', 'Lure', 'mm', 150, 600, 30);
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

const hasRear = (picks: RigQuestion['picks']) => picks.rear !== 'none';

function tube(id: string, name: string, hookAt: string): RigPlace {
  return {
    id,
    name,
    takes: ['tube'],
    isNeeded: false,
    wish: ({ chosen, matches }) => {
      const on = chosen[hookAt];
      const over = on?.gauge.sizes;
      return {
        size: 'holeMm',
        value: (over?.eyeMm ?? 1.5) + 2 * (over?.wireMm ?? 1),
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

function crimpsOn(question: RigQuestion, at: number, lengthMm: number): RigItem[] {
  const { crimp } = question.chosen;
  if (!crimp) return [];
  const loopMm = wanted(question, LOOP);
  const long = crimp.gauge.sizes.lengthMm ?? 8;
  return [
    itemOf('crimp', crimp, { id: `crimp-${at}`, atMm: loopMm }),
    itemOf('crimp', crimp, {
      id: `crimp-${at + 1}`,
      atMm: Math.max(loopMm, round(lengthMm - loopMm - long)),
    }),
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
  wants: [LURE, LEAD, LOOP, LOAD],
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
      id: 'reach',
      label: 'Reach',
      options: [
        { value: 'regular', label: 'regular' },
        { value: 'long', label: 'long' },
      ],
    },
  ],
  places,
  lay: (question) => {
    const leadMm = wanted(question, LEAD);
    const apartMm = hookSpacing(wanted(question, LURE), question.picks.reach ?? 'regular');
    const { cable } = question.chosen;
    return [
      ...put(question, 'top'),
      ...(cable ? [itemOf('cable', cable, { ...line(leadMm, 'crimp-loop', 'crimp-loop'), id: 'lead' })] : []),
      ...(cable ? crimpsOn(question, 1, leadMm) : []),
      ...tubeOn(question, 'front-tube', 'front', 1.3),
      ...put(question, 'front'),
      ...(hasRear(question.picks)
        ? [
            ...(cable
              ? [itemOf('cable', cable, { ...line(apartMm, 'crimp-loop', 'crimp-loop'), id: 'between' })]
              : []),
            ...(cable ? crimpsOn(question, 3, apartMm) : []),
            ...tubeOn(question, 'rear-tube', 'rear', 1),
            ...put(question, 'rear', { isTurned: question.picks.rear === 'turned' }),
          ]
        : []),
    ];
  },
  judge: ({ items, wants }) => {
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
      if (off > ODD_SHARE * lureMm) {
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
  tools: ['crimping pliers', 'cable cutter', 'mark board', 'hot air'],
  checks: [
    'Both hooks lie in one plane',
    'No strand sticks out of a crimp',
    'Pulled by hand over a rod: nothing slips',
  ],
  cautions: [CUTTING, SHRINKING, POINTS],
  usualSeconds: 300,
  steps: (facts) => [...layOutSteps(facts), ...loopSteps(facts)],
};

function loopSteps({ names, picks, wants, mm }: RigFacts) {
  const { top, front, rear, crimp = 'the crimp' } = names;
  const tubeAt = (place: string, on: string) =>
    names[place]
      ? [
          step(
            `${place}-on`,
            `Slip ${names[place]} over the cable`,
            `Before the loop is closed: later it does not go over ${on}.`,
            ['Forgotten: open nothing, cut and begin again.'],
          ),
        ]
      : [];
  const press = (id: string, what: string) =>
    step(
      id,
      `Crimp the loop ${what}`,
      `Through ${crimp}, round, and back: the loop along the hook’s plane, the tag as long as the crimp. Press twice, its middle left open.`,
      [
        'A tag that sticks out pricks: push it back flush before you press.',
        'One hard pressing in the middle cuts the strands.',
      ],
    );
  const shrink = (place: string, on: string) =>
    names[place]
      ? [
          step(
            `${place}-off`,
            `Pull the tube over ${on} and shrink it`,
            'Over eye and shank, never onto the bend; hot air from all sides.',
            ['Onto the bend: it closes the gape. Pull it back while it is warm.'],
          ),
        ]
      : [];
  const turned = picks.rear === 'turned' ? 'point to the other side' : 'points to one side';
  return [
    press('crimp-top', top ? `at ${top}` : 'for the snap'),
    ...(front ? [...tubeAt('front-tube', front), press('crimp-front', `on ${front}`)] : []),
    ...(rear
      ? [
          press('crimp-back', `behind ${front ?? 'the front hook'}`),
          ...tubeAt('rear-tube', rear),
          step(
            'measure',
            `Lay it on the mark board, eye to eye`,
            `The rear eye on its line for a lure of ${mm(wants.lureMm ?? LURE.usual)}, ${turned}.`,
          ),
          press('crimp-rear', `on ${rear}`),
        ]
      : []),
    ...(front ? shrink('front-tube', front) : []),
    ...(rear ? shrink('rear-tube', rear) : []),
  ];
}
