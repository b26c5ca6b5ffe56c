'use client';

import { column } from '../layout/layout';
import { reelsOf } from '@/core/rigs/cuts-of-rig';
import { layRig, type LaidRun } from '@/core/rigs/lay-rig';
import { findEnd } from '@/core/rigs/ends';
import type { Rig, RigItem } from '@/core/rigs/rig';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './rig-parts.module.css';

interface ItemListProps {
  readonly rig: Rig;
  readonly marked: readonly string[];
  readonly chosen: string | null;
  /** Absent where it is only read. */
  readonly onChoose?: (id: string) => void;
}

/** The rig from the top down, as one reads it off while tying. */
export function ItemList({ rig, marked, chosen, onChoose }: ItemListProps) {
  return (
    <section className={column(12, styles.list)} aria-label="From the top down">
      <h3>From the top down</h3>
      <RunRows
        reels={reelsOf(rig)}
        run={layRig(rig)}
        marked={marked}
        chosen={chosen}
        {...(onChoose ? { onChoose } : {})}
      />
    </section>
  );
}

function RunRows({
  run,
  reels,
  ...hands
}: { readonly run: LaidRun; readonly reels: ReadonlySet<string> } & Pick<
  ItemListProps,
  'marked' | 'chosen' | 'onChoose'
>) {
  const { length } = useUnits();
  const { marked, chosen, onChoose } = hands;
  return (
    <ol>
      {run.items.map(({ item }) => (
        <li key={item.id}>
          <button
            type="button"
            aria-pressed={chosen === item.id}
            data-marked={marked.includes(item.id)}
            disabled={!onChoose}
            onClick={() => onChoose?.(item.id)}
          >
            <span>
              {item.count > 1 ? `${item.count} × ` : ''}
              {item.part.name}
              {item.isTurned ? ', turned over' : ''}
            </span>
            <small>
              {reels.has(item.id) ? 'stays on its reel' : tellOf(item, (mm) => lengthText(mm, length))}
            </small>
          </button>
          {run.branches
            .filter(({ on }) => on === item.id)
            .map((branch) => (
              <RunRows key={branch.on} run={branch} reels={reels} {...hands} />
            ))}
        </li>
      ))}
    </ol>
  );
}

function tellOf({ lengthMm, ends, atMm }: RigItem, text: (mm: number) => string): string {
  if (lengthMm !== null) {
    const [above, below] = ends ?? [];
    const tied = above && below ? [findEnd(above), findEnd(below)].map(({ name }) => name.toLowerCase()) : [];
    return [text(lengthMm), ...(tied.length > 0 ? [tied.join(' to ')] : [])].join(', ');
  }
  return atMm === null ? '' : `${text(atMm)} down`;
}
