'use client';

import { useLayoutEffect, useRef } from 'react';

/** Whether a key press belongs to a field or a part that uses keys itself. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  return (
    target.isContentEditable ||
    // A choice that was just pressed keeps the focus and wants no letters.
    target.closest('input:not([type="radio"]), textarea, select, [role="dialog"], [role="listbox"]') !== null
  );
}

/** Calls `onKey` for presses that no field wants. A handler that uses a press prevents its default. */
export function useKeys(onKey: (event: KeyboardEvent) => void): void {
  const handler = useRef(onKey);
  // Before what it answers to is painted: a press that follows the eye must not find the handler of a moment ago.
  useLayoutEffect(() => {
    handler.current = onKey;
  });
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!event.defaultPrevented && !isTyping(event.target)) handler.current(event);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
