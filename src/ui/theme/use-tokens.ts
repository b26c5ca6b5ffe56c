'use client';

import { useEffect, useState } from 'react';

/** The present values of color tokens, for what is painted on a canvas; anew when the look changes. */
export function useTokens(names: readonly string[]): (name: string) => string {
  const [values, setValues] = useState<Record<string, string>>({});
  const list = names.join(' ');
  useEffect(() => {
    const root = document.documentElement;
    const read = () => {
      const style = getComputedStyle(root);
      setValues(
        Object.fromEntries(list.split(' ').map((name) => [name, style.getPropertyValue(name).trim()])),
      );
    };
    read();
    const watch = new MutationObserver(read);
    watch.observe(root, { attributes: true, attributeFilter: ['data-look'] });
    return () => watch.disconnect();
  }, [list]);
  return (name) => values[name] ?? 'gray';
}
