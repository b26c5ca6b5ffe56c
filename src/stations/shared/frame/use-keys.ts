'use client';

import { useEffect, useRef } from 'react';

/** Whether a key press belongs to a field or a part that uses keys itself. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  return (
    target.isContentEditable ||
    target.closest('input, textarea, select, [role="dialog"], [role="listbox"]') !== null
  );
}

/** Calls `onKey` for presses that no field wants. A handler that uses a press prevents its default. */
export function useKeys(onKey: (event: KeyboardEvent) => void): void {
  const handler = useRef(onKey);
  useEffect(() => {
    handler.current = onKey;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!event.defaultPrevented && !isTyping(event.target)) handler.current(event);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
