'use client';

import { Stumbled } from '@/ui/frame/Stumbled';

interface StationFailureProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

/** A station that stumbled: the line above still goes to the others. */
export default function StationFailure({ error, reset }: StationFailureProps) {
  return (
    <Stumbled
      what="This station"
      safe="What was written is safe in this browser, and the other stations work."
      error={error}
      onAgain={reset}
    />
  );
}
