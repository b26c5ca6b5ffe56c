'use client';

import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import type { WeekTask } from '@/model/week/week-task';
import { setPreferences } from '../preferences-store';

/** Goes where a task is done, its ticket and its lot in hand. */
export function useStart(): (task: Pick<WeekTask, 'href' | 'ticketIds' | 'metalId'>) => void {
  const router = useRouter();
  return useCallback(
    ({ href, ticketIds: [ticketInHand], metalId }) => {
      setPreferences({
        ...(ticketInHand === undefined ? {} : { ticketInHand }),
        ...(metalId === null ? {} : { metalInHand: metalId }),
      });
      router.push(href);
    },
    [router],
  );
}
