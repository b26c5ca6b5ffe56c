'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { OrderPlan } from '@/core/stock/plan-orders';
import { sentence } from '@/messages/sentence';
import { CalledOff, WorkLane } from '@/workers/client';
import type { Jobs } from '@/workers/protocol';

interface OrdersState {
  readonly is: 'rest' | 'searching' | 'done' | 'failed';
  readonly plan: OrderPlan | null;
  readonly problem: string | null;
}

const REST: OrdersState = { is: 'rest', plan: null, problem: null };

/** The cheapest orders, searched for in a worker. */
export function useOrders() {
  const lane = useRef<WorkLane | null>(null);
  const [state, setState] = useState<OrdersState>(REST);
  useEffect(
    () => () => {
      lane.current?.close();
      lane.current = null;
    },
    [],
  );
  const ask = useCallback(async (question: Jobs['planOrders']['takes']) => {
    setState({ ...REST, is: 'searching' });
    try {
      const outcome = await (lane.current ??= new WorkLane()).ask('planOrders', question);
      setState(
        outcome.ok
          ? { is: 'done', plan: outcome.value, problem: null }
          : { is: 'failed', plan: null, problem: sentence(outcome.problem) },
      );
    } catch (error) {
      if (!(error instanceof CalledOff)) throw error;
    }
  }, []);
  const rest = useCallback(() => setState(REST), []);
  return { state, ask, rest };
}
