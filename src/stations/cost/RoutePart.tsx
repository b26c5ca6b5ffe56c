'use client';

import { NumberField } from '@/ui/unit-field/NumberField';
import { stack, wrap } from '@/ui/layout/layout';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { cheapestRoutes } from '@/core/cost/cheapest-route';
import { numberText } from '@/text/number-text';
import { routeWorking } from '@/station-kit/figures/cost-working';
import { daysWorking } from '@/station-kit/figures/days-working';
import { Figure } from '@/ui/figure/Figure';
import { DayField } from '@/ui/unit-field/DayField';
import { minutesText } from '@/text/words';
import { BuyInForm } from '@/station-kit/put-down/BuyInForm';
import { useBench } from '@/station-kit/BenchProvider';
import { moneyText } from '@/model/cost/cost-slices';
import { buyInOf, costOf, notChosen, routeNode, unpricedOf } from '@/model/cost/cost-facts';
import type { CostablePiece } from '@/model/cost/pieces';
import styles from './cost.module.css';

const DAY_MS = 86_400_000;
const MOST_ROUTES = 6;

/** At each stage: make it, or buy it in; the cheapest way to so many by a day. */
export function RoutePart({ piece, count }: { readonly piece: CostablePiece; readonly count: number }) {
  const { view, workshop } = useBench();
  const { sign } = view.bench.money;
  const [by, setBy] = useState<string | null>(null);
  const [minutes, setMinutes] = useState<number | null>(60);
  const now = workshop.now();
  const days = by === null ? null : Math.max(0, Math.ceil((dayjs(by).valueOf() - now) / DAY_MS));
  const [cost, whole, routes] = useMemo(() => {
    const costed = costOf(piece.piece, count, view);
    const node = routeNode(costed, piece.piece, view);
    return [costed, node, cheapestRoutes({ whole: node, count, days, minutesPerDay: minutes ?? 0 })] as const;
  }, [piece, count, days, minutes, view]);
  const [best] = routes;
  const left = [
    ...notChosen(piece.piece, view).map((what) => `a ${what} is not chosen`),
    ...unpricedOf(piece.piece, view).map(({ name }) => `${name} has no price`),
  ];
  const nameOf = (node: string) =>
    node === 'cast' ? 'bare heads' : node.startsWith('skirt:') ? 'skirts' : 'the finished piece';
  const way = (bought: readonly string[]) =>
    bought.length === 0
      ? 'Make all of it'
      : bought.length === 1 && bought[0] === whole.id
        ? 'Buy it in, finished'
        : `Buy in ${bought.map(nameOf).join(' and ')}, make the rest`;
  return (
    <>
      <div className={wrap(0, styles.ask)}>
        <DayField
          label="Needed by"
          hint="leave empty where there is no hurry"
          from={now}
          value={by}
          onChange={setBy}
        />
        <NumberField
          label="Bench time a day, minutes"
          most={1440}
          step={15}
          value={minutes}
          onChange={setMinutes}
        />
      </div>
      {left.length > 0 ? (
        <p className="wrong" role="status">
          What making costs is not known whole: {left.join('; ')}. Which way is cheaper is said once that is
          in.
        </p>
      ) : best ? (
        <p className={styles.answer} role="status">
          <strong>{way(best.bought)}.</strong>{' '}
          <Figure working={routeWorking(best, whole, count, cost, sign)}>
            {moneyText(best.costEach, sign)}
          </Figure>{' '}
          each, {moneyText(best.costEach * count, sign)} for {count}
          {best.minutes > 0 ? `, ${minutesText(best.minutes * 60)} of your hands` : ''}, done in{' '}
          <Figure working={daysWorking(best, minutes ?? 0)}>{numberText(Math.ceil(best.days))} days</Figure>
          {best.isInTime ? '.' : ': too late for that day. Nothing is quicker.'}
        </p>
      ) : null}
      <ul className={stack(6, styles.routes)}>
        {routes.slice(0, MOST_ROUTES).map((route) => (
          <li key={route.bought.join(' ')} data-late={!route.isInTime}>
            <span>
              <i
                style={{
                  width: `${(100 * route.costEach) / Math.max(...routes.map((each) => each.costEach), 1e-9)}%`,
                }}
                aria-hidden="true"
              />
              {way(route.bought)}
            </span>
            <b>
              <Figure working={routeWorking(route, whole, count, cost, sign)}>
                {moneyText(route.costEach, sign)}
              </Figure>
            </b>
            <span className="quiet">
              {route.minutes > 0 ? minutesText(route.minutes * 60) : 'no hands'},{' '}
              <Figure working={daysWorking(route, minutes ?? 0)}>
                {numberText(Math.ceil(route.days))} d
              </Figure>
              {route.isInTime ? '' : ', late'}
            </span>
          </li>
        ))}
      </ul>
      <BuyInForm key={piece.id} buyKey={piece.buyKey} known={buyInOf(piece.buyKey, view)} />
    </>
  );
}
