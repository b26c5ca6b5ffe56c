import { rested, pressed, pressedBack, type CardRun } from './repositories/card-run';
import { testWorkshop } from '../../tests/support/test-bench';
import { write, type Pen } from './write';

const RUN: CardRun = {
  ...{ card: { step: 0, bait: 0, counted: 0 }, count: 2, way: 'by-station', isThrough: false },
  ...{ inHand: 5000, seconds: 10 },
};

/** A press inside a write, as repositories do it. */
async function press(
  run: CardRun,
  times: readonly number[],
  glued: readonly ({ what: string; minutes: number } | null)[],
) {
  const { db, workshop } = testWorkshop();
  const store = { db, now: workshop.now, newId: workshop.newId };
  const next = await write(store, 'press', (pen: Pen) => pressed(store, pen, run, times, glued, 'run 7'));
  return { next, clocks: await workshop.clocks.all() };
}

describe('runs with a card', () => {
  it('add up the time with hands on them, and none while they rest', () => {
    expect(rested(RUN, 65_000)).toMatchObject({ seconds: 70, inHand: null });
    expect(rested({ ...RUN, inHand: null }, 65_000)).toMatchObject({ seconds: 10, inHand: null });
    expect(rested(RUN, 1000)).toMatchObject({ seconds: 10 });
  });

  it('start the glue’s clock with the last piece of its step alone', async () => {
    const glue = [{ what: 'Glue', minutes: 30 }, null];
    const first = await press(RUN, [0, 0], glue);
    expect(first.next.card).toEqual({ step: 0, bait: 1, counted: 0 });
    expect(first.clocks).toEqual([]);
    const last = await press({ ...RUN, card: { step: 0, bait: 1, counted: 0 } }, [0, 0], glue);
    expect(last.next.card).toEqual({ step: 1, bait: 0, counted: 0 });
    expect(last.clocks).toMatchObject([{ name: 'Glue, run 7' }]);
    expect(last.clocks[0]!.endsAt - last.clocks[0]!.startedAt).toBe(30 * 60_000);
  });

  it('count inside a step before the glue counts', async () => {
    const counted = await press({ ...RUN, count: 1 }, [3], [{ what: 'Glue', minutes: 5 }]);
    expect(counted.next.card).toEqual({ step: 0, bait: 0, counted: 1 });
    expect(counted.clocks).toEqual([]);
  });

  it('are through after the last press, and come back from there', async () => {
    const { next } = await press({ ...RUN, card: { step: 1, bait: 1, counted: 0 } }, [0, 0], [null, null]);
    expect(next).toMatchObject({ isThrough: true, card: { step: 1, bait: 1 } });
    expect(await press(next, [0, 0], [null, null])).toMatchObject({ next });
    expect(pressedBack(next, 2)).toMatchObject({ isThrough: false, card: { step: 1, bait: 1 } });
    expect(pressedBack({ ...RUN, card: { step: 1, bait: 0, counted: 0 } }, 2).card).toEqual({
      step: 0,
      bait: 1,
      counted: 0,
    });
  });
});
