'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback } from 'react';

/** An entry of the browser's history was made in this turn: what changes besides belongs to it. */
let isMade = false;

function write(name: string, value: string | null): void {
  const address = new URL(window.location.href);
  if (address.searchParams.get(name) === value) return;
  if (value === null) address.searchParams.delete(name);
  else address.searchParams.set(name, value);
  if (isMade) window.history.replaceState(null, '', address);
  else window.history.pushState(null, '', address);
  isMade = true;
  setTimeout(() => {
    isMade = false;
  }, 0);
}

/**
 * Which of some choices shows, as the address says it, so that a reload, Back and a link come back to it. What the
 * address does not say, or says wrongly, is the first.
 *
 * @example const [part, turn] = useInAddress('part', ['bins', 'buy'], 'bins'); // `buy` at /shelf?part=buy
 */
export function useInAddress<Choice extends string>(
  name: string,
  choices: readonly Choice[],
  first: Choice,
): readonly [Choice, (choice: Choice) => void] {
  const said = useSearchParams().get(name);
  const shown = choices.find((choice) => choice === said) ?? first;
  const turn = useCallback((choice: Choice) => write(name, choice), [name]);
  return [shown, turn];
}

/**
 * What is in hand at a station, by its id, as the address says it; null where it says none. Whether there is such a thing
 * is for who asks: it may be gone since.
 *
 * @example const [binId, choose] = useInHand('bin'); // `hook-2-0` at /shelf?bin=hook-2-0
 */
export function useInHand(name: string): readonly [string | null, (id: string | null) => void] {
  const id = useSearchParams().get(name);
  const choose = useCallback((next: string | null) => write(name, next), [name]);
  return [id, choose];
}
