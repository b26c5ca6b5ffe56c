import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { Compose } from '../compose';

/** Which bench an empty browser begins with is the server's to say, each time it starts. */
export default async function BenchLayout({ children }: { children: ReactNode }) {
  // As files for any host there is no server to say it: a bench begins empty.
  if (process.env.RUVEK_EXPORT !== '1') await connection();
  return <Compose startWith={process.env.RUVEK_BENCH === 'demo' ? 'demo' : 'empty'}>{children}</Compose>;
}
