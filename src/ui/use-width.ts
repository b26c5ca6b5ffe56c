'use client';

import { useEffect, useRef, useState } from 'react';

/** The width in px of the element that the ref is put on; `first` until it is known. */
export function useWidth<T extends HTMLElement>(first: number) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.round(entry.contentRect.width));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width] as const;
}
