import type { RigFacts, RigQuestion } from './definition';
import { step, want } from './usual';

export const isSet = ({ by }: RigQuestion['picks']) => by === 'set';
export const hasRear = (picks: RigQuestion['picks']) => picks.rear !== 'none';
/** One piece of cable from end to end, the front hook on its way. */
export const isOnePiece = (picks: RigQuestion['picks']) => hasRear(picks) && picks.cables === 'one';

export const LURE = {
  ...want('lureMm', 'Lure', 'mm', 150, 600, 30),
  when: (picks: RigQuestion['picks']) => !hasRear(picks) || !isSet(picks),
};
export const SET = {
  ...want('setMm', 'Bend to bend', 'mm', 60, 500, 10),
  when: (picks: RigQuestion['picks']) => hasRear(picks) && isSet(picks),
};

/** How a set is made, by the school that it is made in. */
export function loopSteps(facts: RigFacts) {
  return isOnePiece(facts.picks) ? onePieceSteps(facts) : twoPieceSteps(facts);
}

/** What both schools do by hand, in this rig’s words. */
function doing({ names, picks, wants, mm }: RigFacts) {
  const { crimp = 'the crimp' } = names;
  const turned = picks.rear === 'turned' ? 'point to the other side' : 'points to one side';
  return {
    tubeAt: (place: string, how: string) =>
      names[place]
        ? [
            step(`${place}-on`, `Slip ${names[place]} over the cable`, how, [
              'Forgotten: open nothing, cut and begin again.',
            ]),
          ]
        : [],
    press: (id: string, what: string) =>
      step(
        id,
        `Crimp the loop ${what}`,
        `Through ${crimp}, round, and back: the loop along the hook’s plane, the tag as long as the crimp. Press twice, its middle left open.`,
        [
          'A tag that sticks out pricks: push it back flush before you press.',
          'One hard pressing in the middle cuts the strands.',
        ],
      ),
    shrink: (place: string, on: string) =>
      names[place]
        ? [
            step(
              `${place}-off`,
              `Pull the tube over ${on} and shrink it`,
              'Flattened over the eye, then the shank, never onto the bend; hot air from all sides.',
              ['Onto the bend: it closes the gape. Pull it back while it is warm.'],
            ),
          ]
        : [],
    measure: isSet(picks)
      ? step(
          'measure',
          'Lay it on the mark board, bend to bend',
          `From the back of one bend to the back of the other ${mm(wants.setMm ?? SET.usual)}, ${turned}.`,
        )
      : step(
          'measure',
          'Lay it on the mark board, eye to eye',
          `The rear eye on its line for a lure of ${mm(wants.lureMm ?? LURE.usual)}, ${turned}.`,
        ),
  };
}

/** Each hook between loops of its own: the front one ends a length of cable and begins the next. */
function twoPieceSteps(facts: RigFacts) {
  const { top, front, rear } = facts.names;
  const { tubeAt, press, shrink, measure } = doing(facts);
  const before = (on: string) => `Before the loop is closed: later it does not go over ${on}.`;
  return [
    press('crimp-top', top ? `at ${top}` : 'for the snap'),
    ...(front ? [...tubeAt('front-tube', before(front)), press('crimp-front', `on ${front}`)] : []),
    ...(rear
      ? [
          press('crimp-back', `behind ${front ?? 'the front hook'}`),
          ...tubeAt('rear-tube', before(rear)),
          measure,
          press('crimp-rear', `on ${rear}`),
        ]
      : []),
    ...(front ? shrink('front-tube', front) : []),
    ...(rear ? shrink('rear-tube', rear) : []),
  ];
}

/** One piece of cable: the rear hook first, the front one threaded on and held by its tube, the top loop last. */
function onePieceSteps(facts: RigFacts) {
  const { top, front = 'the front hook', rear = 'the rear hook' } = facts.names;
  const { tubeAt, press, shrink, measure } = doing(facts);
  return [
    ...tubeAt('rear-tube', 'Far enough up to leave the loop free.'),
    press('crimp-rear', `on ${rear}`),
    ...shrink('rear-tube', rear),
    step(
      'front-on',
      `Run the cable through the eye of ${front}`,
      'In from behind, so that the cable lies on its shank; it slides until its tube is shrunk.',
    ),
    ...tubeAt('front-tube', `From the free end, down over the eye of ${front}.`),
    measure,
    ...shrink('front-tube', front),
    press('crimp-top', top ? `at ${top}` : 'for the snap'),
  ];
}
