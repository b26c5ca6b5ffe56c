'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { Spot } from '@/core/outline/outline';
import type { Bin } from '@/records/bin';
import { Figure } from '@/ui/figure/Figure';
import { row, stack } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';

interface CountLoosePanelProps {
  readonly dots: readonly Spot[];
  /** How many were counted before the maker set any right. */
  readonly seen: number;
  readonly onSaid: (said: string) => void;
}

const isCounted = (bin: Bin) =>
  !bin.retired &&
  bin.unit === 'pieces' &&
  (bin.kind !== 'part' || (bin.buildId === null && bin.rigId === null));

/** How many loose pieces lie on the mat, and the bin that has so many. */
export function CountLoosePanel({ dots, seen, onSaid }: CountLoosePanelProps) {
  const { view, workshop } = useBench();
  const [binId, setBinId] = useState<string | null>(null);
  const bin = binId === null ? undefined : view.binById.get(binId);
  const had = bin ? (view.levels.get(bin.id) ?? 0) : 0;
  const post = async () => {
    if (!bin) return;
    await workshop.shelf.countDay([{ binId: bin.id, counted: dots.length, reason: 'counted on the mat' }]);
    onSaid(`${bin.name}: ${dots.length} counted on the mat.`);
  };
  return (
    <section className={stack(12)} aria-label="The count" aria-live="polite">
      <p>
        <Figure
          size="huge"
          working={{
            title: 'On the mat',
            steps: [
              'most pieces lie by themselves and say how large one is; what touches is counted by its area',
              ...(dots.length === seen
                ? []
                : [
                    `${seen} were seen, and you set it right by ${dots.length - seen > 0 ? '+' : '−'}${Math.abs(dots.length - seen)}`,
                  ]),
            ],
            inputs: [{ name: 'dots', value: String(dots.length), basis: 'counted' }],
          }}
        >
          {dots.length}
        </Figure>{' '}
        loose pieces
      </p>
      <p className="quiet">Press on the picture to set a dot that is missing, or on a dot to take it off.</p>
      <ChoiceField
        label="They are all there is of"
        value={binId}
        none="no bin yet"
        options={view.bins.filter(isCounted).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setBinId}
      />
      {bin ? (
        <p>
          The bin says {had}
          {had === dots.length ? ': it is right.' : '.'}
        </p>
      ) : null}
      <div className={row(8)}>
        <Button type="primary" disabled={!bin} onClick={() => inBackground(post())}>
          Count {dots.length}
        </Button>
      </div>
    </section>
  );
}
