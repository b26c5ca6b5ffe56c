import fc from 'fast-check';
import { BOARD_POUR } from './board-pour';
import { chooseHand } from './choose-hand';
import { HAND_POUR } from './hand-pour';
import { mendClock } from './mend-clock';
import { moveOn } from './move-on';
import type { BeatFacts, BeatSchool } from './school';
import { BEAT_SCHOOLS, schoolFor } from './schools';
import { SPIN_POUR } from './spin-pour';
import { isAtStart, standOf, type BeatState } from './stand-of';
import { TALLY_ONLY } from './tally-only';

const FACTS: BeatFacts = { hasLoad: true, freezeS: 12, holdS: 5, spinS: 25, coolS: 30, warmWork: null };
const WARM: BeatFacts = { ...FACTS, warmWork: { what: 'Open the eyes', seconds: 20 } };

function round(school: BeatSchool, facts: BeatFacts, presses: number) {
  let state: BeatState = { step: school.steps[0]!.id, since: 0 };
  let now = 0;
  const words: string[] = [];
  let pours = 0;
  while (words.length < presses) {
    const stand = standOf(school, facts, state, now);
    if (!stand.isDue) {
      now += Math.ceil((stand.leftS ?? 0) * 1000);
      continue;
    }
    words.push(stand.step.word);
    const move = moveOn(school, facts, state, now);
    if (!move.isMoved) throw new Error('due, and did not move');
    state = move.state;
    pours += move.pours ? 1 : 0;
    now += 1000;
  }
  return { words, pours, now };
}

describe('the beat', () => {
  it('goes load, close, pour, wait, open by hand, and the wait takes its time', () => {
    const { words, pours, now } = round(HAND_POUR, FACTS, 8);
    expect(words).toEqual(['Load', 'Close', 'Pour', 'Open', 'Load', 'Close', 'Pour', 'Open']);
    expect(pours).toBe(2);
    // Eight presses a second apart, and twice the rest of 12 s after the pour's own second.
    expect(now).toBe(8000 + 2 * 11_000);
  });

  it('loads nothing where a block takes nothing, and closes no open board', () => {
    const bare = { ...FACTS, hasLoad: false };
    expect(round(HAND_POUR, bare, 3).words).toEqual(['Close', 'Pour', 'Open']);
    expect(round(BOARD_POUR, bare, 3).words).toEqual(['Pour', 'Turn out', 'Pour']);
    expect(round(BOARD_POUR, FACTS, 3).words).toEqual(['Load', 'Pour', 'Turn out']);
    expect(isAtStart(HAND_POUR, bare, 'close')).toBe(true);
    expect(isAtStart(HAND_POUR, FACTS, 'close')).toBe(false);
    expect(schoolFor('board', 'hand').id).toBe('board');
    expect(schoolFor('board', 'tally').id).toBe('tally');
  });

  it('puts warm work after the opening, with what is left of it', () => {
    expect(round(HAND_POUR, WARM, 5).words).toEqual(['Load', 'Close', 'Pour', 'Open', 'Do it warm']);
    const stand = standOf(HAND_POUR, WARM, { step: 'warm-work', since: 0 }, 26_000);
    expect(stand).toMatchObject({ isDue: true, leftS: -6, ofS: 20 });
  });

  it('spins in one sequence and cuts no wait short', () => {
    expect(round(SPIN_POUR, FACTS, 5).words).toEqual(['Load', 'Clamp', 'Spin and pour', 'Stop', 'Open']);
    for (const [step, seconds] of [
      ['hold', 5],
      ['spinning', 25],
      ['cool', 30],
    ] as const) {
      const late = seconds * 1000 - 1;
      expect(moveOn(SPIN_POUR, FACTS, { step, since: 0 }, late, true)).toEqual({
        isMoved: false,
        leftS: expect.closeTo(0.001, 6),
      });
      expect(moveOn(SPIN_POUR, FACTS, { step, since: 0 }, late + 1)).toMatchObject({ isMoved: true });
    }
  });

  it('lets the eye end a freezing that is only reckoned, and does what comes after', () => {
    const frozen = { step: 'freeze', since: 0 } as const;
    expect(moveOn(HAND_POUR, FACTS, frozen, 4000)).toEqual({ isMoved: false, leftS: 8 });
    expect(moveOn(HAND_POUR, FACTS, frozen, 4000, true)).toMatchObject({
      state: { step: 'load', since: 4000 },
    });
    expect(moveOn(TALLY_ONLY, FACTS, frozen, 4000, true)).toMatchObject({
      pours: true,
      state: { step: 'freeze' },
    });
  });

  it('waits for nothing where the freezing is not known', () => {
    const stand = standOf(HAND_POUR, { ...FACTS, freezeS: null }, { step: 'freeze', since: 0 }, 0);
    expect(stand).toMatchObject({ isDue: true, step: { id: 'open' } });
  });

  it('begins anew at a step its school does not know', () => {
    expect(standOf(SPIN_POUR, FACTS, { step: 'close', since: 0 }, 9).step.id).toBe('load');
    expect(schoolFor('bar', 'hand')).toBe(HAND_POUR);
    expect(schoolFor('board', 'tally')).toBe(TALLY_ONLY);
    expect(schoolFor('spun', 'tally')).toBe(SPIN_POUR);
  });

  it('never loses a wait and never lengthens one, however often it is looked at', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...BEAT_SCHOOLS),
        fc.array(fc.record({ afterMs: fc.integer({ min: 0, max: 40_000 }), early: fc.boolean() }), {
          maxLength: 40,
        }),
        (school, presses) => {
          let state: BeatState = { step: school.steps[0]!.id, since: 0 };
          let now = 0;
          for (const { afterMs, early } of presses) {
            now += afterMs;
            const before = standOf(school, WARM, state, now);
            const move = moveOn(school, WARM, state, now, early);
            if (!move.isMoved) {
              expect(before.isDue).toBe(false);
              expect(move.leftS).toBeGreaterThan(0);
              expect(move.leftS).toBeLessThanOrEqual(before.ofS ?? 0);
            } else {
              expect(school.steps.map(({ id }) => id)).toContain(move.state.step);
              if (school.id === 'spin') expect(before.isDue).toBe(true);
              state = move.state;
            }
          }
        },
      ),
    );
  });
});

describe('chooseHand', () => {
  const at = (step: BeatState['step'], since: number, now: number, facts = FACTS) => ({
    stand: standOf(HAND_POUR, facts, { step, since }, now),
    isDone: false,
  });

  it('works the other block while one freezes, and comes back when it has', () => {
    expect(chooseHand([at('freeze', 0, 3000), at('load', 0, 3000)], 0)).toEqual({ now: 1, next: 0 });
    expect(chooseHand([at('freeze', 0, 13_000), at('freeze', 9000, 13_000)], 1)).toEqual({ now: 0, next: 1 });
  });

  it('finishes the block begun before it opens another', () => {
    expect(chooseHand([at('freeze', 0, 13_000), at('close', 12_500, 13_000)], 1)).toEqual({
      now: 1,
      next: 0,
    });
  });

  it('does warm work first, and the one with less time left before the other', () => {
    const now = 50_000;
    const warm = (since: number) => at('warm-work', since, now, WARM);
    expect(chooseHand([at('pour', 0, now), warm(45_000), warm(40_000)], 0)).toEqual({ now: 2, next: 1 });
  });

  it('waits for the one that is ready first where all freeze, and for none where all are done', () => {
    expect(chooseHand([at('freeze', 4000, 5000), at('freeze', 1000, 5000)], 0)).toEqual({ now: 1, next: 0 });
    expect(chooseHand([{ ...at('load', 0, 0), isDone: true }], 0)).toEqual({ now: null, next: null });
  });

  it('keeps hands busier than one block after the other', () => {
    // Two blocks, each hand step takes 3 s, freezing 12 s, ten pours each.
    const run = (inHand: number) => {
      let now = 0;
      const states: BeatState[] = [0, 1].map(() => ({ step: 'load', since: 0 }));
      const opened = [0, 0];
      let held: number | null = null;
      for (;;) {
        const blocks = states.map((state, index) => ({
          stand: standOf(HAND_POUR, FACTS, state, now),
          isDone: opened[index]! >= 10 || (inHand === 1 && index === 1 && opened[0]! < 10),
        }));
        const choice: number | null = chooseHand(blocks, held).now;
        if (choice === null) return now;
        const { stand } = blocks[choice]!;
        if (!stand.isDue) {
          now += (stand.leftS ?? 0) * 1000;
          continue;
        }
        now += 3000;
        const move = moveOn(HAND_POUR, FACTS, states[choice]!, now);
        if (!move.isMoved) throw new Error('due, and did not move');
        if (stand.step.id === 'open') opened[choice]! += 1;
        states[choice] = move.state;
        held = choice;
      }
    };
    expect(run(1)).toBe(20 * 24_000);
    // Twelve seconds of freezing are filled by twelve of hand work at the other block.
    expect(run(2)).toBeLessThan(0.55 * run(1));
  });
});

describe('mendClock', () => {
  it('goes on as if a jump forward had not been, and begins anew after one backward', () => {
    const state = { step: 'freeze', since: 1000, moldId: 'a' } as const;
    expect(mendClock([state], 600_000, 605_000)).toEqual([{ ...state, since: 601_000 }]);
    expect(mendClock([state], 0, 500)).toEqual([{ ...state, since: 500 }]);
    expect(mendClock([{ ...state, since: 90_000 }], -60_000, 31_000)).toEqual([{ ...state, since: 30_000 }]);
  });
});
