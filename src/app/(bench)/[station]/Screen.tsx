'use client';

import { use } from 'react';
import { fetchScreen } from '@/app/station-screens';

/** The screen of a station, by the name of its folder. */
export function Screen({ of }: { of: string }) {
  return use(fetchScreen(of));
}
