'use client';

import { countText } from '@/text/count-text';
import { row, stack } from '@/ui/layout/layout';
import { Button, Checkbox } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import type { OrderPlan } from '@/core/stock/plan-orders';
import { tableCsv } from '@/data/exchange/table-csv';
import type { Seller } from '@/records/buying';
import { amountText } from '@/text/words';
import { saveFile } from '@/station-kit/save-file';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { buyNeeds, buyQuestion } from '@/model/stock/buying';
import { ordersWorking } from '@/station-kit/figures/money-working';
import { needWorking, promisedWorking } from '@/station-kit/figures/stock-working';
import { Figure } from '@/ui/figure/Figure';
import { PackForm } from '@/station-kit/put-down/PackForm';
import { useOrders } from './use-orders';
import styles from './buy.module.css';
import { JobFailure } from '@/station-kit/JobFailure';
import { inBackground } from '@/station-kit/in-background';

const anyKind = () => true;
const money = (value: number, sign: string) => `${sign} ${value.toFixed(2)}`;

/** What open tickets and low bins want, and the cheapest packs that bring it, proven; ordered with one press. */
export function BuyPart({ onOrdered }: { readonly onOrdered: (said: string) => void }) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const { sign } = view.bench.money;
  const [mayFill, setMayFill] = useState(true);
  const [pricing, setPricing] = useState<string | null>(null);
  const { job, ask } = useOrders();
  const needs = useMemo(() => buyNeeds(view, mayFill), [view, mayFill]);
  const question = useMemo(() => buyQuestion(needs, view), [needs, view]);
  const plan = job.answer?.plan ?? null;
  const order = async () => {
    if (!plan) return;
    const day = (seller: Seller | undefined) =>
      seller === undefined || seller.leadDays === null
        ? null
        : dayjs(workshop.now()).add(seller.leadDays, 'day').format('YYYY-MM-DD');
    const kept = await workshop.buying.order(
      plan.orders.map(({ sellerId, lines, postage }) => ({
        sellerId,
        postage,
        note: '',
        dueOn: day(view.sellers.find(({ id }) => id === sellerId)),
        lines: lines.flatMap(({ packId, packs, priceEach }) => {
          const pack = view.packs.find(({ id }) => id === packId);
          return pack
            ? [{ packId, binId: pack.binId, packs, packQty: pack.qty, packPrice: priceEach, came: 0 }]
            : [];
        }),
      })),
    );
    job.cancel();
    onOrdered(`${kept.length === 1 ? 'One order is' : `${kept.length} orders are`} written down.`);
  };
  if (view.bins.length === 0) {
    return (
      <PutDownHere
        says="Nothing lies on the shelf yet, so nothing of it can be low. Put down what you have or want to have."
        mend="Put something down"
        suits={anyKind}
      />
    );
  }
  if (needs.length === 0) {
    const isMarked = view.bins.some(({ lowAt }) => lowAt !== null);
    return (
      <>
        <FillSwitch mayFill={mayFill} onChange={setMayFill} />
        <p className="empty">
          Nothing to buy: open tickets have what they take, and{' '}
          {isMarked ? 'nothing is low' : 'no bin says yet from when on it is low'}.
        </p>
      </>
    );
  }
  return (
    <>
      <FillSwitch
        mayFill={mayFill}
        onChange={(next) => {
          setMayFill(next);
          job.cancel();
        }}
      />
      <div className={row(0, styles.bar)}>
        <Button
          type="primary"
          loading={job.is === 'working'}
          disabled={question.short.length === 0}
          onClick={() => ask({ ...question, timeLimitS: 20 })}
        >
          Find the cheapest packs
        </Button>
        <p className="quiet">
          {countText(needs.length, 'bin')} to fill
          {question.unsold.length > 0 ? `; of ${question.unsold.length} nobody noted a pack` : ''}.
        </p>
      </div>
      <JobFailure job={job} />
      {job.answer?.problem ? <p role="alert">{job.answer.problem}</p> : null}
      {plan ? <Orders plan={plan} onOrder={() => inBackground(order())} /> : null}
      <table className={styles.needs}>
        <caption className="unseen">What is wanted</caption>
        <thead>
          <tr>
            <th scope="col">Bin</th>
            <th scope="col">on hand</th>
            <th scope="col">promised</th>
            <th scope="col">on order</th>
            <th scope="col">short</th>
            <th scope="col">to fill</th>
            <th scope="col">from</th>
          </tr>
        </thead>
        <tbody>
          {needs.map((need) => {
            const bin = view.binById.get(need.binId);
            if (!bin) return null;
            const text = (qty: number) => (qty > 0 ? amountText(qty, bin, mass) : '');
            const packs = view.packs.filter(({ binId, retired }) => binId === need.binId && !retired);
            const cheapest = Math.min(...packs.map(({ price, qty }) => price / qty));
            return (
              <tr key={need.binId}>
                <td>{need.name}</td>
                <td>{amountText(need.onHand, bin, mass)}</td>
                <td>
                  {need.promised > 0 ? (
                    <Figure working={promisedWorking(bin, view, mass)}>{text(need.promised)}</Figure>
                  ) : null}
                </td>
                <td>{text(need.onOrder)}</td>
                {(['short', 'toFill'] as const).map((of) => (
                  <td key={of} data-short={of === 'short' && need.short > 0}>
                    {need[of] > 0 ? (
                      <Figure working={needWorking(need, bin, of, mass)}>{text(need[of])}</Figure>
                    ) : null}
                  </td>
                ))}
                <td>
                  <button type="button" onClick={() => setPricing(need.binId)}>
                    {packs.length === 0
                      ? 'note a pack'
                      : `${packs.length} ${packs.length === 1 ? 'pack' : 'packs'}, ${sign} ${cheapest.toFixed(cheapest < 0.1 ? 3 : 2)}`}
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {pricing ? <PackForm binId={pricing} onClose={() => setPricing(null)} /> : null}
    </>
  );
}

function FillSwitch({
  mayFill,
  onChange,
}: {
  readonly mayFill: boolean;
  readonly onChange: (next: boolean) => void;
}) {
  return (
    <Checkbox checked={mayFill} onChange={(event) => onChange(event.target.checked)}>
      Fill up what is low, besides what tickets take
    </Checkbox>
  );
}

function Orders({ plan, onOrder }: { readonly plan: OrderPlan; readonly onOrder: () => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { sign } = view.bench.money;
  const rows = plan.orders.flatMap(({ sellerId, lines }) => {
    const seller = view.sellers.find(({ id }) => id === sellerId)?.name ?? 'a seller gone';
    return lines.map(({ packId, packs, priceEach }) => {
      const pack = view.packs.find(({ id }) => id === packId);
      const bin = view.binById.get(pack?.binId ?? '');
      const qty = pack && bin ? amountText(pack.qty, bin, mass) : '';
      return { seller, name: bin?.name ?? 'a bin gone', qty, packs, priceEach };
    });
  });
  const save = () =>
    saveFile(
      'to-buy.csv',
      tableCsv(
        rows.map(({ seller, name, qty, packs, priceEach }) => ({
          seller,
          name,
          'pack of': qty,
          packs,
          'price each': priceEach,
          together: packs * priceEach,
        })),
      ),
      'text/csv',
    );
  return (
    <section className={styles.orders} aria-label="The cheapest orders">
      <p role="status">
        <Figure size="large" working={ordersWorking(plan, view, sign)}>
          {money(plan.cost, sign)}
        </Figure>{' '}
        with the post,{' '}
        {plan.optimal
          ? 'proven: no other orders cost less.'
          : 'the best found in the time; there may be a cheaper one.'}
      </p>
      <div className={stack(12, styles.slips)}>
        {plan.orders.map(({ sellerId, lines, goods, postage }) => (
          <article key={sellerId}>
            <h3>{view.sellers.find(({ id }) => id === sellerId)?.name ?? 'a seller gone'}</h3>
            <ul>
              {lines.map(({ packId, packs, priceEach }) => {
                const pack = view.packs.find(({ id }) => id === packId);
                const bin = view.binById.get(pack?.binId ?? '');
                return (
                  <li key={packId}>
                    <b>{packs} ×</b>
                    <span>
                      {bin?.name ?? 'a bin gone'}
                      {pack && bin ? <small>pack of {amountText(pack.qty, bin, mass)}</small> : null}
                    </span>
                    <span>{money(packs * priceEach, sign)}</span>
                  </li>
                );
              })}
            </ul>
            <p>
              goods {money(goods, sign)}, post {postage === 0 ? 'free' : money(postage, sign)}
            </p>
          </article>
        ))}
      </div>
      <div className={row(0, styles.bar)}>
        <Button type="primary" onClick={onOrder}>
          Write the orders down
        </Button>
        <Button onClick={save}>List as CSV</Button>
        <Button onClick={() => window.print()}>Print</Button>
      </div>
    </section>
  );
}
