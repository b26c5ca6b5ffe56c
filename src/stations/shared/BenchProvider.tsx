'use client';

import { App } from 'antd';
import {
  createContext,
  startTransition,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { BenchReading } from '@/data/reading/bench-reading';
import type { Workshop } from '@/data/workshop';
import { benchSentence } from '@/messages/bench-sentence';
import type { BenchContents } from '@/records/bench-file';
import { deriveView, type BenchView } from './bench-view';

interface BenchSource {
  readonly workshop: Workshop;
  /** The made-up bench, for those who want to look round. */
  readonly demo: () => BenchContents;
}

interface BenchHands extends BenchSource {
  readonly view: BenchView;
  /** Carries out a repository call and says why where it is refused. Null then. */
  readonly carryOut: <T>(call: Promise<BenchOutcome<T>>) => Promise<{ value: T } | null>;
}

const BenchContext = createContext<BenchHands | null>(null);

/** Gives the stations the bench: what of it changes is read anew, in this tab or another. */
export function BenchProvider({ source, children }: { source: BenchSource; children: ReactNode }) {
  const { message } = App.useApp();
  const [reading, setReading] = useState<BenchReading | null>(null);
  const [failure, setFailure] = useState<unknown>(null);
  useEffect(() => {
    let isFirst = true;
    return source.workshop.follow((next) => {
      // All of a station at once would hold up the page: the first time it is drawn in stretches.
      if (isFirst) startTransition(() => setReading(next));
      else setReading(next);
      isFirst = false;
    }, setFailure);
  }, [source.workshop]);
  // To the page's error boundary, which says what to do.
  if (failure !== null) throw failure instanceof Error ? failure : new Error('The bench cannot be read');
  const view = useMemo(() => (reading ? deriveView(reading) : null), [reading]);
  const carryOut = useCallback<BenchHands['carryOut']>(
    async (call) => {
      const outcome = await call;
      if (outcome.ok) return { value: outcome.value };
      void message.error(benchSentence(outcome.problem), 6);
      return null;
    },
    [message],
  );
  const hands = useMemo(() => (view ? { ...source, view, carryOut } : null), [source, view, carryOut]);
  if (!hands) return <p style={{ padding: 24 }}>Opening the bench.</p>;
  return <BenchContext.Provider value={hands}>{children}</BenchContext.Provider>;
}

/** The bench, inside a BenchProvider. */
export function useBench(): BenchHands {
  const hands = useContext(BenchContext);
  if (!hands) throw new Error('useBench requires a BenchProvider above it');
  return hands;
}
