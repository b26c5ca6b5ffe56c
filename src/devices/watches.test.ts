import { turnedWorld } from '../../tests/support/turned-world';
import type { DeviceWorld } from './device-store';
import { ovenWatch } from './oven/oven-watch';
import { potWatch } from './thermocouple/pot-watch';

/** A stand-in's world whose clock goes on by so many ms with each tick. */
function world(stepMs: number) {
  const turned = turnedWorld();
  let at = 0;
  const given: DeviceWorld = {
    ...turned,
    serial: () => null,
    lens: () => null,
    inBackground: () => undefined,
  };
  return {
    given,
    now: () => at,
    run: (ticks: number) => {
      for (let count = 0; count < ticks; count += 1) {
        at += stepMs;
        turned.run(1);
      }
    },
  };
}

describe('the thermometer in the oven', () => {
  it('keeps a point every five seconds of the last half hour', () => {
    const { given, now, run } = world(1000);
    const oven = ovenWatch(given);
    oven.start('stand-in', now, 177);
    run(4000);
    const { trace, latest } = oven.get().seen;
    expect(latest?.at).toBe(4_000_000);
    const steps = trace.slice(1).map((point, index) => point.at - (trace[index]?.at ?? 0));
    expect(new Set(steps)).toEqual(new Set([5000]));
    expect(trace.at(-1)!.at - trace[0]!.at).toBeLessThanOrEqual(1_800_000);
    expect(trace.length).toBeGreaterThan(350);
  });

  it('follows a rack from where it is, begins anew with another, and keeps it when it is taken out', () => {
    const { given, now, run } = world(1000);
    const oven = ovenWatch(given);
    const rack = (id: string) => ({
      id,
      tauS: 60,
      cure: { partC: 177, minutes: 10 },
      from: { at: 0, headC: 20, cureS: 0 },
    });
    oven.start('stand-in', now, 190);
    oven.follow(rack('one'));
    run(300);
    const warm = oven.get().seen.followed!.headC;
    expect(warm).toBeGreaterThan(150);
    oven.follow(rack('one'));
    expect(oven.get().seen.followed?.headC).toBe(warm);
    oven.follow(rack('two'));
    expect(oven.get().seen.followed).toBeNull();
    oven.stop();
    expect(oven.get()).toMatchObject({
      source: null,
      seen: { latest: null, trace: [], rack: { id: 'two' } },
    });
  });
});

describe('the thermocouple in the pot', () => {
  it('is read by whoever asks while it streams, and by nobody once it was unplugged', () => {
    const { given, now, run } = world(1000);
    const pot = potWatch(given);
    expect(pot.nowC()).toBeNull();
    pot.start('stand-in', now, { massG: 3000, aimC: 400 });
    run(30);
    expect(pot.nowC()).toBeGreaterThan(350);
    pot.standIn()?.unplug();
    expect(pot.get().fault?.code).toBe('lost');
    expect(pot.nowC()).toBeNull();
    expect(pot.get().seen.latest).not.toBeNull();
  });

  it('sounds nothing any more once it is taken out', () => {
    const { given, now, run } = world(1000);
    const pot = potWatch(given);
    pot.keepWithin({ coldUnderC: 0, hotOverC: 100 });
    pot.start('stand-in', now, { massG: 3000, aimC: 400 });
    run(120);
    expect(pot.get().seen.sounding).toBe('hot');
    pot.stop();
    expect(pot.get().seen.sounding).toBeNull();
    expect(pot.get().seen.alarmCount).toBeGreaterThan(0);
  });
});
