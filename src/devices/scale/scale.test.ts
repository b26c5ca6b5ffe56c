import fc from 'fast-check';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import type { DeviceFault } from '../device';
import { readScaleLine } from './read-scale-line';
import { settledMass } from './scale';
import type { SerialPortLike } from '../serial-lines';
import { serialScale } from './serial-scale';
import { seeScale, UNSEEN } from './scale-watch';
import { STAND_IN_STEP_G, standInScale } from './stand-in-scale';
import { until } from '../../../tests/support/until';

describe('standInScale', () => {
  const scaleInHand = () => {
    const shown: number[] = [];
    let tick: (() => void) | null = null;
    const scale = standInScale({
      chance: repeatableRandom(3),
      every: (_, call) => {
        tick = call;
        return () => {
          tick = null;
        };
      },
    });
    const pass = (ticks: number) => {
      for (let index = 0; index < ticks; index += 1) tick?.();
    };
    return {
      scale,
      shown,
      pass,
      onFault: () => undefined,
      onReading: ({ massG }: { massG: number }) => shown.push(massG),
    };
  };

  it('swings, then settles on what lies on it', async () => {
    const { scale, shown, pass, ...listener } = scaleInHand();
    await scale.start(listener);
    scale.put(52.37);
    pass(3);
    expect(settledMass(shown, STAND_IN_STEP_G)).toBeNull();
    pass(40);
    expect(Math.abs((settledMass(shown, STAND_IN_STEP_G) ?? 0) - 52.37)).toBeLessThanOrEqual(STAND_IN_STEP_G);
    scale.put(0);
    pass(40);
    expect(shown.at(-1)).toBeLessThanOrEqual(STAND_IN_STEP_G);
  });

  it('flickers, and drifts slowly off by a few steps at the most', async () => {
    const { scale, shown, pass, ...listener } = scaleInHand();
    await scale.start(listener);
    scale.put(20);
    pass(4000);
    const settled = shown.slice(40);
    expect(new Set(settled).size).toBeGreaterThan(1);
    expect(Math.max(...settled.map((massG) => Math.abs(massG - 20)))).toBeLessThanOrEqual(
      5 * STAND_IN_STEP_G,
    );
    // Once the pan was empty for a while it begins at nothing again.
    scale.put(0);
    pass(200);
    expect(shown.at(-1)).toBeLessThanOrEqual(STAND_IN_STEP_G);
  });

  it('is silent once stopped', async () => {
    const { scale, shown, pass, ...listener } = scaleInHand();
    await scale.start(listener);
    pass(2);
    await scale.stop();
    pass(5);
    expect(shown).toHaveLength(2);
  });
});

describe('settledMass', () => {
  it('wants five in a row that agree', () => {
    expect(settledMass([10, 10, 10, 10], 0.01)).toBeNull();
    expect(settledMass([1, 10, 10.01, 10, 10, 10.01], 0.01)).toBeCloseTo(10.004, 9);
    expect(settledMass([10, 10, 10.02, 10, 10], 0.01)).toBeNull();
  });
});

describe('readScaleLine', () => {
  it.each([
    ['ST,GS,+00012.34 g', 12.34],
    ['US,NT,-  0.52g', -0.52],
    ['   12,5 g ', 12.5],
    ['1.2 kg', 1200],
    ['0.5 oz', 14.1747615625],
    ['10', 10],
  ])('reads %j', (line, massG) => {
    expect(readScaleLine(line)).toBeCloseTo(massG, 9);
  });

  it('reads nothing where nothing stands', () => {
    for (const line of ['', 'ERR', 'OL', 'g', '--', 'S 12.3 xx']) expect(readScaleLine(line)).toBeNull();
  });

  it('brings any weight back that a scale writes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -999_999, max: 999_999 }),
        fc.constantFrom('ST,GS,', '', 'N '),
        (steps, head) => {
          const massG = steps / 100;
          expect(readScaleLine(`${head}${massG < 0 ? '-' : '+'}${Math.abs(massG).toFixed(2)} g`)).toBeCloseTo(
            massG,
            9,
          );
        },
      ),
    );
  });
});

describe('serialScale', () => {
  const portOf = (text: string): SerialPortLike & { closed: () => boolean } => {
    let isClosed = false;
    return {
      readable: new ReadableStream<Uint8Array>({
        start(controller) {
          // Cut anywhere: a line may come in two chunks.
          for (let at = 0; at < text.length; at += 5) {
            controller.enqueue(new TextEncoder().encode(text.slice(at, at + 5)));
          }
          controller.close();
        },
      }),
      open: () => Promise.resolve(),
      close: () => {
        isClosed = true;
        return Promise.resolve();
      },
      closed: () => isClosed,
    };
  };

  it('gives a reading a line, and closes the port', async () => {
    const port = portOf('ST,GS,+  9.98 g\r\nUS,GS,+ 10.01 g\r\n');
    const shown: number[] = [];
    const scale = serialScale({ requestPort: () => Promise.resolve(port) });
    await scale.start({ onReading: ({ massG }) => shown.push(massG), onFault: () => undefined });
    await until(() => shown.length > 1);
    expect(shown).toEqual([9.98, 10.01]);
    await scale.stop();
    expect(port.closed()).toBe(true);
  });

  it('says why it cannot', async () => {
    const faults: DeviceFault['code'][] = [];
    const listener = { onReading: () => undefined, onFault: ({ code }: DeviceFault) => faults.push(code) };
    await serialScale(null).start(listener);
    await serialScale({ requestPort: () => Promise.reject(new Error('no port')) }).start(listener);
    await serialScale({ requestPort: () => Promise.resolve(portOf('garble\n'.repeat(20))) }).start(listener);
    await until(() => faults.length > 2);
    expect(faults).toEqual(['not-supported', 'not-chosen', 'unreadable']);
  });
});

describe('what is poured on', () => {
  const seenAfter = (masses: readonly number[], isCounting: boolean) =>
    masses
      .flatMap((massG) => Array.from({ length: 6 }, () => massG))
      .reduce((seen, massG) => seeScale(seen, { massG }, isCounting), UNSEEN);

  it('is a load of its own where pieces are counted', () => {
    expect(seenAfter([4.2, 25.3], true)).toMatchObject({ loads: 2, loadG: 25.3 });
    expect(seenAfter([4.2, 4.22], true)).toMatchObject({ loads: 1, loadG: 4.2 });
    expect(seenAfter([0.1], true)).toMatchObject({ loads: 1 });
  });

  it('is none where castings are weighed in: the pan is cleared between them', () => {
    expect(seenAfter([4.2, 25.3], false)).toMatchObject({ loads: 1, loadG: 4.2 });
    expect(seenAfter([4.2, 0, 25.3], false)).toMatchObject({ loads: 2, loadG: 25.3 });
  });
});
