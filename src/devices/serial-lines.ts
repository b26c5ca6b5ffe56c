import type { Device, DeviceFault, DeviceListener } from './device';

/** As much of a browser's serial port as a device that sends lines needs. */
export interface SerialPortLike {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly open: (options: { baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
}

export interface SerialLike {
  /** Lets the maker choose a port. Rejects where none is chosen. */
  readonly requestPort: () => Promise<SerialPortLike>;
}

const BAUD = 9600;
/** So many lines without a reading, and it is another device or set to another speed. */
const MOST_UNREADABLE = 12;

/**
 * A device on a serial port that sends a line a reading. `serial` is the browser's, null where it has none;
 * `readLine` gives null for a line that holds no reading. A port that ends or breaks is `lost`.
 */
export function serialLines<Reading>(
  name: string,
  serial: SerialLike | null,
  readLine: (line: string) => Reading | null,
  baudRate = BAUD,
): Device<Reading> {
  let port: SerialPortLike | null = null;
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  let isStopping = false;

  async function listen(listener: DeviceListener<Reading>): Promise<void> {
    const decoder = new TextDecoder();
    let rest = '';
    let unreadable = 0;
    for (;;) {
      const chunk = await reader?.read();
      if (!chunk || chunk.done) {
        if (!isStopping) listener.onFault({ code: 'lost', detail: '' });
        return;
      }
      rest += decoder.decode(chunk.value, { stream: true });
      const lines = rest.split(/\r\n|\r|\n/);
      rest = lines.pop() ?? '';
      for (const line of lines.filter((each) => each.trim() !== '')) {
        const reading = readLine(line);
        unreadable = reading === null ? unreadable + 1 : 0;
        if (reading !== null) listener.onReading(reading);
        if (unreadable === MOST_UNREADABLE) {
          listener.onFault({ code: 'unreadable', detail: line.slice(0, 60) });
          return;
        }
      }
    }
  }

  return {
    name,
    start: async (listener) => {
      const fault = (code: DeviceFault['code'], error: unknown) =>
        listener.onFault({ code, detail: error instanceof Error ? error.message : String(error) });
      isStopping = false;
      if (!serial) return listener.onFault({ code: 'not-supported', detail: '' });
      try {
        port = await serial.requestPort();
        await port.open({ baudRate });
      } catch (error) {
        port = null;
        return fault('not-chosen', error);
      }
      reader = port.readable?.getReader() ?? null;
      listen(listener).catch((error: unknown) => fault('lost', error));
    },
    stop: async () => {
      isStopping = true;
      await reader?.cancel().catch(() => undefined);
      reader?.releaseLock();
      reader = null;
      await port?.close().catch(() => undefined);
      port = null;
    },
  };
}
