'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { memo } from 'react';
import { sum } from '@/core/numeric/sum';
import { rollUpCost } from '@/core/cost/roll-up-cost';
import { numberText } from '@/text/number-text';
import { Figure } from '@/ui/figure/Figure';
import { amountText, massText } from '@/text/words';
import { piecesText, tabsText } from '@/text/skirt-words';
import { skirtMassOf } from '@/model/skirts/skirt-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import { planRun, substitutesFor, tieable, type RunTake } from '@/model/skirts/run-plan';
import styles from './skirt.module.css';

interface TakesPanelProps {
  readonly draft: SkirtDraft;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly onSwap: (fromBinId: string, toBinId: string) => void;
}

/** What a run of them takes from the shelf, what is short and what could stand for it, what each weighs and costs. */
export const TakesPanel = memo(function TakesPanel({ draft, count, onCount, onSwap }: TakesPanelProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const plan = planRun(draft, count, view);
  const { count: now, limiting } = tieable(draft, view);
  const massG = skirtMassOf(draft, view);
  return (
    <section aria-label="What they take" className={styles.takes}>
      <h3>
        <CountField
          isBare
          label="How many skirts"
          min={1}
          max={500}
          value={count}
          onChange={(next) => next !== null && onCount(next)}
        />
        <span>{count === 1 ? 'of these takes' : 'of these take'}</span>
      </h3>
      <ul>
        {plan.takes.map((take) => (
          <TakeRow key={take.binId} take={take} onSwap={(to) => onSwap(take.binId, to)} />
        ))}
      </ul>
      <p className="quiet">
        The shelf gives {now} of these now{now < 500 ? `; ${limiting.join(', ')} ends it` : ''}.
      </p>
      <dl className={stack(2, styles.each)}>
        <div>
          <dt>each skirt weighs</dt>
          <dd>{massG === null ? 'not weighed' : massText(massG, mass)}</dd>
        </div>
        <CostRow takes={plan.takes} />
      </dl>
    </section>
  );
});

function TakeRow({ take, onSwap }: { readonly take: RunTake; readonly onSwap: (to: string) => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { name, material, qty, onHand, pulled, left, short } = take;
  const isTab = material?.form === 'tab';
  const of = material ?? view.binById.get(take.binId) ?? { unit: 'pieces' as const };
  const asked = isTab ? `${tabsText(qty)} ${qty > 1 ? 'tabs' : 'tab'}` : amountText(qty, of, mass);
  const there = isTab ? tabsText(Math.max(0, onHand)) : amountText(onHand, of, mass);
  const offered = short > 0 ? substitutesFor(take, view) : [];
  return (
    <li data-short={short > 0}>
      <span>{name}</span>
      <strong>{asked}</strong>
      <em>{there} on the shelf</em>
      {isTab ? (
        <small>
          pull {piecesText(pulled)}
          {left.length > 0 ? `; ${piecesText(left)} back` : ''}
        </small>
      ) : null}
      {short > 0 ? (
        <small role="alert" className={styles.short}>
          {isTab ? `${short} ${short === 1 ? 'tab' : 'tabs'}` : amountText(short, of, mass)} short.
          {offered.length > 0 ? ' Nearest: ' : ' Nothing near it of which there is enough.'}
          {offered.map(({ material: other, deltaE }) => (
            <Button key={other.id} size="small" type="link" onClick={() => onSwap(other.id)}>
              {other.name} ({deltaE.toFixed(1)})
            </Button>
          ))}
        </small>
      ) : null}
    </li>
  );
}

/** What a skirt's material costs where its bins know their prices. */
function CostRow({ takes }: { readonly takes: readonly RunTake[] }) {
  const priced = takes.flatMap(({ name, each, material }) =>
    material?.costEach !== null && material?.costEach !== undefined
      ? [{ name, qty: each, unitCost: material.costEach }]
      : [],
  );
  if (priced.length === 0) return null;
  const { perPiece } = rollUpCost({ parts: priced, labour: [], tooling: [], batch: 1 });
  const unpriced = takes.length - priced.length;
  return (
    <div>
      <dt>its material costs</dt>
      <dd>
        <Figure
          working={{
            title: 'Material of a skirt',
            steps: [
              ...priced.map(
                ({ name, qty, unitCost }) =>
                  `${name}: ${numberText(qty, 3)} × ${unitCost.toFixed(2)} = ${(qty * unitCost).toFixed(2)}`,
              ),
              `together ${sum(priced.map(({ qty, unitCost }) => qty * unitCost)).toFixed(2)}`,
              ...(unpriced > 0 ? [`${unpriced} without a price left out`] : []),
            ],
            inputs: priced.map(({ name, unitCost }) => ({
              name: `price of ${name}`,
              value: unitCost.toFixed(2),
              basis: 'given',
            })),
          }}
        >
          {perPiece.toFixed(2)}
        </Figure>
      </dd>
    </div>
  );
}
