import type { Device, DeviceListener } from './device';
import { deviceStore } from './device-store';
import { seeScale, type ScaleSeen } from './scale/scale-watch';

interface Reading {
  readonly value: number;
}

/** A device that is told by the test what to say. */
function spoken() {
  let listener: DeviceListener<Reading> | null = null;
  let stops = 0;
  const device: Device<Reading> & { readonly poke: () => void } = {
    name: 'spoken',
    start: (to) => {
      listener = to;
      return Promise.resolve();
    },
    stop: () => {
      stops += 1;
      return Promise.resolve();
    },
    poke: () => listener?.onReading({ value: -1 }),
  };
  return {
    device,
    say: (value: number) => listener?.onReading({ value }),
    break: () => listener?.onFault({ code: 'lost', detail: 'pulled out' }),
    stops: () => stops,
  };
}

function bench() {
  const made: ReturnType<typeof spoken>[] = [];
  const next = () => {
    const one = spoken();
    made.push(one);
    return one.device;
  };
  const store = deviceStore(
    {
      standIn: (_world, _start: null) => next(),
      real: next,
      unseen: [] as readonly number[],
      see: (seen, { value }: Reading) => [...seen, value],
      keep: (seen, at) => (at === 'stop' ? [] : seen),
    },
    {
      chance: () => 0,
      every: () => () => undefined,
      serial: () => null,
      lens: () => null,
      inBackground: () => undefined,
    },
  );
  return { store, made };
}

describe('a device in hand', () => {
  it('gathers what it reads and tells whoever looks', () => {
    const { store, made } = bench();
    let told = 0;
    const end = store.subscribe(() => {
      told += 1;
    });
    store.start('stand-in', null);
    made[0]?.say(3);
    made[0]?.say(4);
    expect(store.get()).toEqual({ source: 'stand-in', seen: [3, 4], fault: null });
    expect(told).toBe(3);
    end();
    made[0]?.say(5);
    expect(told).toBe(3);
  });

  it('says why it gave up, keeps what it had seen, and starts again', () => {
    const { store, made } = bench();
    store.start('real', null);
    made[0]?.say(3);
    made[0]?.break();
    expect(store.get().fault?.code).toBe('lost');
    store.start('real', null);
    expect(store.get()).toEqual({ source: 'real', seen: [3], fault: null });
    expect(made[0]?.stops()).toBe(1);
  });

  it('does not hear an earlier device after another was turned on, nor after it was turned off', () => {
    const { store, made } = bench();
    store.start('stand-in', null);
    store.start('real', null);
    made[0]?.say(9);
    made[0]?.break();
    expect(store.get()).toEqual({ source: 'real', seen: [], fault: null });
    made[1]?.say(1);
    store.stop();
    made[1]?.say(2);
    expect(store.get()).toEqual({ source: null, seen: [], fault: null });
  });

  it('hands out the stand-in alone, for what the maker does to it', () => {
    const { store } = bench();
    store.start('real', null);
    expect(store.standIn()).toBeNull();
    store.start('stand-in', null);
    store.standIn()?.poke();
    expect(store.get().seen).toEqual([-1]);
    store.stop();
    expect(store.standIn()).toBeNull();
  });
});

describe('what a scale has shown', () => {
  const empty: ScaleSeen = { massG: null, settledG: null, loads: 0, loadG: 0, recent: [], isTaken: false };
  const after = (masses: readonly number[]) =>
    masses.reduce((seen, massG) => seeScale(seen, { massG }), empty);

  it('counts a load once, when it has settled', () => {
    const swung = [0, 6, 9, 10, 10, 10, 10];
    expect(after(swung)).toMatchObject({ loads: 0, settledG: null });
    expect(after([...swung, 10])).toMatchObject({ loads: 1, loadG: 10, settledG: 10 });
    expect(after([...swung, 10, 10, 10])).toMatchObject({ loads: 1 });
  });

  it('counts the next only after the pan was cleared', () => {
    const one = [10, 10, 10, 10, 10];
    const two = [12, 12, 12, 12, 12];
    expect(after([...one, ...two])).toMatchObject({ loads: 1, loadG: 10, settledG: 12 });
    expect(after([...one, 0, ...two])).toMatchObject({ loads: 2, loadG: 12 });
  });

  it('never takes an empty pan for a load', () => {
    expect(after([0.1, 0.1, 0.1, 0.1, 0.1, 0.1])).toMatchObject({ loads: 0, settledG: null });
  });
});
