import type { DeviceFault, DeviceListener } from '../device';
import { readScaleLine } from './read-scale-line';
import type { Scale, ScaleReading } from './scale';

/** As much of a browser's serial port as a scale needs. */
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
/** So many lines without a weight, and it is no scale or set to another speed. */
const MOST_UNREADABLE = 12;

/** A real scale on a serial port that sends a line a reading. `serial` is the browser's, null where it has none. */
export function serialScale(serial: SerialLike | null, baudRate = BAUD): Scale {
  let port: SerialPortLike | null = null;
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;

  async function listen(listener: DeviceListener<ScaleReading>): Promise<void> {
    const decoder = new TextDecoder();
    let rest = '';
    let unreadable = 0;
    for (;;) {
      const chunk = await reader?.read();
      if (!chunk || chunk.done) return;
      rest += decoder.decode(chunk.value, { stream: true });
      const lines = rest.split(/\r\n|\r|\n/);
      rest = lines.pop() ?? '';
      for (const line of lines.filter((each) => each.trim() !== '')) {
        const massG = readScaleLine(line);
        unreadable = massG === null ? unreadable + 1 : 0;
        if (massG !== null) listener.onReading({ massG });
        if (unreadable === MOST_UNREADABLE)
          listener.onFault({ code: 'unreadable', detail: line.slice(0, 60) });
      }
    }
  }

  return {
    name: 'Serial scale',
    start: async (listener) => {
      const fault = (code: DeviceFault['code'], error: unknown) =>
        listener.onFault({ code, detail: error instanceof Error ? error.message : String(error) });
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
      await reader?.cancel().catch(() => undefined);
      reader?.releaseLock();
      reader = null;
      await port?.close().catch(() => undefined);
      port = null;
    },
  };
}
