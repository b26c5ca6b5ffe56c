import { isSafetyKept, SAFETY_ITEMS, safetyUntil } from './safety';

const HOUR = 3_600_000;

describe('the checklist before the pot', () => {
  it('asks for what hurts people at the pot', () => {
    expect(SAFETY_ITEMS.map(({ id }) => id)).toEqual(['dry', 'water', 'vent', 'clothes', 'people', 'fire']);
  });

  it('holds for as long as the maker chose, and never longer than a session', () => {
    const kept = (keep: Parameters<typeof safetyUntil>[0]) => ({
      answeredAt: 1000,
      until: safetyUntil(keep, 1000),
    });
    expect(isSafetyKept(null, 0)).toBe(false);
    expect(isSafetyKept(kept('run'), 1000)).toBe(false);
    expect(isSafetyKept(kept('two-hours'), 1000 + 2 * HOUR - 1)).toBe(true);
    expect(isSafetyKept(kept('two-hours'), 1000 + 2 * HOUR)).toBe(false);
    expect(isSafetyKept(kept('session'), 1000 + 8 * HOUR)).toBe(false);
    expect(isSafetyKept({ answeredAt: 1000, until: 99 * HOUR }, 1000 + 8 * HOUR)).toBe(false);
  });

  it('is void where the clock was set back behind it', () => {
    expect(isSafetyKept({ answeredAt: 5000, until: 2 * HOUR }, 4000)).toBe(false);
  });
});
