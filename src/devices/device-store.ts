import type { Device, DeviceFault, StandInWorld } from './device';
import type { SerialLike } from './serial-lines';

/** Where readings come from: what ships with Ruvek, or a real device on a serial port. */
export type DeviceSource = 'stand-in' | 'serial';

/** What a page gives its devices. */
export interface DeviceWorld extends StandInWorld {
  /** The browser's serial port; null where it has none. */
  readonly serial: () => SerialLike | null;
  /** Lets a start or a stop run by itself. */
  readonly inBackground: (work: Promise<void> | undefined) => void;
}

/** Where a device is: its source, null while it is off, what it has shown so far, and why it gave up. */
export interface DeviceState<Seen> {
  readonly source: DeviceSource | null;
  readonly seen: Seen;
  readonly fault: DeviceFault | null;
}

interface DeviceWays<Reading, StandIn extends Device<Reading>, Start, Seen> {
  readonly standIn: (world: StandInWorld, start: Start) => StandIn;
  readonly real: (serial: SerialLike | null) => Device<Reading>;
  readonly unseen: Seen;
  /** What has been seen after one reading more. */
  readonly see: (seen: Seen, reading: Reading) => Seen;
  /** What stays of it when the device is started, stopped, or gives up; all of it where this is left out. */
  readonly keep?: (seen: Seen, at: 'start' | 'stop' | 'fault') => Seen;
}

/**
 * A device in hand, of whichever kind, for the page to look at: turned on as a stand-in or as the real one, turned off,
 * its readings gathered. What an earlier device still says after another was turned on is not heard.
 *
 * @example const scale = deviceStore({ standIn: standInScale, real: serialScale, unseen, see }, world);
 */
export function deviceStore<Reading, StandIn extends Device<Reading>, Start, Seen>(
  {
    standIn: makeStandIn,
    real,
    unseen,
    see,
    keep = (seen) => seen,
  }: DeviceWays<Reading, StandIn, Start, Seen>,
  world: DeviceWorld,
) {
  let state: DeviceState<Seen> = { source: null, seen: unseen, fault: null };
  let device: Device<Reading> | null = null;
  let standIn: StandIn | null = null;
  const listeners = new Set<() => void>();
  const set = (next: DeviceState<Seen>) => {
    state = next;
    for (const tell of listeners) tell();
  };
  return {
    get: (): DeviceState<Seen> => state,
    subscribe: (tell: () => void): (() => void) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    /** Turns it on. */
    start: (source: DeviceSource, start: Start): void => {
      world.inBackground(device?.stop());
      standIn = source === 'stand-in' ? makeStandIn(world, start) : null;
      const on = standIn ?? real(world.serial());
      device = on;
      set({ source, seen: keep(state.seen, 'start'), fault: null });
      world.inBackground(
        on.start({
          onReading: (reading) => {
            if (device === on) set({ ...state, seen: see(state.seen, reading) });
          },
          onFault: (fault) => {
            if (device === on) set({ ...state, seen: keep(state.seen, 'fault'), fault });
          },
        }),
      );
    },
    stop: (): void => {
      world.inBackground(device?.stop());
      device = null;
      standIn = null;
      set({ source: null, seen: keep(state.seen, 'stop'), fault: null });
    },
    /** Changes what is held beside the readings. */
    change: (to: (seen: Seen) => Seen): void => set({ ...state, seen: to(state.seen) }),
    /** The stand-in, for what the maker does to it; null while there is none. A real device sees that by itself. */
    standIn: (): StandIn | null => standIn,
  };
}
