import { serialLines, type SerialLike } from '../serial-lines';
import { readScaleLine } from './read-scale-line';
import type { Scale } from './scale';

/** A real scale on a serial port that sends a line a reading. `serial` is the browser's, null where it has none. */
export function serialScale(serial: SerialLike | null, baudRate?: number): Scale {
  const read = (line: string) => {
    const massG = readScaleLine(line);
    return massG === null ? null : { massG };
  };
  return serialLines('Serial scale', serial, read, baudRate);
}
