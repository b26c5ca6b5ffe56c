'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { DeviceFault } from '@/devices/device';
import { settledMass, type Scale } from '@/devices/scale/scale';
import { serialScale } from '@/devices/scale/serial-scale';
import type { SerialLike } from '@/devices/serial-lines';
import { STAND_IN_STEP_G, standInScale, type StandInScale } from '@/devices/scale/stand-in-scale';
import { inBackground } from '../in-background';

export type ScaleKind = 'stand-in' | 'serial';

export interface ScaleState {
  readonly kind: ScaleKind | null;
  readonly massG: number | null;
  /** The weight it has settled on; null while it moves or is empty. */
  readonly settledG: number | null;
  readonly fault: DeviceFault | null;
}

const OFF: ScaleState = { kind: null, massG: null, settledG: null, fault: null };
const KEPT = 8;
/** Under this the pan counts as empty, g. */
const EMPTY_G = 0.2;

/** A scale in hand: turned on and off, its readings, and a call once for each load that settles. */
export function useScale(onSettled: (massG: number) => void) {
  const [state, setState] = useState<ScaleState>(OFF);
  const scale = useRef<Scale | null>(null);
  const standIn = useRef<StandInScale | null>(null);
  const settle = useRef(onSettled);
  useEffect(() => {
    settle.current = onSettled;
  });

  const stop = useCallback(() => {
    inBackground(scale.current?.stop());
    scale.current = null;
    standIn.current = null;
    setState(OFF);
  }, []);
  useEffect(() => () => inBackground(scale.current?.stop()), []);

  const start = useCallback(
    (kind: ScaleKind) => {
      stop();
      if (kind === 'stand-in') {
        standIn.current = standInScale({
          chance: Math.random,
          every: (ms, tick) => {
            const timer = setInterval(tick, ms);
            return () => clearInterval(timer);
          },
        });
        scale.current = standIn.current;
      } else {
        const { serial } = navigator as unknown as { serial?: SerialLike };
        scale.current = serialScale(serial ?? null);
      }
      setState({ ...OFF, kind });
      let recent: number[] = [];
      let isTaken = false;
      inBackground(
        scale.current.start({
          onReading: ({ massG }) => {
            recent = [...recent, massG].slice(-KEPT);
            const steady = settledMass(recent, STAND_IN_STEP_G);
            const settledG = steady !== null && steady > EMPTY_G ? steady : null;
            if (massG < EMPTY_G) isTaken = false;
            setState((before) => ({ ...before, massG, settledG }));
            if (settledG !== null && !isTaken) {
              isTaken = true;
              settle.current(settledG);
            }
          },
          onFault: (fault) => setState((before) => ({ ...before, fault, massG: null, settledG: null })),
        }),
      );
    },
    [stop],
  );
  const put = useCallback((massG: number) => standIn.current?.put(massG), []);
  return { ...state, start, stop, put };
}
