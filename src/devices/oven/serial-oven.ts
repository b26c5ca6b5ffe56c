import { serialLines, type SerialLike } from '../serial-lines';
import { readTemperatureLine } from '../thermocouple/read-temperature-line';
import type { OvenThermometer } from './oven-thermometer';

/** A real thermometer in the oven on a serial port that sends a line a reading. */
export function serialOven(serial: SerialLike | null, baudRate?: number): OvenThermometer {
  const read = (line: string) => {
    const ovenC = readTemperatureLine(line);
    return ovenC === null ? null : { ovenC };
  };
  return serialLines('Serial oven thermometer', serial, read, baudRate);
}
