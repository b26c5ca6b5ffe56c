'use client';

import { useMemo } from 'react';
import { clashSentence } from '@/text/clash-sentence';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { amountText } from '@/text/words';
import { promisedWorking } from '@/station-kit/figures/stock-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { cabinetOf } from '@/model/stock/cabinet';
import type { BenchView } from '@/model/bench/bench-view';
import type { ShelfBin } from '@/model/stock/shelf-rows';

const MOST_LOW = 9;
const MOST_CLASHES = 3;

interface ShelfSlipProps {
  /** The bins that call for something. */
  readonly low: readonly ShelfBin[];
  readonly onChoose: (binId: string) => void;
}

/** What the shelf is like, in a word: nothing is said of what nobody counted. */
function titleOf({ bins, levels }: Pick<BenchView, 'bins' | 'levels'>, low: number): string {
  if (low > 0) return `${low} to see to`;
  if (bins.length === 0) return 'Nothing lies here yet';
  return bins.some(({ id }) => (levels.get(id) ?? 0) > 0) ? 'All in good supply' : 'Nothing counted yet';
}

/** What the shelf calls for: what is low or short, what must not lie together. */
export function ShelfSlip({ low, onChoose }: ShelfSlipProps) {
  const { view } = useBench();
  const { drawers, bins } = view;
  const { mass } = useUnits();
  const clashing = useMemo(
    () => cabinetOf({ drawers, bins }).drawers.filter(({ clashes }) => clashes.length > 0),
    [drawers, bins],
  );
  return (
    <>
      <SlipTitle over="The shelf">{titleOf(view, low.length)}</SlipTitle>
      <SlipPart label="Low and short">
        {low.slice(0, MOST_LOW).map(({ bin, onHand, promised, isShort }) => (
          <SlipRow
            key={bin.id}
            name={
              <a
                href={`#${bin.id}`}
                onClick={(event) => {
                  event.preventDefault();
                  onChoose(bin.id);
                }}
              >
                {bin.name}
              </a>
            }
          >
            {amountText(onHand, bin, mass)}
            {isShort ? (
              <>
                {' of '}
                <Figure working={promisedWorking(bin, view, mass)}>{amountText(promised, bin, mass)}</Figure>
              </>
            ) : null}
          </SlipRow>
        ))}
        {low.length > MOST_LOW ? <p className="quiet">and {low.length - MOST_LOW} more under Low</p> : null}
      </SlipPart>
      {clashing.slice(0, MOST_CLASHES).map(({ drawer, clashes: [first, ...more] }) =>
        first ? (
          <SlipNote key={drawer.id} tone="stop">
            {drawer.name}: {clashSentence(first.why, first.a.name, first.b.name)}
            {more.length > 0 ? ` ${more.length} more pairs lie there.` : ''}
          </SlipNote>
        ) : null,
      )}
      <SlipNote tone="go">
        Stock is the sum of what came and went. To set a bin right, count it: the difference is entered,
        nothing is overwritten.
      </SlipNote>
      <SlipNote tone="care">
        Hooks and cable ends go through gloves; keep lead off hands that eat. Wash after.
      </SlipNote>
    </>
  );
}
