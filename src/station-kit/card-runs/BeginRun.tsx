'use client';

import { wrap } from '@/ui/layout/layout';
import { Dialog } from '@/ui/dialog/Dialog';
import type { ReactNode } from 'react';
import type { CardWay } from '@/core/card-runs/turn-card';
import { HowMany, PaceNote, WhichWay } from './RunFields';
import styles from './runs.module.css';

interface BeginRunProps {
  readonly title: string;
  readonly okText: string;
  readonly widthPx: number;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly way: CardWay;
  /** How making one after the other is said: `One bait at a time`. */
  readonly one: string;
  readonly onWay: (way: CardWay) => void;
  /** Beside how many and how. */
  readonly fields?: ReactNode;
  /** What stops it, each in a sentence. */
  readonly problems: readonly string[];
  readonly canBegin: boolean;
  readonly pace: { readonly secondsEach: number; readonly isOwn: boolean };
  /** Carries it out; nothing where it was refused. */
  readonly onBegin: () => Promise<unknown>;
  readonly onBegun: () => void;
  readonly onClose: () => void;
  /** What is taken. */
  readonly children: ReactNode;
}

/** Before a run: how many, how, what it takes and what stops it; then it is pulled and begun. */
export function BeginRun(props: BeginRunProps) {
  const { title, okText, widthPx, count, onCount, way, one, onWay, fields, problems, canBegin, pace } = props;
  return (
    <Dialog
      open
      width={widthPx}
      title={title}
      okText={okText}
      okButtonProps={{ disabled: !canBegin }}
      onCancel={props.onClose}
      onOk={async () => {
        if (await props.onBegin()) props.onBegun();
      }}
    >
      <div className={wrap(0, styles.beginFields)}>
        <HowMany count={count} onChange={onCount} />
        <WhichWay way={way} one={one} onChange={onWay} />
        {fields}
      </div>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="wrong">
          {problem}
        </p>
      ))}
      {props.children}
      <PaceNote pace={pace} count={count} />
    </Dialog>
  );
}
