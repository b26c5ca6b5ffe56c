'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';

/** The press with which an entry of the browser's history was made: what else changes with it belongs to that entry. */
let madeWith: Event | 'no press' | null = null;

function write(name: string, value: string | null): void {
  const address = new URL(window.location.href);
  if (address.searchParams.get(name) === value) return;
  if (value === null) address.searchParams.delete(name);
  else address.searchParams.set(name, value);
  const press = window.event ?? 'no press';
  if (madeWith === press) window.history.replaceState(null, '', address);
  else window.history.pushState(null, '', address);
  madeWith = press;
  // A next press may come before this does: it is another one, and makes an entry of its own.
  setTimeout(() => {
    madeWith = null;
  }, 0);
}

/**
 * What is in hand at a station, by its id, as the address says it under a name, and a way to let it say another; null
 * where it says nothing. Whether there is such a thing is for who asks: it may be gone since.
 *
 * @example const [binId, choose] = useInHand('bin'); // `hook-2-0` at /shelf?bin=hook-2-0
 */
export function useInHand(name: string): readonly [string | null, (value: string | null) => void] {
  const said = useSearchParams().get(name);
  // The address follows a moment after a press; what was pressed shows at once.
  const [ahead, setAhead] = useState<{ readonly of: string | null; readonly to: string | null } | null>(null);
  if (ahead && ahead.of !== said) setAhead(null);
  // Back may come before the address followed: it then never says what was ahead of it.
  useEffect(() => {
    const letGo = () => setAhead(null);
    window.addEventListener('popstate', letGo);
    return () => window.removeEventListener('popstate', letGo);
  }, []);
  const say = useCallback(
    (to: string | null) => {
      setAhead({ of: said, to });
      write(name, to);
    },
    [name, said],
  );
  return [ahead && ahead.of === said ? ahead.to : said, say];
}

/**
 * The figures that a link brings along by their names, as what a tool begins with: what was asked elsewhere goes on here.
 *
 * @example const { grams } = useAskedFigures(); // 10 at /molds?view=design&grams=10
 */
export function useAskedFigures(): Readonly<Record<string, number | undefined>> {
  const figures = [...useSearchParams()].flatMap(([name, said]): [string, number][] => {
    const figure = Number(said);
    return said.trim() !== '' && Number.isFinite(figure) && figure > 0 ? [[name, figure]] : [];
  });
  return Object.fromEntries(figures);
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
  const [said, say] = useInHand(name);
  return [choices.find((choice) => choice === said) ?? first, say];
}
