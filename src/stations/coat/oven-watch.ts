'use client';

import { useSyncExternalStore } from 'react';
import { followCure, type FollowedCure } from '@/core/coats/follow-cure';
import type { CureTime } from '@/core/coats/cures/definition';
import type { DeviceFault } from '@/devices/device';
import type { OvenThermometer } from '@/devices/oven/oven-thermometer';
import { serialOven } from '@/devices/oven/serial-oven';
import { standInOven, type StandInOven } from '@/devices/oven/stand-in-oven';
import type { SerialLike } from '@/devices/serial-lines';
import type { TracePoint } from '@/drawing/temperature-trace';
import { inBackground } from '@/station-kit/in-background';

export type OvenSource = 'stand-in' | 'serial';

/** The rack that is followed to the thermometer. */
export interface FollowedRack {
  readonly id: string;
  readonly tauS: number;
  readonly cure: CureTime;
  readonly from: FollowedCure;
}

export interface OvenWatchState {
  readonly source: OvenSource | null;
  readonly latest: TracePoint | null;
  /** The last half hour, a point every five seconds. */
  readonly trace: readonly TracePoint[];
  readonly fault: DeviceFault | null;
  /** Which rack is followed, and how far it is by the readings. */
  readonly rack: FollowedRack | null;
  readonly followed: FollowedCure | null;
}

const OFF: OvenWatchState = {
  source: null,
  latest: null,
  trace: [],
  fault: null,
  rack: null,
  followed: null,
};
const POINT_EVERY_MS = 5000;
const TRACE_MS = 1_800_000;

/** The thermometer in the oven. It belongs to the page and not to a screen of it, so that a look at the shelf ends nothing. */
let state: OvenWatchState = OFF;
let device: OvenThermometer | null = null;
let standIn: StandInOven | null = null;
const listeners = new Set<() => void>();

function set(next: OvenWatchState): void {
  state = next;
  for (const tell of listeners) tell();
}

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** The oven as its thermometer has it. */
export function useOvenWatch(): OvenWatchState {
  return useSyncExternalStore(
    subscribe,
    () => state,
    () => OFF,
  );
}

function read(at: number, ovenC: number): void {
  const last = state.trace.at(-1);
  const isPoint = !last || at - last.at >= POINT_EVERY_MS || at < last.at;
  const trace = isPoint
    ? [...state.trace.filter((point) => point.at > at - TRACE_MS && point.at <= at), { at, tempC: ovenC }]
    : state.trace;
  const { rack } = state;
  const followed = rack ? followCure(state.followed ?? rack.from, { at, ovenC }, rack.tauS, rack.cure) : null;
  set({ ...state, latest: { at, tempC: ovenC }, trace, followed });
}

/** Puts a thermometer in. A stand-in oven stands at its heat already, or nearly. */
export function watchTheOven(source: OvenSource, now: () => number, dialC: number): void {
  inBackground(device?.stop());
  standIn = null;
  if (source === 'stand-in') {
    standIn = standInOven(
      {
        chance: Math.random,
        every: (ms, tick) => {
          const timer = setInterval(tick, ms);
          return () => clearInterval(timer);
        },
      },
      { startC: dialC, dialC },
    );
    device = standIn;
  } else {
    const { serial } = navigator as unknown as { serial?: SerialLike };
    device = serialOven(serial ?? null);
  }
  set({ ...state, source, fault: null });
  inBackground(
    device.start({
      onReading: ({ ovenC }) => read(now(), ovenC),
      onFault: (fault) => set({ ...state, fault }),
    }),
  );
}

/** Follows a rack to the readings, from where it is; null follows none. */
export function followRack(rack: FollowedRack | null): void {
  if (rack?.id === state.rack?.id) return;
  set({ ...state, rack, followed: null });
}

export function stopOvenWatch(): void {
  inBackground(device?.stop());
  device = null;
  standIn = null;
  set({ ...OFF, rack: state.rack, followed: state.followed });
}

/** What the maker does at the oven, for the stand-in to answer; a real thermometer sees it by itself. */
export const ovenDeeds = {
  turnDial: (ovenC: number) => standIn?.turnDial(ovenC),
  openDoor: () => standIn?.openDoor(),
  unplug: () => standIn?.unplug(),
};
