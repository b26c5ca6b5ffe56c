'use client';

import { useSyncExternalStore } from 'react';
import { NO_WATCH, watchPot, type PotLimits, type PotWatch } from '@/core/pours/watch-pot';
import type { DeviceFault } from '@/devices/device';
import type { SerialLike } from '@/devices/serial-lines';
import { serialThermocouple } from '@/devices/thermocouple/serial-thermocouple';
import { standInThermocouple, type StandInThermocouple } from '@/devices/thermocouple/stand-in-thermocouple';
import type { Thermocouple } from '@/devices/thermocouple/thermocouple';
import { inBackground } from '@/station-kit/in-background';

export type PotSource = 'stand-in' | 'serial';

export interface PotWatchState {
  readonly source: PotSource | null;
  readonly watch: PotWatch;
  readonly fault: DeviceFault | null;
}

interface StandInStart {
  readonly massG: number;
  readonly aimC: number;
}

const OFF: PotWatchState = { source: null, watch: NO_WATCH, fault: null };
/** A stand-in pot is first looked at when it stands so far under its aim, C: still coming up. */
const COMING_UP_C = 30;

/**
 * The thermocouple in the pot. It belongs to the page and not to a screen of it, so that a look at the shelf does
 * not end the watch.
 */
let state: PotWatchState = OFF;
let device: Thermocouple | null = null;
let standIn: StandInThermocouple | null = null;
let limits: PotLimits = { coldUnderC: 0, hotOverC: Infinity };
const listeners = new Set<() => void>();

function set(next: PotWatchState): void {
  state = next;
  for (const tell of listeners) tell();
}

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** The pot's temperature as it streams. */
export function usePotWatch(): PotWatchState {
  return useSyncExternalStore(
    subscribe,
    () => state,
    () => OFF,
  );
}

/** The pot now, C; null where nothing reads it. */
export function potNowC(): number | null {
  return state.fault === null ? (state.watch.latest?.tempC ?? null) : null;
}

/** The band that the alarms keep. */
export function keepWithin(next: PotLimits): void {
  limits = next;
}

/** Puts a thermocouple in. What an earlier one told is kept. */
export function watchThePot(source: PotSource, now: () => number, start: StandInStart): void {
  inBackground(device?.stop());
  standIn = null;
  if (source === 'stand-in') {
    standIn = standInThermocouple(
      {
        chance: Math.random,
        every: (ms, tick) => {
          const timer = setInterval(tick, ms);
          return () => clearInterval(timer);
        },
      },
      { massG: start.massG, startC: start.aimC - COMING_UP_C, dialC: start.aimC },
    );
    device = standIn;
  } else {
    const { serial } = navigator as unknown as { serial?: SerialLike };
    device = serialThermocouple(serial ?? null);
  }
  set({ ...state, source, fault: null });
  inBackground(
    device.start({
      onReading: ({ tempC }) => set({ ...state, watch: watchPot(state.watch, { at: now(), tempC }, limits) }),
      onFault: (fault) => set({ ...state, fault }),
    }),
  );
}

export function stopWatching(): void {
  inBackground(device?.stop());
  device = null;
  standIn = null;
  set({ ...OFF, watch: { ...state.watch, sounding: null } });
}

/** What the maker does at the pot, for the stand-in to answer; a real thermocouple sees it by itself. */
export const potDeeds = {
  ladle: (g: number) => standIn?.ladle(g),
  charge: (g: number) => standIn?.charge(g),
  turnDial: (tempC: number) => standIn?.turnDial(tempC),
  unplug: () => standIn?.unplug(),
};
