'use client';

import { App } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useCallback, useContext, useMemo, type ReactNode } from 'react';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Workshop } from '@/data/workshop';
import { benchSentence } from '@/messages/bench-sentence';
import type { BenchContents } from '@/records/bench-file';
import { deriveView, type BenchReading, type BenchView } from './bench-view';

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

async function readBench(workshop: Workshop): Promise<BenchReading> {
  const run = (await workshop.runs.current()) ?? null;
  const beat = (run && (await workshop.runs.beat(run.id))) ?? null;
  const [
    bench,
    isBare,
    bins,
    levels,
    molds,
    tickets,
    ticketEntries,
    runs,
    pours,
    clocks,
    offers,
    weighings,
    melts,
    rules,
    madeEntries,
    batches,
    flaws,
    heaters,
    coats,
    racks,
    coatFaults,
    skirts,
    tyings,
    cutEntries,
    waterNotes,
    builds,
    buildings,
    plastics,
    plasticBatches,
    rigs,
    riggings,
    allowances,
    matches,
    kits,
    lengthEntries,
  ] = await Promise.all([
    workshop.bench.read(),
    workshop.bench.isBare(),
    workshop.shelf.bins(),
    workshop.shelf.levels(),
    workshop.molds.all(),
    workshop.tickets.all(),
    workshop.shelf.ticketEntries(),
    workshop.runs.all(),
    run ? workshop.runs.pours(run.id) : [],
    workshop.clocks.all(),
    workshop.history.offers(),
    workshop.weighings.all(),
    workshop.metals.melts(),
    workshop.rules.all(),
    workshop.shelf.madeEntries(),
    workshop.batches.all(),
    workshop.batches.flaws(),
    workshop.coats.heaters(),
    workshop.coats.all(),
    workshop.racks.all(),
    workshop.racks.faults(),
    workshop.skirts.all(),
    workshop.tyings.all(),
    workshop.tyings.cutEntries(),
    workshop.skirts.waterNotes(),
    workshop.builds.all(),
    workshop.buildings.all(),
    workshop.plastics.all(),
    workshop.plastics.batches(),
    workshop.rigs.all(),
    workshop.riggings.all(),
    workshop.rigs.allowances(),
    workshop.rigs.matches(),
    workshop.kits.all(),
    workshop.lengths.entries(),
  ]);
  const undo = offers.undo?.label ?? null;
  const redo = offers.redo?.label.replace(/^Undo: /, '') ?? null;
  return {
    ...{ bench, isBare, bins, levels, molds, tickets, ticketEntries, runs, run, beat, pours, clocks },
    ...{ weighings, melts, rules, madeEntries, batches, flaws, heaters, coats, racks, coatFaults },
    ...{ skirts, tyings, cutEntries, waterNotes, builds, buildings, plastics, plasticBatches },
    ...{ rigs, riggings, allowances, matches, kits, lengthEntries, undo, redo },
  };
}

/** Gives the stations the bench: read anew whenever anything on it changes, in this tab or another. */
export function BenchProvider({ source, children }: { source: BenchSource; children: ReactNode }) {
  const { message } = App.useApp();
  const reading = useLiveQuery(() => readBench(source.workshop), [source.workshop]);
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
