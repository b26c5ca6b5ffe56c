'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { StockMix } from '@/core/stock/mix-stock';
import { sentence } from '@/messages/sentence';
import { CalledOff, WorkLane } from '@/workers/client';
import type { MixQuestion } from './mix';
import { scarceItems, withPacket } from './mix';

export interface PacketGain {
  readonly item: string;
  readonly gain: number;
}

interface MixState {
  readonly is: 'rest' | 'searching' | 'packets' | 'done' | 'failed';
  readonly mix: StockMix | null;
  /** By how much a packet more of a part would raise what the shelf is worth, most first. */
  readonly gains: readonly PacketGain[];
  readonly problem: string | null;
}

const REST: MixState = { is: 'rest', mix: null, gains: [], problem: null };

/** The best mix, searched for in a worker: asked, called off, and then what one more packet would open up. */
export function useMix() {
  const lane = useRef<WorkLane | null>(null);
  const calls = useRef<AbortController | null>(null);
  const [state, setState] = useState<MixState>(REST);
  useEffect(
    () => () => {
      lane.current?.close();
      lane.current = null;
    },
    [],
  );
  const ask = useCallback(async (question: MixQuestion) => {
    calls.current?.abort();
    const call = new AbortController();
    calls.current = call;
    const hand = (lane.current ??= new WorkLane());
    const { signal } = call;
    const solve = async (input: MixQuestion): Promise<StockMix | string> => {
      const outcome = await hand.ask('mixStock', input, { signal });
      return outcome.ok ? outcome.value : sentence(outcome.problem);
    };
    setState({ ...REST, is: 'searching' });
    try {
      const mix = await solve(question);
      if (typeof mix === 'string') {
        setState({ ...REST, is: 'failed', problem: mix });
        return;
      }
      setState({ is: 'packets', mix, gains: [], problem: null });
      const counts = new Map(mix.make.map(({ id, count }) => [id, count]));
      const gains: PacketGain[] = [];
      for (const item of scarceItems(question, counts)) {
        const more = await solve(withPacket(question, item));
        if (typeof more !== 'string' && more.value > mix.value + 1e-9) {
          gains.push({ item, gain: more.value - mix.value });
          gains.sort((a, b) => b.gain - a.gain);
          setState({ is: 'packets', mix, gains: [...gains], problem: null });
        }
      }
      setState({ is: 'done', mix, gains, problem: null });
    } catch (error) {
      if (!(error instanceof CalledOff)) throw error;
      if (calls.current === call) setState(REST);
    }
  }, []);
  const cancel = useCallback(() => calls.current?.abort(), []);
  return { state, ask, cancel };
}
