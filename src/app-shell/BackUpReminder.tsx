'use client';

import { SaveOutlined } from '@ant-design/icons';
import { useEffect, useState } from 'react';
import styles from '@/ui/frame/frame.module.css';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { useCopyStatus } from './saved-copy/copy-status';
import { useBackUp } from './use-back-up';
import { useNow } from '@/station-kit/use-now';
import { inBackground } from '@/station-kit/in-background';

const DAY_MS = 86_400_000;
/** What was done lies in this browser alone for so long before it is said. */
const REMIND_AFTER_DAYS = 7;
const LOOK_EVERY_MS = 600_000;

/** Shows once what was done here lies unsaved for a week; a press saves it. A chosen folder that is kept in step needs none. */
export function BackUpReminder() {
  const { workshop } = useBench();
  const { backedUpAt } = usePreferences();
  const backUp = useBackUp();
  const now = useNow(workshop.now, LOOK_EVERY_MS);
  const [first, setFirst] = useState<number | null>(null);
  useEffect(() => {
    let isLive = true;
    inBackground(
      workshop.history.firstSince(backedUpAt ?? 0).then((at) => {
        if (isLive) setFirst(at);
      }),
    );
    return () => {
      isLive = false;
    };
  }, [workshop, backedUpAt, now]);
  const { is, folder } = useCopyStatus();
  const days = first === null ? 0 : Math.floor((now - first) / DAY_MS);
  if (days < REMIND_AFTER_DAYS || (folder !== null && is !== 'paused' && is !== 'failed')) return null;
  return (
    <button
      type="button"
      className={[styles.tool, styles.remind].join(' ')}
      onClick={() => inBackground(backUp())}
      title={`What was done in the last ${days} days lies in this browser alone. A press saves the bench to a file.`}
    >
      <SaveOutlined aria-hidden="true" /> Back up<span className={styles.wide}>: {days} days unsaved</span>
    </button>
  );
}
