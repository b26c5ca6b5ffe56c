interface StumbledProps {
  /** What did: `This station`. */
  readonly what: string;
  /** What is not lost by it. */
  readonly safe: string;
  readonly error: Error;
  readonly onAgain: () => void;
}

/** Shown in place of what could not be drawn: what is safe, the fault, and a way to try again. */
export function Stumbled({ what, safe, error, onAgain }: StumbledProps) {
  return (
    <main style={{ padding: 32 }}>
      <h1>{what} stumbled</h1>
      <p>
        {safe} The fault: {error.message}
      </p>
      <p>
        <button type="button" onClick={onAgain}>
          Try again
        </button>
      </p>
    </main>
  );
}
