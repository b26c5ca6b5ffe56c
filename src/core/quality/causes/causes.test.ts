import { FLAW_KINDS } from '../flaws';
import { CAUSE_IDS, SYMPTOMS } from './cause';
import { CAUSES, findCause } from './causes';
import { CHECKS } from './checks';
import { clueLikelihoods, NO_CLUES, type Clues } from './clues';
import { learnCauses, type Finding } from './learn-causes';
import { nextCheck } from './next-check';
import { TRADE_TABLE } from './trade-table';
import { weighCauses } from './weigh-causes';

const first = (...input: Parameters<typeof weighCauses>) => weighCauses(...input)[0]!.cause;

describe('the tables of causes', () => {
  it('know every cause and every symptom, and their odds are odds', () => {
    expect(CAUSES.map(({ id }) => id).sort()).toEqual([...CAUSE_IDS].sort());
    expect(SYMPTOMS).toEqual([...FLAW_KINDS, 'light', 'heavy']);
    for (const symptom of SYMPTOMS) {
      const shares = CAUSE_IDS.map((id) => TRADE_TABLE[symptom][id]);
      expect(shares.every((share) => share > 0)).toBe(true);
      expect(shares.reduce((so, share) => so + share, 0)).toBeCloseTo(1, 12);
    }
    for (const { yes } of CHECKS) for (const id of CAUSE_IDS) expect(yes[id] > 0 && yes[id] < 1).toBe(true);
  });

  it('give each clue chances that sum to one under every cause', () => {
    const values = {
      pot: ['cold', 'right', 'hot'],
      pour: ['first', 'later'],
      spread: ['one', 'many'],
      pattern: ['single', 'at-once', 'creeping', 'always'],
    } as const;
    for (const [clue, all] of Object.entries(values)) {
      for (const id of CAUSE_IDS) {
        const chances = all.map((value) => clueLikelihoods({ ...NO_CLUES, [clue]: value } as Clues)[id]);
        expect(chances.reduce((so, each) => so + each, 0)).toBeCloseTo(1, 12);
      }
    }
  });

  it('name no cause that is not there', () => {
    expect(findCause('worn').name).toBe('Worn or changed cavity');
    expect(() => findCause('moon' as never)).toThrow(/findCause/);
  });
});

describe('weighCauses', () => {
  it('begins with the trade rule and follows what the records say', () => {
    expect(first(TRADE_TABLE, 'flash', NO_CLUES)).toBe('not-closed');
    expect(first(TRADE_TABLE, 'short', { ...NO_CLUES, pot: 'cold', pour: 'later', spread: 'many' })).toBe(
      'cold-pot',
    );
    expect(first(TRADE_TABLE, 'short', { ...NO_CLUES, pot: 'right', pour: 'first', spread: 'many' })).toBe(
      'cold-block',
    );
    expect(first(TRADE_TABLE, 'short', { ...NO_CLUES, pot: 'right', pour: 'later', spread: 'one' })).toBe(
      'blocked',
    );
    expect(first(TRADE_TABLE, 'heavy', { ...NO_CLUES, spread: 'one', pattern: 'always' })).toBe('worn');
    expect(first(TRADE_TABLE, 'heavy', { ...NO_CLUES, spread: 'many', pattern: 'always' })).toBe(
      'other-alloy',
    );
  });

  it('is a share of one, and an answer moves it as Bayes has it', () => {
    const before = weighCauses(TRADE_TABLE, 'heavy', NO_CLUES);
    expect(before.reduce((so, { share }) => so + share, 0)).toBeCloseTo(1, 12);
    const seam = CHECKS.find(({ id }) => id === 'seam')!;
    const after = weighCauses(TRADE_TABLE, 'heavy', NO_CLUES, [{ check: 'seam', isYes: false }]);
    const shareOf = (list: typeof before, id: string) => list.find(({ cause }) => cause === id)!.share;
    const [odds, later] = [before, after].map(
      (list) => shareOf(list, 'not-closed') / shareOf(list, 'scale-off'),
    );
    expect(later! / odds!).toBeCloseTo((1 - seam.yes['not-closed']) / (1 - seam.yes['scale-off']), 10);
    expect(() => weighCauses(TRADE_TABLE, 'heavy', NO_CLUES, [{ check: 'tea', isYes: true }])).toThrow(/tea/);
  });
});

describe('nextCheck', () => {
  it('asks what takes the most doubt away, as counted out over both answers', () => {
    const causes = weighCauses(TRADE_TABLE, 'heavy', { ...NO_CLUES, spread: 'one', pattern: 'at-once' });
    const entropy = (shares: number[]) => shares.reduce((so, p) => so - (p > 0 ? p * Math.log2(p) : 0), 0);
    const expected = CHECKS.map(({ id }) => {
      const both = [true, false].map((isYes) => {
        const answered = weighCauses(
          TRADE_TABLE,
          'heavy',
          { ...NO_CLUES, spread: 'one', pattern: 'at-once' },
          [{ check: id, isYes }],
        );
        const yes = CHECKS.find((each) => each.id === id)!.yes;
        const chance = causes.reduce(
          (so, { cause, share }) => so + share * (isYes ? yes[cause] : 1 - yes[cause]),
          0,
        );
        return chance * entropy(answered.map(({ share }) => share));
      });
      return { id, left: both[0]! + both[1]! };
    }).sort((a, b) => a.left - b.left);
    expect(nextCheck(causes)!.id).toBe(expected[0]!.id);
    expect(nextCheck(causes, [{ check: expected[0]!.id, isYes: true }])!.id).toBe(expected[1]!.id);
  });

  it('falls silent when nothing is left to learn', () => {
    const sure = CAUSE_IDS.map((cause) => ({ cause, share: cause === 'worn' ? 1 : 0 }));
    expect(nextCheck(sure)).toBeNull();
    expect(
      nextCheck(
        weighCauses(TRADE_TABLE, 'heavy', NO_CLUES),
        CHECKS.map(({ id }) => ({ check: id, isYes: true })),
      ),
    ).toBeNull();
  });
});

describe('learnCauses', () => {
  const short = (more: Partial<Finding>): Finding => ({
    symptom: 'short',
    clues: NO_CLUES,
    count: 1,
    cause: null,
    ...more,
  });

  it('is the trade table until there is something to learn from', () => {
    const { table, ownShare } = learnCauses([]);
    expect(table.short['cold-block']).toBeCloseTo(TRADE_TABLE.short['cold-block'], 12);
    expect(ownShare.short).toBeCloseTo(0, 12);
    expect(learnCauses([short({ count: 40 })]).ownShare.short).toBeCloseTo(0, 12);
  });

  it('counts a named cause whole, and brings it to the top once it is the usual one', () => {
    const { table, ownShare } = learnCauses([short({ count: 20, cause: 'blocked' })]);
    expect(ownShare.short).toBeCloseTo(20 / 30, 12);
    expect(table.short.blocked).toBeCloseTo((20 + 10 * TRADE_TABLE.short.blocked) / 30, 12);
    expect(first(table, 'short', NO_CLUES)).toBe('blocked');
    expect(table.flash['not-closed']).toBeCloseTo(TRADE_TABLE.flash['not-closed'], 12);
  });

  it('shares castings out by their clues, at a quarter', () => {
    const { table, ownShare } = learnCauses([
      short({ count: 80, clues: { ...NO_CLUES, pot: 'cold', pour: 'later' } }),
    ]);
    expect(ownShare.short).toBeCloseTo(20 / 30, 12);
    expect(table.short['cold-pot']).toBeGreaterThan(2 * TRADE_TABLE.short['cold-pot']);
    expect(Object.values(table.short).reduce((so, each) => so + each, 0)).toBeCloseTo(1, 12);
  });
});
