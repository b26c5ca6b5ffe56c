import { LEAST_PIECES, learnPace, tellingRuns } from './learn-pace';

const of = { family: 'reed', kind: 'wire', usualSeconds: 180 };
const run = { family: 'reed', kind: 'wire', begun: LEAST_PIECES, seconds: 120 * LEAST_PIECES };

describe('learnPace', () => {
  it('is the maker’s own of this thing, else of its kind, else the usual', () => {
    expect(learnPace(of, [])).toEqual({ secondsEach: 180, isOwn: false });
    expect(learnPace(of, [run])).toEqual({ secondsEach: 120, isOwn: true });
    expect(learnPace(of, [{ ...run, family: 'eel', seconds: 500 }])).toEqual({
      secondsEach: 100,
      isOwn: true,
    });
    expect(learnPace(of, [{ ...run, begun: LEAST_PIECES - 1 }])).toEqual({ secondsEach: 180, isOwn: false });
    expect(learnPace(of, [{ ...run, family: 'eel', kind: 'collar-tool' }]).isOwn).toBe(false);
  });

  it('puts several runs together, and leaves out what nobody timed', () => {
    const two = { ...run, begun: 2, seconds: 200 };
    expect(learnPace(of, [two, two, { ...two, seconds: 0 }]).isOwn).toBe(false);
    expect(learnPace(of, [two, two, two])).toEqual({ secondsEach: 100, isOwn: true });
  });
});

describe('tellingRuns', () => {
  it('are the thing’s own before those of its kind, its own among those', () => {
    const own = { ...run, begun: 2 };
    const like = { ...run, family: 'eel' };
    expect(tellingRuns(of, [run, like])).toEqual([run]);
    expect(tellingRuns(of, [own, like])).toEqual([own, like]);
    expect(tellingRuns(of, [own])).toEqual([]);
  });
});
