'use client';

import { row } from '@/ui/layout/layout';
import { PriceButton } from '@/station-kit/put-down/PriceButton';
import { useMemo } from 'react';
import { CostBar, levelsOf } from '@/ui/cost-bar/CostBar';
import { Figure } from '@/ui/figure/Figure';
import { NEW_BENCH } from '@/records/bench';
import { ofWholeWorking, sliceWorking } from '@/station-kit/figures/cost-working';
import { setBasis } from '@/station-kit/workings';
import { useBench } from '@/station-kit/BenchProvider';
import { moneyText, sliceOf } from '@/model/cost/cost-slices';
import { costOf, notChosen, unpricedOf } from '@/model/cost/cost-facts';
import type { CostablePiece } from '@/model/cost/pieces';
import styles from './cost.module.css';

interface PiecePartProps {
  readonly piece: CostablePiece;
  readonly count: number;
  /** Null until the maker opened or closed something: then the dearest part lies open. */
  readonly open: readonly string[] | null;
  readonly onOpen: (open: readonly string[]) => void;
}

/** One bar: what a piece costs, opened down to the last bead. */
export function PiecePart({ piece, count, open: opened, onOpen }: PiecePartProps) {
  const { view } = useBench();
  const { sign } = view.bench.money;
  const cost = useMemo(() => costOf(piece.piece, count, view), [piece, count, view]);
  const whole = useMemo(() => sliceOf(cost, view, sign), [cost, view, sign]);
  const unpriced = useMemo(() => unpricedOf(piece.piece, view), [piece, view]);
  const missing = notChosen(piece.piece, view);
  const left = [...missing.map((what) => `a ${what}`), ...unpriced.map(({ name }) => name)];
  const [dearest] = [...whole.slices]
    .filter(({ slices }) => slices.length > 0)
    .sort((a, b) => b.each - a.each);
  const open = opened ?? (dearest ? [dearest.id] : []);
  const shown = levelsOf(whole, open).at(-1) ?? whole;
  const kinds = [
    ['material', cost.materials],
    ['hands', cost.labour],
    ['tools', cost.tooling],
    ['power', cost.energy],
  ] as const;
  return (
    <>
      <div className={styles.sum}>
        <Figure
          size="huge"
          tone={cost.isGuess ? 'brass' : 'ink'}
          working={{
            title: `${piece.name}, one of ${count}`,
            steps: [
              kinds.map(([name, each]) => `${name} ${moneyText(each, sign)}`).join(' + '),
              'Parts at the prices at which they lie on the shelf, oldest first; what fails is begun over.',
            ],
            inputs: [
              { name: 'prices', value: 'receipts in the ledger', basis: cost.isGuess ? 'guess' : 'counted' },
              {
                name: 'an hour of hands',
                value: moneyText(view.bench.money.ratePerHour, sign),
                basis: setBasis(view.bench.money.ratePerHour, NEW_BENCH.money.ratePerHour),
              },
            ],
          }}
        >
          {moneyText(cost.each, sign)}
        </Figure>
        <p>
          each, where {count} are made
          {left.length > 0 ? <strong>, without {left.join(', ')}</strong> : null}
          <br />
          <span className="quiet">
            {kinds.map(([name, each]) => `${name} ${moneyText(each, sign)}`).join(' · ')}
          </span>
        </p>
      </div>
      <CostBar whole={whole} open={open} onOpen={onOpen} />
      <table className={styles.list}>
        <caption>{shown === whole ? 'What it is of' : `What ${shown.name} is of`}</caption>
        <tbody>
          {[...shown.slices]
            .sort((a, b) => b.each - a.each)
            .map((slice) => (
              <tr key={slice.id}>
                <td>
                  <i data-tone={slice.tone} aria-hidden="true" />
                  {slice.slices.length > 0 ? (
                    <button type="button" onClick={() => onOpen([...open, slice.id])}>
                      {slice.name}
                    </button>
                  ) : (
                    slice.name
                  )}
                </td>
                <td>{slice.amount}</td>
                <td>
                  <Figure working={sliceWorking(slice)}>{slice.money}</Figure>
                </td>
                <td>
                  <Figure working={ofWholeWorking(slice, cost.each, sign)}>
                    {Math.round((100 * slice.each) / Math.max(1e-9, cost.each))} %
                  </Figure>
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      {missing.length > 0 ? (
        <p role="note" className="wrong">
          Not chosen yet, and so not in it: {missing.join(', ')}. Choose it at Build.
        </p>
      ) : null}
      {unpriced.length > 0 ? (
        <div className={row(8, styles.mind)}>
          <p>
            Nobody noted a price of {unpriced.length === 1 ? 'this one' : `these ${unpriced.length}`}: they
            count nothing here.
          </p>
          {unpriced.map((bin) => (
            <PriceButton key={bin.id} bin={bin} />
          ))}
        </div>
      ) : null}
    </>
  );
}
