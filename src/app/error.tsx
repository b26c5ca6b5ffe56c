'use client';

export default function Failure({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <main style={{ padding: 32 }}>
      <h1>This page stumbled</h1>
      <p>What is on the bench is safe in this browser. The fault: {error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
