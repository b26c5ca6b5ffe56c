'use client';

import { useNotice } from '@/station-kit/use-notice';
import { BulbOutlined, MoonOutlined, RedoOutlined, SunOutlined, UndoOutlined } from '@ant-design/icons';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { Fragment, lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import { Line } from '@/ui/frame/Line';
import { Lights } from '@/ui/materials/Lights';
import styles from '@/ui/frame/frame.module.css';
import { deedSentence } from '@/text/deed-sentence';
import { useBench } from '@/station-kit/BenchProvider';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { BackUpReminder } from './BackUpReminder';
import { BringBack } from './saved-copy/BringBack';
import { CopyTool } from './saved-copy/CopyTool';
import { Clocks } from './Clocks';
import { KeysHelp } from './KeysHelp';
import { FRAME_KEYS, stationOf } from './keys';
import { stopsOf } from './stops';
import { useKeys } from '@/station-kit/use-keys';
import { useNow } from '@/station-kit/use-now';
import { useKeyMap } from '@/station-kit/key-map';
import type { StationDefinition } from '@/station-kit/station-definition';
import { inBackground } from '@/station-kit/in-background';

/** Fetched by who opens it. */
const BenchMenu = lazy(() => import('./BenchMenu').then((part) => ({ default: part.BenchMenu })));

interface BenchFrameProps {
  /** In the order of the line. */
  readonly stations: readonly StationDefinition[];
  readonly children: ReactNode;
}

/** Header, line and clocks round every station; undo, looks and keys that hold everywhere. */
export function BenchFrame({ stations, children }: BenchFrameProps) {
  const { workshop, view, carryOut } = useBench();
  const notice = useNotice();
  const preferences = usePreferences();
  const router = useRouter();
  const path = usePathname();
  const [open, setOpen] = useState<'menu' | 'keys' | null>(null);
  const stops = stopsOf(stations, view, preferences.mass, useNow(workshop.now, 60_000));
  const here = stations.find(({ href }) => path.startsWith(href)) ?? null;
  const ownDigits = here?.ownDigits?.(view) ?? null;

  useEffect(() => {
    document.documentElement.dataset.look = preferences.look;
    document.documentElement.dataset.glove = preferences.isGloved ? 'on' : 'off';
  }, [preferences.look, preferences.isGloved]);

  const undo = async () => {
    const done = await carryOut(workshop.history.undo());
    if (done) notice.info(`Taken back: ${deedSentence(done.value)}`);
  };
  const redo = async () => {
    const done = await carryOut(workshop.history.redo());
    if (done) notice.info(`Done again: ${deedSentence(done.value)}`);
  };

  useKeys((event) => {
    const isCommand = event.ctrlKey || event.metaKey;
    if (isCommand && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      inBackground(event.shiftKey ? redo() : undo());
      return;
    }
    if (isCommand) return;
    const station = event.shiftKey ? undefined : stationOf(stations, event);
    if (station && (event.altKey || ownDigits === null || station.letter !== undefined)) {
      event.preventDefault();
      router.push(station.href);
    }
  });
  useKeyMap(FRAME_KEYS, {
    gloves: () => setPreferences({ isGloved: !preferences.isGloved }),
    answers: () => router.push('/answers'),
    help: () => setOpen('keys'),
  });

  const { mass, length, temperature } = preferences;
  return (
    <div className={styles.frame}>
      <Lights />
      <button type="button" className={styles.skip} onClick={() => document.getElementById('work')?.focus()}>
        Skip to the work
      </button>
      <header className={styles.header}>
        <Link href="/ticket" prefetch={false} className={styles.mark}>
          RUVEK
        </Link>
        <span className={styles.benchName}>{view.bench.name}</span>
        <div className={styles.tools}>
          <CopyTool />
          <BackUpReminder />
          <Link href="/answers" prefetch={false} className={styles.tool} aria-label="Quick answers">
            <BulbOutlined aria-hidden="true" />
            <span className={styles.wide}> Quick answers</span>
          </Link>
          <button
            type="button"
            className={styles.tool}
            disabled={view.undo === null}
            onClick={() => inBackground(undo())}
            title={view.undo ? `Take back: ${deedSentence(view.undo)}` : 'Nothing to take back'}
          >
            <UndoOutlined aria-hidden="true" /> Undo
          </button>
          <button
            type="button"
            className={styles.tool}
            disabled={view.redo === null}
            onClick={() => inBackground(redo())}
            title={view.redo ? `Do again: ${deedSentence(view.redo)}` : 'Nothing to do again'}
            aria-label="Redo"
          >
            <RedoOutlined aria-hidden="true" />
          </button>
          <button
            type="button"
            className={[styles.tool, preferences.isGloved ? styles.toolOn : ''].join(' ')}
            aria-pressed={preferences.isGloved}
            onClick={() => setPreferences({ isGloved: !preferences.isGloved })}
          >
            Glove<span className={styles.wide}> mode{preferences.isGloved ? ' on' : ''}</span>
          </button>
          <button
            type="button"
            className={styles.tool}
            onClick={() => setPreferences({ look: preferences.look === 'day' ? 'shed' : 'day' })}
            aria-label={preferences.look === 'day' ? 'Shed look (dark)' : 'Day look (light)'}
          >
            {preferences.look === 'day' ? (
              <MoonOutlined aria-hidden="true" />
            ) : (
              <SunOutlined aria-hidden="true" />
            )}
            <span className={styles.wide}> {preferences.look === 'day' ? 'Shed' : 'Day'}</span>
          </button>
          <button type="button" className={styles.tool} onClick={() => setOpen('menu')}>
            Bench
            <span className={styles.wide}>
              {' '}
              <strong>
                {mass === 'g' ? 'g' : 'oz'} · {length} · °{temperature}
              </strong>
            </span>
            <span className="unseen">: units and backup</span>
          </button>
        </div>
      </header>
      <Line stops={stops} here={here?.key ?? null} />
      <BringBack />
      {/* Dates are written by whatever stands there: another way to write them draws all of it anew. */}
      <Fragment key={`${preferences.dates} ${preferences.clock}`}>{children}</Fragment>
      <Clocks keys={ownDigits ?? 'digits go to stations · ? keys'} />
      {open === 'menu' ? (
        <Suspense>
          <BenchMenu onClose={() => setOpen(null)} />
        </Suspense>
      ) : null}
      {open === 'keys' ? <KeysHelp stations={stations} onClose={() => setOpen(null)} /> : null}
    </div>
  );
}
