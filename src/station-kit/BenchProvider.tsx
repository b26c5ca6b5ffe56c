'use client';

import { useNotice } from './use-notice';
import {
  createContext,
  startTransition,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { MassUnit } from '@/core/units/write-mass';
import type { BenchReading } from '@/records/bench-reading';
import type { Workshop } from '@/data/workshop';
import { benchSentence } from '@/text/bench-sentence';
import { writerIn } from '@/text/writer';
import type { BenchContents } from '@/records/bench-file';
import { benchModel } from '@/model/bench/bench-model';
import type { BenchView } from '@/model/bench/bench-view';
import { benchStore, type BenchStore } from './bench-store';
import { RefusedInside } from '@/data/write';
import { onFailure } from './in-background';
import { UnitsContext } from '@/ui/units/use-units';
import { usePreferences } from './preferences-store';
import { watchReads } from './watch-reads';

interface BenchSource {
  readonly workshop: Workshop;
  /** The made-up bench, for those who want to look round. */
  readonly demo: () => Promise<BenchContents>;
}

interface OpenBench extends BenchSource {
  readonly view: BenchView;
  /** Carries out a repository call and says why where it is refused or fails. Null then. */
  readonly carryOut: <T>(call: Promise<BenchOutcome<T>>) => Promise<{ value: T } | null>;
}

/** What stays the same while the bench is open: the view goes past it, to those who ask for it. */
interface BenchContextValue extends Omit<OpenBench, 'view'> {
  readonly store: BenchStore;
}

const BenchContext = createContext<BenchContextValue | null>(null);

/** Gives the stations the bench: what of it changes is read anew, in this tab or another. */
export function BenchProvider({ source, children }: { source: BenchSource; children: ReactNode }) {
  const notice = useNotice();
  const [store] = useState(benchStore);
  const [isOpen, setIsOpen] = useState(false);
  const [failure, setFailure] = useState<unknown>(null);
  const { mass, length, temperature, strength, volume, speed, depth } = usePreferences();
  const units = useMemo(
    () => ({ mass, length, temperature, strength, volume, speed, depth }),
    [mass, length, temperature, strength, volume, speed, depth],
  );
  const [model] = useState(benchModel);
  // The same bench is named anew when the maker changes units.
  const named = useRef<{ reading: BenchReading | null; mass: MassUnit }>({ reading: null, mass });
  useEffect(() => {
    named.current.mass = mass;
    if (named.current.reading) store.set(model(named.current.reading, mass));
  }, [mass, model, store]);
  useEffect(() => {
    let isFirst = true;
    return source.workshop.follow((reading) => {
      named.current.reading = reading;
      store.set(model(reading, named.current.mass));
      // All of a station at once would hold up the page: the first time it is drawn in stretches.
      if (isFirst) startTransition(() => setIsOpen(true));
      isFirst = false;
    }, setFailure);
  }, [source.workshop, model, store]);
  // To the page's error boundary, which says what to do.
  if (failure !== null) throw failure instanceof Error ? failure : new Error('The bench cannot be read');
  const tellFailure = useCallback(
    (error: unknown) => {
      if (error instanceof RefusedInside) {
        notice.error(benchSentence(error.problem, writerIn(units)), 8);
        return;
      }
      // A write is carried out as a whole or not at all.
      const why = error instanceof Error ? error.message : String(error);
      notice.error(`This failed, and nothing of it was written down: ${why}. Try again.`, 8);
    },
    [notice, units],
  );
  useEffect(() => onFailure(tellFailure), [tellFailure]);
  const carryOut = useCallback<OpenBench['carryOut']>(
    async (call) => {
      try {
        const outcome = await call;
        if (outcome.ok) return { value: outcome.value };
        notice.error(benchSentence(outcome.problem, writerIn(units)), 6);
      } catch (error) {
        tellFailure(error);
      }
      return null;
    },
    [notice, tellFailure, units],
  );
  const value = useMemo(() => ({ ...source, store, carryOut }), [source, store, carryOut]);
  if (!isOpen) return <p style={{ padding: 24 }}>Opening the bench.</p>;
  return (
    <UnitsContext value={units}>
      <BenchContext value={value}>{children}</BenchContext>
    </UnitsContext>
  );
}

function useBenchContext(): BenchContextValue {
  const value = useContext(BenchContext);
  if (!value) throw new Error('useBench requires a BenchProvider above it');
  return value;
}

/**
 * The bench, inside a BenchProvider. A component is drawn anew when a part of the view that it read, or handed on to what
 * read it, is another; the view is another object then.
 */
export function useBench(): OpenBench {
  const { store, ...hands } = useBenchContext();
  const [read] = useState(() => watchReads(store.get));
  return { ...hands, view: useSyncExternalStore(store.subscribe, read, read) };
}

/**
 * What a component shows of the bench: it is drawn anew when that is another. `select` gives a slice of the view or a
 * plain value, which is the very same while nothing in it has changed.
 *
 * @example const blocks = useBenchSelect(({ molds }) => molds.length);
 */
export function useBenchSelect<Slice>(select: (view: BenchView) => Slice): Slice {
  const { store } = useBenchContext();
  const get = () => select(store.get());
  return useSyncExternalStore(store.subscribe, get, get);
}
