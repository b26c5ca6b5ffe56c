'use client';

import { Popover } from 'antd';
import type { ReactNode } from 'react';
import styles from './figure.module.css';

/** Where an input of a sum comes from. */
export type FigureBasis = 'weighed' | 'reference' | 'guess' | 'counted' | 'given' | 'usual' | 'computed';

export interface WorkingInput {
  readonly name: string;
  readonly value: string;
  readonly basis: FigureBasis;
}

/** How a figure came about: the sum with its numbers, and each input with where it is from. */
export interface Working {
  readonly title: string;
  readonly steps: readonly string[];
  readonly inputs: readonly WorkingInput[];
}

const BASIS_WORDS: Record<FigureBasis, string> = {
  weighed: 'weighed by you',
  reference: 'reference list',
  guess: 'a guess',
  counted: 'from the ledger',
  given: 'set by you',
  usual: 'usual, until you set it',
  computed: 'computed',
};

interface FigureProps {
  readonly children: ReactNode;
  readonly unit?: string;
  readonly working: Working;
  readonly size?: 'text' | 'large' | 'huge';
  readonly tone?: 'ink' | 'ember' | 'brass' | 'quench' | 'alarm';
}

/** A computed number that opens on click and shows its working. A guess among its inputs shows as dotted. */
export function Figure({ children, unit, working, size = 'text', tone = 'ink' }: FigureProps) {
  const isGuess = working.inputs.some((input) => input.basis === 'guess');
  const classes = [styles.figure, styles[size], styles[tone], isGuess ? styles.guess : ''].join(' ');
  return (
    <Popover trigger="click" title={working.title} content={<WorkingList working={working} />}>
      <button
        type="button"
        className={classes}
        aria-label={`${working.title}: ${textOf(children)}${unit ? ` ${unit}` : ''}${isGuess ? ', a guess' : ''}. Show the working`}
      >
        {children}
        {unit ? <span className={styles.unit}>{` ${unit}`}</span> : null}
      </button>
    </Popover>
  );
}

function WorkingList({ working }: { working: Working }) {
  return (
    <div className={styles.working}>
      {working.steps.map((step) => (
        <p key={step} className={styles.step}>
          {step}
        </p>
      ))}
      <dl className={styles.inputs}>
        {working.inputs.map((input) => (
          <div key={input.name} className={styles.input}>
            <dt>{input.name}</dt>
            <dd>
              <span className={input.basis === 'guess' ? styles.guess : ''}>{input.value}</span>
              <em>{BASIS_WORDS[input.basis]}</em>
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

function textOf(node: ReactNode): string {
  if (typeof node === 'string' || typeof node === 'number') return String(node);
  return Array.isArray(node) ? node.map(textOf).join('') : '';
}
