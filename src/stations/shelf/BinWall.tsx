'use client';

import { stack } from '@/ui/layout/layout';
import { memo } from 'react';
import { groupId } from './GroupIndex';
import { amountText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { contentStyle } from '@/station-kit/looks/content-style';
import type { ShelfBin, ShelfGroup } from '@/model/stock/shelf-rows';
import styles from './shelf.module.css';

/** More drawers than this are no help to the eye, and slow the page: of a large shelf each group shows some. */
const MOST_DRAWERS = 420;
const LEAST_OF_GROUP = 6;

/** How many drawers of a group are shown, so that every group has some. */
function shownOf(groups: readonly ShelfGroup[]): number {
  const counts = groups.map(({ bins }) => bins.length);
  const fits = (most: number) => counts.reduce((so, count) => so + Math.min(count, most), 0) <= MOST_DRAWERS;
  let most = Math.max(0, ...counts);
  while (most > LEAST_OF_GROUP && !fits(most)) most = Math.floor(most * 0.8);
  return Math.max(LEAST_OF_GROUP, most);
}

interface BinWallProps {
  readonly groups: readonly ShelfGroup[];
  readonly chosen: string | null;
  readonly onChoose: (binId: string) => void;
}

/** The shelf as a wall of drawers, each filled as far as its bin is. */
export function BinWall({ groups, chosen, onChoose }: BinWallProps) {
  const most = shownOf(groups);
  return groups.map((group) => (
    <section key={group.name} id={groupId(group.name)} className={styles.group} aria-label={group.name}>
      <h3>
        {group.name} <small>{group.bins.length}</small>
      </h3>
      <ul className={stack(6, styles.wall)}>
        {group.bins.slice(0, most).map((row) => (
          <li key={row.bin.id}>
            <Drawer row={row} isChosen={row.bin.id === chosen} onChoose={onChoose} />
          </li>
        ))}
      </ul>
      {group.bins.length > most ? (
        <p className="quiet">And {group.bins.length - most} more here: search for them.</p>
      ) : null}
    </section>
  ));
}

interface DrawerProps {
  readonly row: ShelfBin;
  readonly isChosen: boolean;
  readonly onChoose: (binId: string) => void;
}

/** Of hundreds of drawers one take changes one: the others are left as they are drawn. */
function isSame(before: DrawerProps, now: DrawerProps): boolean {
  return (
    before.isChosen === now.isChosen &&
    before.onChoose === now.onChoose &&
    before.row.bin === now.row.bin &&
    before.row.onHand === now.row.onHand &&
    before.row.promised === now.row.promised
  );
}

const Drawer = memo(function Drawer({ row, isChosen, onChoose }: DrawerProps) {
  const { mass } = useUnits();
  const { bin, onHand, promised, fill, isLow, isShort } = row;
  const state = isShort ? 'short' : isLow ? 'low' : 'well';
  return (
    <button
      type="button"
      className={styles.drawer}
      data-state={state}
      aria-pressed={isChosen}
      onClick={() => onChoose(bin.id)}
    >
      <span
        className={styles.content}
        data-kind={bin.kind}
        style={{ height: `${Math.round(fill * 100)}%`, ...contentStyle(bin, state !== 'well') }}
        aria-hidden="true"
      />
      <span className={styles.front}>
        <span className={styles.binName}>{bin.name}</span>
        <span className={styles.binFoot}>
          <b>{amountText(onHand, bin, mass)}</b>
          <span>
            {state === 'well' ? (promised > 0 ? `${amountText(promised, bin, mass)} promised` : '') : state}
          </span>
        </span>
      </span>
    </button>
  );
}, isSame);
