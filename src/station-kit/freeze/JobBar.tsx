'use client';

import { Button, Progress } from 'antd';
import { row } from '@/ui/layout/layout';
import type { Job } from '../use-job';
import styles from './freeze.module.css';

interface JobBarProps {
  readonly job: Pick<Job<{ readonly share: number }>, 'is' | 'answer' | 'cancel'>;
  readonly says: string;
  readonly onAgain?: () => void;
  /** What is shown belongs to an earlier question. */
  readonly isStale?: boolean;
}

/** How far long work has come, with a way to end it; and to begin it again where it was ended. */
export function JobBar({ job, says, onAgain, isStale = false }: JobBarProps) {
  if (job.is === 'working') {
    return (
      <div className={row(10, styles.bar)} role="status">
        <span>{says}</span>
        <Progress
          percent={Math.round((job.answer?.share ?? 0) * 100)}
          size="small"
          aria-label={says}
          showInfo={false}
        />
        <Button size="small" onClick={job.cancel}>
          Cancel
        </Button>
      </div>
    );
  }
  return onAgain && isStale && job.is === 'rest' ? (
    <Button type="primary" onClick={onAgain}>
      Freeze it
    </Button>
  ) : null;
}
