'use client';

import { Stumbled } from '@/ui/frame/Stumbled';

interface FailureProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

/** The whole page stumbled. */
export default function Failure({ error, reset }: FailureProps) {
  return (
    <Stumbled
      what="This page"
      safe="What is on the bench is safe in this browser."
      error={error}
      onAgain={reset}
    />
  );
}
