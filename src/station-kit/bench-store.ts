import type { BenchView } from '@/model/bench/bench-view';

/** Where the bench as it stands is kept for the components that show it. */
export interface BenchStore {
  /** The bench as it stands. Throws before it was read for the first time. */
  readonly get: () => BenchView;
  readonly set: (view: BenchView) => void;
  /** Calls back with every change; gives what ends that. */
  readonly subscribe: (onChange: () => void) => () => void;
}

export function benchStore(): BenchStore {
  let view: BenchView | null = null;
  const listeners = new Set<() => void>();
  return {
    get: () => {
      if (!view) throw new Error('benchStore requires that the bench was read');
      return view;
    },
    set: (next) => {
      view = next;
      for (const listener of listeners) listener();
    },
    subscribe: (onChange) => {
      listeners.add(onChange);
      return () => listeners.delete(onChange);
    },
  };
}
