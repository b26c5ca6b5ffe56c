import { turnedWorld } from '../../../tests/support/turned-world';
import type { DeviceFault } from '../device';
import { readTemperatureLine } from './read-temperature-line';
import { serialThermocouple } from './serial-thermocouple';
import { standInThermocouple } from './stand-in-thermocouple';
import { potAt, potCharged, potLadled, potLater, truthC } from './truth';
import { until } from '../../../tests/support/until';

describe('the simulated pot', () => {
  it('holds its heat, melts at one point and loses to the room', () => {
    expect(truthC(potAt(3000, 390))).toBeCloseTo(390, 9);
    expect(truthC(potAt(3000, 200))).toBeCloseTo(200, 9);
    const cold = { ...potAt(3000, 20), isHeating: true };
    let pot = cold;
    let plateau = 0;
    let seconds = 0;
    while (truthC(pot) < 380) {
      pot = potLater(pot, 390, 1);
      seconds += 1;
      if (truthC(pot) === 290) plateau += 1;
    }
    // 3 kg: 69 kJ to melt at 900 W less what the wall loses
    expect(plateau).toBeGreaterThan(69_000 / 900);
    expect(plateau).toBeLessThan(69_000 / 600);
    expect(seconds).toBeGreaterThan(300);
  });

  it('loses metal and no heat by the ladle, and cools when metal is put in', () => {
    const pot = potAt(3000, 390);
    expect(truthC(potLadled(pot, 40))).toBeCloseTo(390, 6);
    expect(potLadled(pot, 40).massG).toBe(2960);
    const dipped = truthC(potCharged(pot, 400));
    expect(dipped).toBeLessThan(360);
    expect(dipped).toBeGreaterThan(290);
  });
});

describe('the stand-in thermocouple', () => {
  it('swings about its dial, dips at a top-up and comes back', () => {
    const turned = turnedWorld();
    const seen: number[] = [];
    const device = standInThermocouple(turned, { massG: 3000, startC: 390, dialC: 390 });
    void device.start({ onReading: ({ tempC }) => seen.push(tempC), onFault: () => undefined });
    turned.run(3000);
    expect(Math.min(...seen)).toBeGreaterThan(375);
    expect(Math.max(...seen)).toBeLessThan(405);
    device.charge(400);
    turned.run(5);
    expect(seen.at(-1)).toBeLessThan(370);
    turned.run(2000);
    expect(seen.at(-1)).toBeGreaterThan(378);
    expect(seen).toHaveLength(5005);
  });

  it('says at once when it is unplugged, and shows nothing but its stream', () => {
    const turned = turnedWorld();
    const faults: DeviceFault[] = [];
    let readings = 0;
    const device = standInThermocouple(turned, { massG: 3000, startC: 390, dialC: 390 });
    void device.start({ onReading: () => (readings += 1), onFault: (fault) => faults.push(fault) });
    turned.run(10);
    device.unplug();
    turned.run(10);
    expect(readings).toBe(10);
    expect(faults).toEqual([{ code: 'lost', detail: 'unplugged' }]);
    expect(Object.keys(device).sort()).toEqual(
      ['charge', 'ladle', 'name', 'start', 'stop', 'turnDial', 'unplug'].sort(),
    );
    expect(
      Object.values(device).every((part) => typeof part === 'function' || typeof part === 'string'),
    ).toBe(true);
  });
});

describe('a thermocouple on a serial port', () => {
  it.each([
    ['391.5', 391.5],
    ['T1 391.5 C', 391.5],
    ['T=735 °F', (735 - 32) / 1.8],
    ['nothing', null],
    ['9999 C', null],
    ['12abc', null],
  ])('reads %s', (line, expected) => {
    const tempC = readTemperatureLine(line);
    if (expected === null) expect(tempC).toBeNull();
    else expect(tempC).toBeCloseTo(expected, 9);
  });

  it('streams, and is lost when the port ends', async () => {
    const readable = new ReadableStream<Uint8Array>({
      start: (controller) => {
        controller.enqueue(new TextEncoder().encode('391.5\n39'));
        controller.enqueue(new TextEncoder().encode('0.0 C\n'));
        controller.close();
      },
    });
    const port = { readable, open: () => Promise.resolve(), close: () => Promise.resolve() };
    const seen: number[] = [];
    const faults: string[] = [];
    const device = serialThermocouple({ requestPort: () => Promise.resolve(port) });
    await device.start({
      onReading: ({ tempC }) => seen.push(tempC),
      onFault: ({ code }) => faults.push(code),
    });
    await until(() => faults.length > 0);
    expect(seen).toEqual([391.5, 390]);
    expect(faults).toEqual(['lost']);
  });
});
