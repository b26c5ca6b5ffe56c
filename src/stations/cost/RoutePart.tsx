'use client';

import { NumberField } from '@/ui/unit-field/NumberField';
import { fields, stack, wrap } from '@/ui/layout/layout';
import { dateText } from '@/text/date-text';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { cheapestRoutes } from '@/core/cost/cheapest-route';
import { numberText } from '@/text/number-text';
import type { BuyIn } from '@/records/buying';
import { routeWorking } from '@/station-kit/figures/cost-working';
import { daysWorking } from '@/station-kit/figures/days-working';
import { Figure } from '@/ui/figure/Figure';
import { CountField } from '@/ui/unit-field/CountField';
import { DayField } from '@/ui/unit-field/DayField';
import { minutesText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { moneyText } from '@/model/cost/cost-slices';
import { buyInOf, costOf, notChosen, routeNode, unpricedOf } from '@/model/cost/cost-facts';
import type { CostablePiece } from '@/model/cost/pieces';
import styles from './cost.module.css';
import { inBackground } from '@/station-kit/in-background';

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
  const [whole, routes] = useMemo(() => {
    const node = routeNode(costOf(piece.piece, count, view), piece.piece, view);
    return [node, cheapestRoutes({ whole: node, count, days, minutesPerDay: minutes ?? 0 })] as const;
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
          <Figure working={routeWorking(best, whole, count, nameOf, sign)}>
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
              <Figure working={routeWorking(route, whole, count, nameOf, sign)}>
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
      <BuyInForm key={piece.id} piece={piece} known={buyInOf(piece.buyKey, view)} />
    </>
  );
}

const KIND_WORDS: Readonly<Record<BuyIn['kind'], string>> = {
  head: 'A bare head of this style and weight',
  skirt: 'This skirt',
  build: 'This bait, or one like it',
  rig: 'This rig, or one like it',
};

function BuyInForm({ piece, known }: { readonly piece: CostablePiece; readonly known: BuyIn | null }) {
  const { view, workshop } = useBench();
  const [each, setEach] = useState<number | null>(known?.each ?? null);
  const [postage, setPostage] = useState<number | null>(known?.postage ?? 0);
  const [lead, setLead] = useState<number | null>(known?.leadDays ?? 4);
  const [said, setSaid] = useState<string | null>(null);
  const save = async () => {
    if (each === null) return setSaid('What does one cost in the shop? Write that first.');
    await workshop.buying.saveBuyIn({
      ...piece.buyKey,
      each,
      postage: postage ?? 0,
      leadDays: lead ?? 0,
      note: '',
      pricedOn: dayjs(workshop.now()).format('YYYY-MM-DD'),
    });
    setSaid('Noted. The ways above reckon with it.');
  };
  return (
    <form
      className={fields(0, styles.buyIn)}
      aria-label="Price to buy in"
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(save());
      }}
    >
      <h3>Bought in</h3>
      <p className="quiet">
        {KIND_WORDS[piece.buyKey.kind]}
        {known ? `, priced ${dateText(known.pricedOn)}` : ': nobody noted a price yet'}.
      </p>
      <NumberField
        label={`Each, ${view.bench.money.sign}`}
        most={100_000}
        step={0.1}
        value={each}
        onChange={setEach}
      />
      <NumberField
        label={`Postage, ${view.bench.money.sign}`}
        most={1000}
        step={0.5}
        value={postage}
        onChange={setPostage}
      />
      <CountField label="Days until it is here" value={lead} onChange={setLead} />
      <Button htmlType="submit">Note the price</Button>
      {said ? <p role="status">{said}</p> : null}
    </form>
  );
}
