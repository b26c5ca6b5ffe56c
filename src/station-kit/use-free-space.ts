'use client';

import { useEffect } from 'react';
import { isOnControl } from './key-map';

/**
 * Leaves Space to the pour or the card: a control that was tapped or clicked lets go of the focus, so that the next Space
 * does not press it again. One reached by keyboard keeps it, and its Space.
 */
export function useFreeSpace(): void {
  useEffect(() => {
    const letGo = (event: MouseEvent) => {
      const held = document.activeElement;
      const isPointed = event.detail > 0;
      if (!isPointed || !(held instanceof HTMLElement || held instanceof SVGElement)) return;
      if (isOnControl(held) && !held.closest('[role="dialog"]')) held.blur();
    };
    document.addEventListener('click', letGo);
    return () => document.removeEventListener('click', letGo);
  }, []);
}
