'use client';

import { stack } from '../layout/layout';
import { cutBar, openSheet } from '@/drawing/cost-bar';
import styles from './cost-bar.module.css';
import type { CostSlice } from '@/core/cost/cost-slice';

interface CostBarProps {
  readonly whole: CostSlice;
  /** The slices that are open, from the whole down. */
  readonly open: readonly string[];
  readonly onOpen: (open: readonly string[]) => void;
}

/** Wide enough to write on. */
const WRITTEN = 0.1;

const SHEET_MM = 18;

/** What a piece costs as one bar; a slice opens to the bar of what it is made of, down to the last bead. */
export function CostBar({ whole, open, onOpen }: CostBarProps) {
  const levels = levelsOf(whole, open);
  return (
    <div className={stack(0)} role="group" aria-label={`${whole.name} costs ${whole.money}`}>
      {levels.map((level, depth) => {
        const chosen = open[depth];
        const segments = cutBar(level.slices);
        const sheet = segments.find(({ id }) => id === chosen);
        return (
          <div key={level.id}>
            <ul className={styles.bar} aria-label={depth === 0 ? 'The whole' : `What ${level.name} is of`}>
              {segments.map(({ id, wide }) => {
                const slice = level.slices.find((each) => each.id === id);
                if (!slice) return null;
                const isOpen = id === chosen;
                return (
                  <li key={id} style={{ flexGrow: wide }} data-tone={slice.tone} data-open={isOpen}>
                    <button
                      type="button"
                      aria-label={`${slice.name}, ${slice.money}${slice.slices.length > 0 ? (isOpen ? ', close' : ', open') : ''}`}
                      aria-expanded={slice.slices.length > 0 ? isOpen : undefined}
                      disabled={slice.slices.length === 0}
                      title={`${slice.name}: ${slice.money}`}
                      onClick={() => onOpen(isOpen ? open.slice(0, depth) : [...open.slice(0, depth), id])}
                    >
                      {wide >= WRITTEN ? (
                        <>
                          <span>{slice.name}</span>
                          <b>{slice.money}</b>
                        </>
                      ) : null}
                    </button>
                  </li>
                );
              })}
            </ul>
            {sheet && levels[depth + 1] ? (
              <svg
                className={styles.sheet}
                viewBox={`0 0 100 ${SHEET_MM}`}
                preserveAspectRatio="none"
                aria-hidden="true"
              >
                <path d={openSheet(sheet, SHEET_MM)} />
              </svg>
            ) : null}
          </div>
        );
      })}
    </div>
  );
}

/** The whole, and every slice that is open, as far as the way down holds. */
export function levelsOf(whole: CostSlice, open: readonly string[]): CostSlice[] {
  const levels = [whole];
  for (const id of open) {
    const next = levels.at(-1)?.slices.find((slice) => slice.id === id);
    if (!next || next.slices.length === 0) break;
    levels.push(next);
  }
  return levels;
}
