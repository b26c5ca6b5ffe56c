'use client';

import { lazy, Suspense, useEffect, useState } from 'react';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import styles from '@/ui/frame/frame.module.css';
import type { CopyKeeping } from './copy-keeping';
import { useCopyStatus } from './copy-status';
import { keepingNow } from './keeping-now';

const Questions = lazy(() => import('./Questions').then((part) => ({ default: part.Questions })));

/** Keeps the copy of the bench in step; shows only where that needs the maker: a folder to allow again, a question of another device. */
export function CopyTool() {
  const { workshop } = useBench();
  const { is, folder, why, questions } = useCopyStatus();
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    inBackground(keepingNow(workshop.now));
  }, [workshop]);
  const act = (deed: (keeping: CopyKeeping) => Promise<unknown>) => () =>
    inBackground(keepingNow(workshop.now).then(deed));
  const tool = [styles.tool, styles.remind].join(' ');
  return (
    <>
      {is === 'paused' ? (
        <button
          type="button"
          className={tool}
          onClick={act((keeping) => keeping.askAgain())}
          title="The browser wants to be asked again before it writes to your folder. Until then copies lie in the browser itself."
        >
          Allow {folder}
          <span className={styles.wide}> for copies</span>
        </button>
      ) : null}
      {is === 'failed' ? (
        <button
          type="button"
          className={tool}
          onClick={act((keeping) => keeping.save())}
          title={`The last copy was not written: ${why ?? 'no reason was given'}. It is tried again by itself; a press tries it now.`}
        >
          Copy not saved
        </button>
      ) : null}
      {questions.length > 0 ? (
        <button type="button" className={tool} onClick={() => setOpen(true)}>
          {questions.length === 1 ? 'Another device asks' : `${questions.length} devices ask`}
        </button>
      ) : null}
      {isOpen ? (
        <Suspense>
          <Questions onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
