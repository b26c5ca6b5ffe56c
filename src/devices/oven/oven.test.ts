import { turnedWorld } from '../../../tests/support/turned-world';
import type { DeviceFault } from '../device';
import { serialOven } from './serial-oven';
import { standInOven } from './stand-in-oven';
import { doorOpened, ovenAt, ovenLater } from './truth';
import { until } from '../../../tests/support/until';

describe('the simulated oven', () => {
  it('heats up, swings about its dial, and loses to the room with the door open', () => {
    let oven = ovenAt(20);
    let seconds = 0;
    while (oven.airC < 170) {
      oven = ovenLater(oven, 180, 1);
      seconds += 1;
    }
    // 150 K of 1900 J/K at 1300 W less what the walls lose
    expect(seconds).toBeGreaterThan((150 * 1900) / 1300);
    expect(seconds).toBeLessThan((150 * 1900) / 800);
    const swing = Array.from({ length: 1200 }, () => (oven = ovenLater(oven, 180, 1)).airC).slice(300);
    expect(Math.max(...swing)).toBeLessThan(182);
    expect(Math.min(...swing)).toBeGreaterThan(166);
    expect(doorOpened(ovenAt(180)).airC).toBeCloseTo(124, 9);
  });
});

describe('the stand-in oven thermometer', () => {
  it('shows nothing but its stream, answers door and dial in it, and says when it is unplugged', () => {
    const turned = turnedWorld();
    const seen: number[] = [];
    const faults: DeviceFault[] = [];
    const device = standInOven(turned, { startC: 180, dialC: 180 });
    void device.start({ onReading: ({ ovenC }) => seen.push(ovenC), onFault: (fault) => faults.push(fault) });
    turned.run(600);
    device.openDoor();
    turned.run(2);
    expect(seen.at(-1)).toBeLessThan(seen.at(-3)! - 30);
    device.turnDial(120);
    turned.run(2400);
    expect(seen.at(-1)).toBeGreaterThan(105);
    expect(seen.at(-1)).toBeLessThan(123);
    device.unplug();
    turned.run(5);
    expect(seen).toHaveLength(3002);
    expect(faults).toEqual([{ code: 'lost', detail: 'unplugged' }]);
    expect(
      Object.values(device).every((part) => typeof part === 'function' || typeof part === 'string'),
    ).toBe(true);
  });
});

describe('a thermometer on a serial port', () => {
  it('streams what lines of text hold', async () => {
    const readable = new ReadableStream<Uint8Array>({
      start: (controller) => {
        controller.enqueue(new TextEncoder().encode('OVEN 350 F\n176.5 C\n'));
        controller.close();
      },
    });
    const port = { readable, open: () => Promise.resolve(), close: () => Promise.resolve() };
    const seen: number[] = [];
    const device = serialOven({ requestPort: () => Promise.resolve(port) });
    await device.start({ onReading: ({ ovenC }) => seen.push(ovenC), onFault: () => undefined });
    await until(() => seen.length > 1);
    expect(seen[0]).toBeCloseTo(176.667, 2);
    expect(seen[1]).toBe(176.5);
  });
});
