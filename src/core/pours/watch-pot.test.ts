import fc from 'fast-check';
import { NO_WATCH, watchPot, type PotWatch } from './watch-pot';

const LIMITS = { coldUnderC: 375, hotOverC: 410 };

function stream(temps: readonly number[], everyMs = 200): PotWatch {
  return temps.reduce(
    (watch, tempC, index) => watchPot(watch, { at: index * everyMs, tempC }, LIMITS),
    NO_WATCH,
  );
}
const hold = (tempC: number, readings: number) => Array.from({ length: readings }, () => tempC);

describe('watchPot', () => {
  it('sounds once when the pot leaves its band for three readings, and again on the next excursion', () => {
    const twice = [...hold(390, 5), ...hold(370, 50), ...hold(390, 20), ...hold(365, 10)];
    expect(stream(twice).alarms.map(({ kind, at }) => [kind, at])).toEqual([
      ['cold', 7 * 200],
      ['cold', 77 * 200],
    ]);
    expect(stream([...hold(390, 5), 370, 370, 390]).alarmCount).toBe(0);
    expect(stream([...hold(390, 5), ...hold(415, 4)])).toMatchObject({ sounding: 'hot', alarmCount: 1 });
    expect(stream([...hold(390, 5), ...hold(415, 4), 409]).sounding).toBe('hot');
    expect(stream([...hold(390, 5), ...hold(415, 4), 407]).sounding).toBeNull();
  });

  it('does not call a pot cold that was never ready, but hot it may be at once', () => {
    expect(stream(hold(200, 100)).alarmCount).toBe(0);
    expect(stream([...hold(200, 10), ...hold(420, 3)]).alarms[0]?.kind).toBe('hot');
  });

  it('goes from cold straight to hot with an alarm for each', () => {
    const kinds = stream([390, ...hold(370, 5), ...hold(420, 5)]).alarms.map(({ kind }) => kind);
    expect(kinds).toEqual(['cold', 'hot']);
  });

  it('misses no alarm in ten minutes at five readings a second, and does not grow', () => {
    const temps = Array.from({ length: 3000 }, (_, index) => 392 + 25 * Math.sin(index / 60));
    const watch = stream(temps);
    // Each swing leaves the band over and under; counted by hand from the same curve.
    let expected = 0;
    let beyond: string | null = null;
    for (const tempC of temps) {
      const where = tempC > 410 ? 'hot' : tempC < 375 ? 'cold' : null;
      if (where !== null && where !== beyond) expected += 1;
      if (where !== null || (tempC < 408 && tempC > 377)) beyond = where;
    }
    expect(expected).toBeGreaterThan(10);
    expect(watch.alarmCount).toBe(expected);
    expect(watch.trace.length).toBeLessThanOrEqual(301);
    const long = stream(Array.from({ length: 20_000 }, (_, index) => temps[index % 3000]!));
    expect(long.trace.length).toBeLessThanOrEqual(600);
    expect(long.alarms.length).toBeLessThanOrEqual(40);
  });

  it('keeps its bounds and its order whatever comes', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 900, noNaN: true }), { maxLength: 200 }), (temps) => {
        const watch = stream(temps, 2500);
        expect(watch.alarmCount).toBeLessThanOrEqual(Math.ceil(temps.length / 3));
        expect(
          watch.trace.every((point, index) => index === 0 || point.at > watch.trace[index - 1]!.at),
        ).toBe(true);
      }),
    );
  });
});
