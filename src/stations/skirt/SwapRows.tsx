'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo } from 'react';
import { numberText } from '@/text/number-text';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { jigOf } from '@/station-kit/looks/jig-look';
import { amountText } from '@/text/words';
import { piecesText, tabsText } from '@/text/skirt-words';
import { LacksNote, type Lack } from '@/station-kit/put-down/LacksNote';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { substitutesFor, withSwaps, type RunPlan } from '@/model/skirts/run-plan';
import { StrandSwatch } from '@/ui/skirt-drawing/StrandSwatch';
import styles from './skirt.module.css';

interface SwapRowsProps {
  readonly plan: RunPlan;
  readonly swaps: Tying['swaps'];
  readonly skirt: Skirt;
  readonly onSwap: (fromBinId: string, toBinId: string) => void;
  readonly onReset: () => void;
  /** What is short besides what a skirt is made of: the heads. */
  readonly alsoShort: readonly Lack[];
}

/** What to pull, and for what is short the nearest that there is, drawn beside what it stands for. */
export function SwapRows({ plan, swaps, skirt, onSwap, onReset, alsoShort }: SwapRowsProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const asMade = useMemo(() => jigOf(skirt, view), [skirt, view]);
  const swapped = useMemo(() => jigOf(withSwaps(skirt, swaps), view), [skirt, swaps, view]);
  const drawing = { state: { is: 'rest' } as const, view: 'side' as const, pxPerMm: 3, maxWidthPx: 250 };
  return (
    <>
      <ul className={styles.pulls} aria-label="Pull">
        {plan.takes.map((take) => {
          const { binId, name, material, qty, pulled, left, short } = take;
          const isTab = material?.form === 'tab';
          const amount = isTab
            ? piecesText(pulled)
            : amountText(qty, material ?? view.binById.get(binId) ?? { unit: 'pieces' }, mass);
          return (
            <li key={binId} data-short={short > 0}>
              {material ? <StrandSwatch material={material} size={26} /> : <span />}
              <span>
                <strong>{name}</strong>
                <small>
                  {isTab ? `${tabsText(qty)} tabs in all: ` : ''}
                  {amount}
                  {left.length > 0 ? `; ${piecesText(left)} will go back` : ''}
                </small>
              </span>
              <em>{view.binById.get(binId)?.place}</em>
              {short > 0 ? (
                <div role="alert" className={styles.short}>
                  {isTab
                    ? numberText(short, 3)
                    : amountText(short, view.binById.get(binId) ?? { unit: 'pieces' }, mass)}{' '}
                  short.{' '}
                  {substitutesFor(take, view).map(({ material: other, deltaE }) => (
                    <Button key={other.id} size="small" onClick={() => onSwap(binId, other.id)}>
                      <StrandSwatch material={other} size={16} /> {other.name}, difference {deltaE.toFixed(1)}
                    </Button>
                  ))}
                </div>
              ) : null}
            </li>
          );
        })}
      </ul>
      <LacksNote
        lacks={[
          ...alsoShort,
          ...plan.takes.flatMap(({ binId, qty, short }) => {
            const bin = view.binById.get(binId);
            return short > 0 && bin ? [{ bin, needed: qty }] : [];
          }),
        ]}
      />
      {swaps.length > 0 && asMade && swapped ? (
        <div className={stack(16, styles.beside)}>
          <figure>
            <SkirtDrawing name="As the recipe has it" jig={asMade} {...drawing} />
            <figcaption>as the recipe has it</figcaption>
          </figure>
          <figure>
            <SkirtDrawing name="With what stands for it" jig={swapped} {...drawing} />
            <figcaption>
              with what stands for it{' '}
              <Button size="small" type="link" onClick={onReset}>
                back to the recipe
              </Button>
            </figcaption>
          </figure>
        </div>
      ) : null}
    </>
  );
}
