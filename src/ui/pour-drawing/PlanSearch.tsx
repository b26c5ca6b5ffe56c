'use client';

import { row } from '../layout/layout';
import { Button, Progress } from 'antd';
import type { ProgramProgress } from '@/core/numeric/integer-program';
import { minutesText } from '@/text/words';
import styles from './pour-drawing.module.css';

interface PlanSearchProps {
  readonly progress: ProgramProgress | null;
  readonly onCancel: () => void;
}

/** The search for the shortest session while it runs: what it has, what cannot be beaten, and a way out. */
export function PlanSearch({ progress, onCancel }: PlanSearchProps) {
  const { best, bound } = progress ?? { best: null, bound: null };
  const share = best !== null && bound !== null && best > 0 ? Math.max(0, Math.min(1, bound / best)) : 0;
  return (
    <div className={row(0, styles.search)} role="status">
      <Progress
        percent={Math.round(share * 100)}
        status="active"
        aria-label="Proof of the shortest session"
      />
      <p>
        {best === null
          ? 'Looking for the shortest session.'
          : `Best so far ${minutesText(best)}; none can be under ${minutesText(bound ?? 0)}.`}
      </p>
      <Button onClick={onCancel}>Cancel</Button>
    </div>
  );
}
