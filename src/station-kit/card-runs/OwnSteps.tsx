'use client';

import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import type { CardStep } from '@/core/card-runs/card-step';
import { inOwnOrder, moveStep, type OwnStep } from '@/core/card-runs/own-steps';
import { line, stack } from '@/ui/layout/layout';

interface OwnStepsProps {
  /** As the card comes. */
  readonly usual: readonly CardStep[];
  readonly own: readonly OwnStep[];
  /** Something is done already: the order stands until the next run, the words do not. */
  readonly isUnderWay: boolean;
  readonly onKeep: (own: readonly OwnStep[]) => void;
  readonly onClose: () => void;
}

/** The card's steps in the maker's own order and words, kept with the recipe. */
export function OwnSteps({ usual, own, isUnderWay, onKeep, onClose }: OwnStepsProps) {
  const titles = new Map(usual.map(({ id, title }) => [id, title]));
  const [steps, setSteps] = useState<readonly OwnStep[]>(() =>
    inOwnOrder(usual, own).map(({ id, title }) => (title === titles.get(id) ? { id } : { id, says: title })),
  );
  const word = (at: number, says: string) =>
    setSteps(steps.map((step, nth) => (nth === at ? { id: step.id, says } : step)));
  const worded = steps.map(({ id, says }) => {
    const text = says?.trim() ?? '';
    return text === '' || text === titles.get(id) ? { id } : { id, says: text };
  });
  const isUsual = worded.every(({ id, says }, at) => says === undefined && id === usual[at]?.id);
  return (
    <Dialog
      open
      title="My own steps"
      okText="Keep them"
      onCancel={onClose}
      onOk={() => onKeep(isUsual ? [] : worded)}
      footer={(_, { OkBtn, CancelBtn }) => (
        <>
          <Button onClick={() => setSteps(usual.map(({ id }) => ({ id })))}>As the card comes</Button>
          <CancelBtn />
          <OkBtn />
        </>
      )}
    >
      <ol className={stack(6)}>
        {steps.map(({ id, says }, at) => {
          const title = says ?? titles.get(id) ?? id;
          return (
            <li key={id} className={line(6)}>
              <Input
                aria-label={`Step ${at + 1}`}
                value={title}
                maxLength={160}
                onChange={({ target }) => word(at, target.value)}
              />
              <Button
                icon={<ArrowUpOutlined />}
                aria-label={`Earlier: ${title}`}
                disabled={at === 0 || isUnderWay}
                onClick={() => setSteps(moveStep(steps, at, -1))}
              />
              <Button
                icon={<ArrowDownOutlined />}
                aria-label={`Later: ${title}`}
                disabled={at === steps.length - 1 || isUnderWay}
                onClick={() => setSteps(moveStep(steps, at, 1))}
              />
            </li>
          );
        })}
      </ol>
      <p className="quiet">
        {isUnderWay
          ? 'This run has begun: its words can be changed now, its order before the next.'
          : 'Kept with the recipe, for every run from now on.'}
      </p>
    </Dialog>
  );
}
