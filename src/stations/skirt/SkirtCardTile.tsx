'use client';

import { useMemo } from 'react';
import type { Skirt } from '@/records/skirt';
import { useBench } from '@/station-kit/BenchProvider';
import { tieable } from '@/model/skirts/run-plan';
import { SkirtThumb } from './SkirtThumb';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';

interface SkirtCardTileProps {
  readonly skirt: Skirt;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

/** A recipe on the board: drawn small at rest, with its name, its prey and how many the shelf gives. */
export function SkirtCardTile({ skirt, isChosen, onChoose }: SkirtCardTileProps) {
  const { view } = useBench();
  const { count } = useMemo(() => tieable(skirt, view), [skirt, view]);
  return (
    <li>
      <button type="button" className={styles.tile} aria-pressed={isChosen} onClick={onChoose}>
        <span className={styles.small}>
          <SkirtThumb skirt={skirt} pxPerMm={2} maxWidthPx={168} maxHeightPx={64} />
        </span>
        <strong>{versionText(skirt)}</strong>
        <small>{skirt.prey || ' '}</small>
        <small data-none={count === 0}>
          {count === 0 ? 'none from the shelf' : `${count} from the shelf`}
        </small>
      </button>
    </li>
  );
}
