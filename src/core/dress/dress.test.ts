import * as fc from 'fast-check';
import { countPieces, shrinkBatch, takeStep, type DressBatch } from './dress-batch';
import { headsToDress } from './heads-to-dress';
import { dressLeft, dressPace } from './dress-pace';
import { DRESS_STEPS, DRESS_STEP_IDS, dressStepsFor, findDressStep } from './dress-steps';

describe('the steps of dressing', () => {
  it('are those that the head needs, in the order in which they are done', () => {
    const ids = (head: Parameters<typeof dressStepsFor>[0]) => dressStepsFor(head).map(({ id }) => id);
    const block = { isOpenCast: false };
    const full = ids({ ...block, hasHook: true, hasPins: true, hasCollar: true, takesBlade: true });
    expect(full).toEqual(DRESS_STEP_IDS.filter((id) => id !== 'rim'));
    const bare = { hasHook: false, hasPins: false, hasCollar: false, takesBlade: false };
    expect(ids({ ...block, ...bare })).toEqual(['sprue', 'flash', 'parting']);
    // Nothing is tried into an eye that no blade goes through.
    expect(ids({ ...block, ...bare, hasHook: true })).toEqual(['sprue', 'flash', 'eye', 'parting']);
    // Out of an open board: no gate to twist off, no halves to leave a line.
    expect(ids({ ...bare, isOpenCast: true })).toEqual(['rim']);
    expect(ids({ ...bare, hasPins: true, isOpenCast: true })).toEqual(['rim', 'pins']);
    expect(DRESS_STEPS.map(({ id }) => id)).toEqual([...DRESS_STEP_IDS]);
    expect(findDressStep('eye').name).toBe('Eye cleared');
  });

  it('take as long as the trade says, until ten pieces were timed', () => {
    const batch = (done: number, seconds: number) => ({
      count: 40,
      steps: [{ step: 'eye' as const, done, seconds }],
    });
    expect(dressPace('eye', [batch(4, 40)])).toEqual({ secondsEach: 4, isOwn: false });
    expect(dressPace('eye', [batch(4, 40), batch(2, 8)])).toEqual({ secondsEach: 8, isOwn: true });
    expect(dressLeft(batch(30, 0), [])).toBe(40);
  });
});

describe('countPieces', () => {
  const batch: DressBatch = {
    count: 20,
    steps: [
      { step: 'sprue', done: 0, seconds: 0 },
      { step: 'eye', done: 4, seconds: 9 },
    ],
    inHand: { step: 'sprue', since: 0 },
  };

  it('gives the time since the last count to the pieces', () => {
    expect(countPieces(batch, 10, 40_000, 3)).toEqual({
      steps: [{ step: 'sprue', done: 10, seconds: 40 }, batch.steps[1]],
      inHand: { step: 'sprue', since: 40_000 },
    });
  });

  it('takes no break for work, and no time for pieces put back', () => {
    expect(countPieces(batch, 10, 900_000, 3).steps[0]).toMatchObject({ done: 10, seconds: 30 });
    expect(countPieces(batch, 1, 59_000, 3).steps[0]).toMatchObject({ seconds: 59 });
    const half = { ...batch, steps: countPieces(batch, 10, 40_000, 3).steps };
    expect(countPieces(half, -3, 50_000, 3).steps[0]).toEqual({ step: 'sprue', done: 7, seconds: 40 });
  });

  it('brings the next open step to hand when all are through, and then none', () => {
    const through = countPieces(batch, 99, 60_000, 3);
    expect(through.steps[0]).toMatchObject({ done: 20 });
    expect(through.inHand).toEqual({ step: 'eye', since: 60_000 });
    expect(countPieces({ ...batch, ...through }, 16, 90_000, 4).inHand).toBeNull();
  });

  it('counts nothing while no step is in hand', () => {
    const laidBy = { ...batch, ...takeStep(batch, null, 5) };
    expect(countPieces(laidBy, 10, 9_000, 3)).toEqual({ steps: batch.steps, inHand: null });
    expect(takeStep(laidBy, 'eye', 7).inHand).toEqual({ step: 'eye', since: 7 });
  });

  it('never counts under none or over all, whatever is tapped', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -40, max: 40 }), { maxLength: 30 }), (taps) => {
        let now = batch;
        for (const [index, tap] of taps.entries())
          now = { ...now, ...countPieces(now, tap, index * 1000, 3) };
        for (const { done, seconds } of now.steps) {
          expect(done >= 0 && done <= 20 && seconds >= 0).toBe(true);
        }
      }),
    );
  });

  it('has no more through than are left when some are scrapped', () => {
    const through = { ...batch, ...countPieces(batch, 20, 1, 3) };
    expect(shrinkBatch(through, 17)).toMatchObject({ count: 17, steps: [{ done: 17 }, { done: 4 }] });
  });
});

describe('headsToDress', () => {
  const DAY = 86_400_000;
  const runs = [
    { id: 'old', no: 1, state: 'booked', endedAt: 0 },
    { id: 'first', no: 2, state: 'booked', endedAt: 40 * DAY },
    { id: 'last', no: 3, state: 'booked', endedAt: 41 * DAY },
    { id: 'dropped', no: 4, state: 'dropped', endedAt: 41 * DAY },
  ];
  const made = [
    { runId: 'old', binId: 'a', qty: 9 },
    { runId: 'first', binId: 'a', qty: 30 },
    { runId: 'first', binId: 'a', qty: -2 },
    { runId: 'last', binId: 'b', qty: 5 },
    { runId: 'last', binId: 'c', qty: 5 },
    { runId: 'dropped', binId: 'b', qty: 5 },
    { runId: null, binId: 'b', qty: 5 },
  ];
  const levels = new Map([
    ['a', 20],
    ['b', 50],
  ]);

  it('are those of fresh runs that still lie there and are not begun', () => {
    const waiting = (batches: Parameters<typeof headsToDress>[3]) =>
      headsToDress(runs, made, levels, batches, 42 * DAY).map(({ runId, headBinId, count }) => [
        runId,
        headBinId,
        count,
      ]);
    expect(waiting([])).toEqual([
      ['last', 'b', 5],
      ['first', 'a', 20],
    ]);
    expect(waiting([{ runId: 'first', headBinId: 'a' }])).toEqual([['last', 'b', 5]]);
  });
});
