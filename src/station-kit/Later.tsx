'use client';

import { useDeferredValue, type ReactNode } from 'react';

/**
 * Draws what it holds a moment after what it stands beside: what is heavy comes in steps, and the page answers in between.
 * One within another waits once more.
 */
export function Later({ children }: { readonly children: ReactNode }) {
  const isDue = useDeferredValue(true, false);
  return isDue ? children : null;
}
