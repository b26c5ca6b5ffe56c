'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { memo } from 'react';
import { moneyText } from '@/model/cost/cost-slices';
import { skirtCost } from '@/model/cost/skirt-cost';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { moneyWorking } from '@/station-kit/figures/money-working';
import { takeWorking } from '@/station-kit/figures/skirt-working';
import { skirtWeightWorking } from '@/station-kit/figures/skirt-weight-working';
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
  const gives = tieable(draft, view);
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
        The shelf gives <GivesFigure gives={gives} /> of these now
        {gives.count < 500 ? `; ${gives.limiting.join(', ')} runs out first` : ''}.
      </p>
      <dl className={stack(2, styles.each)}>
        <div>
          <dt>each skirt weighs</dt>
          <dd>
            {massG === null ? (
              'not weighed'
            ) : (
              <Figure working={skirtWeightWorking(draft, view, mass)}>{massText(massG, mass)}</Figure>
            )}
          </dd>
        </div>
        <CostRow draft={draft} count={count} />
      </dl>
    </section>
  );
});

function TakeRow({ take, onSwap }: { readonly take: RunTake; readonly onSwap: (to: string) => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { name, material, qty, each, onHand, pulled, left, short } = take;
  const isTab = material?.form === 'tab';
  const of = material ?? view.binById.get(take.binId) ?? { unit: 'pieces' as const };
  const asked = isTab ? `${tabsText(qty)} ${qty > 1 ? 'tabs' : 'tab'}` : amountText(qty, of, mass);
  const there = isTab ? tabsText(Math.max(0, onHand)) : amountText(onHand, of, mass);
  const offered = short > 0 ? substitutesFor(take, view) : [];
  return (
    <li data-short={short > 0}>
      <span>{name}</span>
      <strong>
        <Figure working={takeWorking(name, asked, qty / Math.max(each, 1e-9), each)}>{asked}</Figure>
      </strong>
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

/** What a skirt's material costs: the sum that Cost has, at the prices at which it lies on the shelf. */
function CostRow({ draft, count }: { readonly draft: SkirtDraft; readonly count: number }) {
  const { view } = useBench();
  const { sign } = view.bench.money;
  const { materials, parts, unpriced } = skirtCost(draft, count, view);
  if (parts.length === unpriced.length) return null;
  return (
    <div>
      <dt>its material costs</dt>
      <dd>
        <Figure working={moneyWorking('Material of a skirt', parts, materials, sign, unpriced)}>
          {moneyText(materials, sign)}
        </Figure>
        {unpriced.length > 0 ? <small>, without {unpriced.join(', ')}</small> : null}
      </dd>
    </div>
  );
}
