'use client';

interface StationFailureProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

/** A station that stumbled: the line above still goes to the others. */
export default function StationFailure({ error, reset }: StationFailureProps) {
  return (
    <main style={{ padding: 32 }}>
      <h1>This station stumbled</h1>
      <p>What was written is safe in this browser, and the other stations work. The fault: {error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
