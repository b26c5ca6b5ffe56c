/** Why a device gave up: it was not there, it was pulled out, it said something nobody can read. */
export interface DeviceFault {
  readonly code: 'not-supported' | 'not-chosen' | 'lost' | 'unreadable';
  readonly detail: string;
}

export interface DeviceListener<Reading> {
  readonly onReading: (reading: Reading) => void;
  readonly onFault: (fault: DeviceFault) => void;
}

/**
 * The contract of everything that measures: a simulated stand-in ships with each, and the real one joins through the
 * same four: start, stop, reading, fault. A fault ends the device; it may be started again.
 */
export interface Device<Reading> {
  readonly name: string;
  readonly start: (listener: DeviceListener<Reading>) => Promise<void>;
  readonly stop: () => Promise<void>;
}

/** Time and chance, passed in so that tests can turn the clock. */
export interface StandInWorld {
  /** Calls back every so many ms until what it gives is called. */
  readonly every: (ms: number, tick: () => void) => () => void;
  /** A number in 0..1. */
  readonly chance: () => number;
}
