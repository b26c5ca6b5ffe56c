'use client';

import Link from 'next/link';
import { useEffect, useRef } from 'react';
import { StationGlyph } from '../glyphs/StationGlyph';
import styles from './frame.module.css';

export interface Stop {
  readonly key: string;
  /** Its picture, as a path on a 16 by 16 grid. */
  readonly glyph: string;
  readonly name: string;
  readonly href: string;
  /** What waits there, in a few words. */
  readonly waits: string;
  readonly tone: 'calm' | 'act' | 'mind';
}

/** The line: stations as stops along a runner, the open one a gate into the work below. */
export function Line({ stops, here }: { stops: readonly Stop[]; here: string | null }) {
  const at = stops.findIndex((stop) => stop.key === here);
  const open = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // Asked at once, it would lay the whole page out within the drawing of it.
    const frame = requestAnimationFrame(() =>
      open.current?.scrollIntoView({ block: 'nearest', inline: 'center' }),
    );
    return () => cancelAnimationFrame(frame);
  }, [at]);
  return (
    <nav aria-label="Stations" className={styles.line}>
      <ol className={styles.stops}>
        <li aria-hidden="true" className={styles.runner} />
        {stops.map((stop, index) => (
          <li
            key={stop.key}
            ref={index === at ? open : undefined}
            className={[styles.stop, index === at ? styles.here : ''].join(' ')}
            data-tone={stop.tone}
          >
            {index === at ? <Gate /> : null}
            <Link
              href={stop.href}
              // A station is the server's to write anew at each opening: asked for ahead, it would be asked for twice.
              prefetch={false}
              className={styles.stopLink}
              aria-current={index === at ? 'page' : undefined}
              title={`Key ${index + 1}`}
            >
              <span className={styles.bead}>
                <StationGlyph path={stop.glyph} />
              </span>
              {stop.name}
              <small className={stop.tone === 'calm' ? undefined : styles[stop.tone]}>{stop.waits}</small>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}

function Gate() {
  return (
    <svg className={styles.gate} viewBox="0 0 104 43" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 43C16 43 24 32 30 12C33 3 40 0 52 0S71 3 74 12C80 32 88 43 104 43" />
    </svg>
  );
}
