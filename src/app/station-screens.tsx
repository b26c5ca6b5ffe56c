import type { ComponentType, ReactNode } from 'react';

const screens = new Map<string, Promise<ReactNode>>();

/**
 * Fetches the screen of a station by the name of its folder, once: its chunks are its own, so that opening one station
 * asks for no other's.
 */
export function fetchScreen(station: string): Promise<ReactNode> {
  const known = screens.get(station);
  if (known) return known;
  const asked = import(`@/stations/${station}/index`).then(
    ({ Station }: { Station: ComponentType }) => <Station />,
    (error: unknown) => {
      // Kept, a fetch that failed would be the answer forever: the next try begins anew.
      screens.delete(station);
      throw error;
    },
  );
  screens.set(station, asked);
  return asked;
}
