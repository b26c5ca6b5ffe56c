'use client';

import { StationStumbled } from '@/app-shell/StationStumbled';

interface StationFailureProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

/** A station that stumbled: the line above still goes to the others. */
export default function StationFailure({ error, reset }: StationFailureProps) {
  return <StationStumbled error={error} onAgain={reset} />;
}
