'use client';

import { Input } from 'antd';
import type { ReactNode } from 'react';
import { apart, column, wrap } from '../layout/layout';
import styles from './board.module.css';

/** Said where a search leaves none. */
export const NONE_CALLED = <p>None is called that. Take a word out.</p>;

/** One of the things on a board, drawn small. */
export interface BoardTile {
  readonly id: string;
  readonly name: string;
  readonly picture: ReactNode;
  /** What stands under its name. */
  readonly words: ReactNode;
  readonly isChosen: boolean;
  /** What is pressed beside it. */
  readonly beside?: ReactNode;
}

interface BoardProps {
  /** What lies on it: `Baits`. */
  readonly things: string;
  readonly search: string;
  readonly onSearch: (search: string) => void;
  /** By what a thing is found: `name, kind`. */
  readonly foundBy: string;
  /** What stands beside the search, and under it. */
  readonly tools?: ReactNode;
  readonly notes?: ReactNode;
  readonly tiles: readonly BoardTile[];
  /** Shown where no tile is left: why, and what to do. */
  readonly none: ReactNode;
  /** How high the drawings are, px. */
  readonly high: number;
  readonly onChoose: (id: string) => void;
  /** What is looked at. */
  readonly children: ReactNode;
}

/** Everything kept of a kind as small drawings, found by a word; what is chosen of it beside them. */
export function Board(props: BoardProps) {
  const { things, search, onSearch, foundBy, tools, notes, tiles, none, high, onChoose, children } = props;
  return (
    <div className={apart(24, styles.board)}>
      <div className={column(12, styles.found)}>
        <div className={wrap(8, styles.search)}>
          <Input.Search
            aria-label={`Search ${things.toLowerCase()}`}
            placeholder={foundBy}
            allowClear
            value={search}
            onChange={({ target }) => onSearch(target.value)}
          />
          {tools}
        </div>
        {notes}
        {tiles.length === 0 ? none : null}
        <ul className={styles.tiles} aria-label={things}>
          {tiles.map(({ id, name, picture, words, isChosen, beside }) => (
            <li key={id}>
              <button
                type="button"
                className={styles.tile}
                aria-pressed={isChosen}
                onClick={() => onChoose(id)}
              >
                <span className={styles.small} style={{ height: high }}>
                  {picture}
                </span>
                <strong>{name}</strong>
                {words}
              </button>
              {beside}
            </li>
          ))}
        </ul>
      </div>
      {children}
    </div>
  );
}

/** What is looked at of a board: it stays in sight while the tiles go by. */
export function BoardDetail({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <section className={column(12, styles.detail)} aria-label={name}>
      {children}
    </section>
  );
}
