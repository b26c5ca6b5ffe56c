import { serialLines, type SerialLike } from '../serial-lines';
import { readTemperatureLine } from './read-temperature-line';
import type { Thermocouple } from './thermocouple';

/** A real thermocouple reader on a serial port that sends a line a reading. */
export function serialThermocouple(serial: SerialLike | null, baudRate?: number): Thermocouple {
  const read = (line: string) => {
    const tempC = readTemperatureLine(line);
    return tempC === null ? null : { tempC };
  };
  return serialLines('Serial thermocouple', serial, read, baudRate);
}
