import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ padding: 32 }}>
      <h1>There is nothing at this address</h1>
      <p>
        Go to <Link href="/ticket">the tickets</Link> or <Link href="/calculations">the calculations</Link>.
      </p>
    </main>
  );
}
