import type { Device, DeviceFault, StandInWorld } from './device';
import type { LensLike } from './camera/camera';
import type { SerialLike } from './serial-lines';

/** Where readings come from: what ships with Ruvek, or a real device. */
export type DeviceSource = 'stand-in' | 'real';

/** What a page gives its devices. */
export interface DeviceWorld extends StandInWorld {
  /** The browser's serial port; null where it has none. */
  readonly serial: () => SerialLike | null;
  /** The browser's camera; null where it has none, or shows it to nobody. */
  readonly lens: () => LensLike | null;
  /** Lets a start or a stop run by itself. */
  readonly inBackground: (work: Promise<void> | undefined) => void;
}

/** Where a device is: its source, null while it is off, what it has shown so far, and why it gave up. */
export interface DeviceState<Seen> {
  readonly source: DeviceSource | null;
  readonly seen: Seen;
  readonly fault: DeviceFault | null;
}

interface DeviceWays<Reading, Real extends Device<Reading>, StandIn extends Device<Reading>, Start, Seen> {
  readonly standIn: (world: StandInWorld, start: Start) => StandIn;
  readonly real: (world: DeviceWorld) => Real & Device<Reading>;
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
export function deviceStore<
  Reading,
  Real extends Device<Reading>,
  StandIn extends Device<Reading>,
  Start,
  Seen,
>(
  {
    standIn: makeStandIn,
    real,
    unseen,
    see,
    keep = (seen) => seen,
  }: DeviceWays<Reading, Real, StandIn, Start, Seen>,
  world: DeviceWorld,
) {
  let state: DeviceState<Seen> = { source: null, seen: unseen, fault: null };
  let device: Real | StandIn | null = null;
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
      const on = standIn ?? real(world);
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
    /** The device itself, of whichever kind, for what it can be asked to do; null while it is off. */
    inHand: (): Real | StandIn | null => device,
    /** The stand-in, for what the maker does to it; null while there is none. A real device sees that by itself. */
    standIn: (): StandIn | null => standIn,
  };
}
