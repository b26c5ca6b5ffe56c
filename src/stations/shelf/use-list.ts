'use client';

import { useCallback, useRef, useState } from 'react';
import { guessColumns, type ListColumns } from '@/core/stock/list/stock-row';
import { parseList, readList, type ListReading, type RawList } from '@/data/exchange/stock-list/read-list';
import { listSentence } from '@/text/row-sentence';
import { useBench } from '@/station-kit/BenchProvider';

interface ListState {
  readonly is: 'rest' | 'mapping' | 'reading' | 'read' | 'writing' | 'done';
  readonly name: string;
  readonly list: RawList | null;
  readonly columns: ListColumns | null;
  readonly reading: ListReading | null;
  readonly share: number;
  readonly problem: string | null;
  readonly said: string | null;
}

const REST: ListState = {
  is: 'rest',
  name: '',
  list: null,
  columns: null,
  reading: null,
  share: 0,
  problem: null,
  said: null,
};

/** A list on its way in: chosen, its columns named, read, looked over, accepted. Nothing is written before that. */
export function useList() {
  const { workshop, view } = useBench();
  const [state, setState] = useState<ListState>(REST);
  const call = useRef<AbortController | null>(null);

  const open = useCallback((name: string, text: string) => {
    const parsed = parseList(text);
    if (!parsed.ok) {
      setState({ ...REST, problem: listSentence(parsed.problem) });
      return;
    }
    const columns = guessColumns(parsed.list.heads);
    setState({ ...REST, is: 'mapping', name, list: parsed.list, columns });
  }, []);

  const read = useCallback(async () => {
    const { list, columns } = state;
    if (!list || !columns) return;
    const mine = new AbortController();
    call.current = mine;
    setState({ ...state, is: 'reading', share: 0, reading: null });
    const reading = await readList(
      list,
      columns,
      view.bins,
      (share) => setState((before) => ({ ...before, share })),
      mine.signal,
    );
    if (mine.signal.aborted) setState({ ...state, is: 'mapping' });
    else setState({ ...state, is: 'read', reading });
  }, [state, view.bins]);

  const accept = useCallback(
    async (how: 'received' | 'counted') => {
      const { reading } = state;
      if (!reading) return;
      setState({ ...state, is: 'writing' });
      const { bins, entries } = await workshop.shelf.bringIn(reading.good, how);
      setState({
        ...REST,
        is: 'done',
        said: `${entries} amounts entered, ${bins} new bins. Undo takes it back.`,
      });
    },
    [state, workshop],
  );

  return {
    state,
    open,
    read,
    accept,
    setColumns: (columns: ListColumns) => setState({ ...state, is: 'mapping', columns, reading: null }),
    cancel: () => call.current?.abort(),
    leave: () => setState(REST),
  };
}
