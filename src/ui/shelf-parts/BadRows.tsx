'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { rowSentence } from '@/text/row-sentence';
import styles from './shelf-parts.module.css';

interface BadRowsProps {
  readonly bad: readonly {
    readonly line: number;
    readonly cells: readonly string[];
    readonly problems: readonly Parameters<typeof rowSentence>[0][];
  }[];
}

const BAD_SHOWN = 100;

/** Rows of a list that cannot be taken, each with why. */
export function BadRows({ bad }: BadRowsProps) {
  const [most, setMost] = useState(BAD_SHOWN);
  return (
    <>
      <table className={styles.preview}>
        <caption>What cannot be taken, and why</caption>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Row</th>
            <th scope="col">What is wrong</th>
          </tr>
        </thead>
        <tbody>
          {bad.slice(0, most).map(({ line, cells, problems }) => (
            <tr key={line}>
              <td>{line}</td>
              <td>{cells.filter(Boolean).join(' · ')}</td>
              <td>{problems.map(rowSentence).join(' ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {bad.length > most ? (
        <Button onClick={() => setMost(most + BAD_SHOWN)}>Show more of {bad.length}</Button>
      ) : null}
    </>
  );
}
