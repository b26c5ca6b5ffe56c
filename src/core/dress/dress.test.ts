import { dressLeft, dressPace } from './dress-pace';
import { DRESS_STEPS, DRESS_STEP_IDS, dressStepsFor, findDressStep } from './dress-steps';

describe('the steps of dressing', () => {
  it('are those that the head needs, in the order in which they are done', () => {
    const ids = (head: Parameters<typeof dressStepsFor>[0]) => dressStepsFor(head).map(({ id }) => id);
    expect(ids({ hasHook: true, hasPins: true, hasCollar: true })).toEqual([...DRESS_STEP_IDS]);
    expect(ids({ hasHook: false, hasPins: false, hasCollar: false })).toEqual(['sprue', 'flash', 'parting']);
    expect(DRESS_STEPS.map(({ id }) => id)).toEqual([...DRESS_STEP_IDS]);
    expect(findDressStep('eye').name).toBe('Eye cleared');
  });

  it('take as long as the trade says, until ten pieces were timed', () => {
    const batch = (done: number, seconds: number) => ({
      count: 40,
      steps: [{ step: 'eye' as const, done, seconds }],
    });
    expect(dressPace('eye', [batch(9, 90)])).toEqual({ secondsEach: 4, isOwn: false });
    expect(dressPace('eye', [batch(9, 90), batch(3, 6)])).toEqual({ secondsEach: 8, isOwn: true });
    expect(dressLeft(batch(30, 0), [])).toBe(40);
  });
});
