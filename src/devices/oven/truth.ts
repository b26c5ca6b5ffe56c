/** How a simulated oven truly stands. Nobody but the stand-in may look: the page sees the stream alone. */
export interface OvenTruth {
  readonly airC: number;
  readonly isHeating: boolean;
}

const ROOM_C = 20;
/** A bench oven empty: its element, the heat it holds, what its walls lose (typical). */
const ELEMENT_W = 1300;
const OVEN_JK = 1900;
const LOSS_WK = 3.2;
/** A thermostat switches so far to either side of its dial, and its dial reads so much wrong, C. */
const SWITCH_C = 5;
const DIAL_OFF_C = -6;
/** The door open for a rack costs so much of what is over the room. */
const DOOR_SHARE = 0.35;

/** An oven at a temperature. */
export function ovenAt(airC: number): OvenTruth {
  return { airC, isHeating: true };
}

/** The oven so many seconds later. */
export function ovenLater({ airC, isHeating }: OvenTruth, dialC: number, seconds: number): OvenTruth {
  const trueDialC = dialC + DIAL_OFF_C;
  const heats = airC < trueDialC - SWITCH_C ? true : airC > trueDialC + SWITCH_C ? false : isHeating;
  const watts = (heats ? ELEMENT_W : 0) - LOSS_WK * (airC - ROOM_C);
  return { isHeating: heats, airC: airC + (watts * seconds) / OVEN_JK };
}

/** The oven after its door stood open. */
export function doorOpened(oven: OvenTruth): OvenTruth {
  return { ...oven, airC: ROOM_C + (oven.airC - ROOM_C) * (1 - DOOR_SHARE) };
}
