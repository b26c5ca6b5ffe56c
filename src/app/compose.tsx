'use client';

import { nanoid } from 'nanoid';
import { usePathname } from 'next/navigation';
import { Suspense, useEffect, useState, type ReactNode } from 'react';
import { BenchDatabase } from '@/data/database';
import { usualUnits } from '@/core/units/usual-units';
import { openWorkshop, type Workshop } from '@/data/workshop';
import { BenchFrame } from '@/app-shell/BenchFrame';
import { BenchProvider } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { Look } from './look';
import { fetchScreen } from './station-screens';
import { STATIONS } from './stations';

/** A clock that is turned by hand may stand between two milliseconds; records keep whole ones. */
const now = () => Math.floor(Date.now());

/** Fetched by those who look at it alone: a maker's own bench begins without. */
const demo = async () => (await import('@/demo/demo-bench')).demoBench(now());

async function open(startWith: 'demo' | 'empty'): Promise<Workshop> {
  const db = new BenchDatabase();
  // A newer Ruvek in another tab upgrades the bench: this tab gives way and starts anew.
  db.on('versionchange', () => {
    db.close();
    window.location.reload();
  });
  // The browser cleared what the bench lies in: a new page finds it bare, and offers the copy of it. Asked of the database
  // itself, since Dexie also says `close` of a page that is only put by for going back to.
  const watchClearing = () => {
    db.backendDB()?.addEventListener('close', () => window.location.reload());
  };
  db.on('ready', watchClearing, true);
  const workshop = openWorkshop({
    db,
    now,
    newId: () => nanoid(),
    sign: () => usualUnits(window.navigator.language).sign,
  });
  if (startWith === 'demo' && (await workshop.bench.isBare())) await workshop.backup.restore(await demo());
  return workshop;
}

/** Wires the bench together: database, repositories, the made-up bench, looks and frame. */
export function Compose({ startWith, children }: { startWith: 'demo' | 'empty'; children: ReactNode }) {
  const [workshop, setWorkshop] = useState<Workshop | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const path = usePathname();
  useEffect(() => {
    // While the bench opens, the screen that will show it is fetched.
    const here = STATIONS.find(({ href }) => path.startsWith(href));
    if (here) inBackground(fetchScreen(here.key));
  }, [path]);
  useEffect(() => {
    let isLive = true;
    open(startWith)
      .then((opened) => {
        if (isLive) setWorkshop(opened);
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : String(error)));
    return () => {
      isLive = false;
    };
  }, [startWith]);

  if (failure !== null) {
    return (
      <main style={{ padding: 32 }}>
        <h1>The bench does not open</h1>
        <p>
          This browser did not give Ruvek a place to keep it: {failure}. Leave private browsing, or free some
          space.
        </p>
      </main>
    );
  }
  return (
    <Look>
      {workshop ? (
        <BenchProvider source={{ workshop, demo }}>
          <BenchFrame stations={STATIONS}>
            {/* Stands through every change of station: the last one stays until the next is there. */}
            <Suspense>{children}</Suspense>
          </BenchFrame>
        </BenchProvider>
      ) : (
        <p style={{ padding: 24 }}>Opening the bench.</p>
      )}
    </Look>
  );
}
