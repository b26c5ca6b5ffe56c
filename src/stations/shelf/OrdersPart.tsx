'use client';

import { countText } from '@/text/count-text';
import { CountField } from '@/ui/unit-field/CountField';
import { Nothing } from '@/ui/frame/Nothing';
import { row, stack } from '@/ui/layout/layout';
import { dayText, weekdayText } from '@/text/date-text';
import { Button, Popconfirm } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { deliveriesFile } from '@/data/exchange/calendar';
import type { Purchase } from '@/records/buying';
import { amountText } from '@/text/words';
import { CountByWeight } from '@/station-kit/scale/CountByWeight';
import { CountedPieces } from '@/station-kit/scale/CountedPieces';
import { saveFile } from '@/station-kit/save-file';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { BenchView } from '@/model/bench/bench-view';
import styles from './buy.module.css';
import { inBackground } from '@/station-kit/in-background';

const STATE_WORDS = { ordered: 'on its way', received: 'all here', 'given-up': 'given up' } as const;

const sellerName = ({ sellerId }: Purchase, { sellers }: Pick<BenchView, 'sellers'>) =>
  sellers.find(({ id }) => id === sellerId)?.name ?? 'a seller gone';

/** Open orders that say when they are due, as a calendar file. */
function deliveries(open: readonly Purchase[], view: BenchView, now: number): string {
  return deliveriesFile(
    open.flatMap((purchase) => {
      const { id, no, dueOn, lines } = purchase;
      const notes = lines
        .filter(({ packs, came }) => came < packs)
        .map(
          ({ binId, packs, came }) =>
            `${countText(packs - came, 'pack')} of ${view.binById.get(binId)?.name ?? 'a bin gone'}`,
        );
      const title = `Order ${no}, ${sellerName(purchase, view)}`;
      return dueOn === null ? [] : [{ uid: `${id}@ruvek`, title, day: dueOn, notes }];
    }),
    now,
  );
}

/** Orders on their way: late ones first, received pack by pack. */
export function OrdersPart({ onBuy }: { readonly onBuy: () => void }) {
  const { view, workshop } = useBench();
  const today = dayjs(workshop.now()).format('YYYY-MM-DD');
  const open = view.purchases
    .filter(({ state }) => state === 'ordered')
    .sort((a, b) => (a.dueOn ?? '9999').localeCompare(b.dueOn ?? '9999'));
  const past = view.purchases.filter(({ state }) => state !== 'ordered').reverse();
  return (
    <>
      {open.length === 0 ? (
        <Nothing
          says="Nothing is on its way. What tickets lack, and what is low, can be ordered."
          mend="What to buy"
          onMend={onBuy}
        />
      ) : (
        <div className={stack(12, styles.slips)}>
          <Button
            className={styles.calendar}
            disabled={open.every(({ dueOn }) => dueOn === null)}
            onClick={() =>
              saveFile('ruvek-deliveries.ics', deliveries(open, view, workshop.now()), 'text/calendar')
            }
          >
            Due days as a calendar
          </Button>
          {open.map((purchase) => (
            <OpenOrder
              key={purchase.id}
              purchase={purchase}
              isLate={purchase.dueOn !== null && purchase.dueOn < today}
            />
          ))}
        </div>
      )}
      {past.length > 0 ? (
        <>
          <h3>Before</h3>
          <ul className={styles.past}>
            {past.map((purchase) => (
              <li key={purchase.id}>
                <b>{purchase.no}</b> {sellerName(purchase, view)}, {dayText(purchase.orderedAt)},{' '}
                {purchase.lines.length} things, {STATE_WORDS[purchase.state]}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </>
  );
}

function OpenOrder({ purchase, isLate }: { readonly purchase: Purchase; readonly isLate: boolean }) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const left = (packs: number, came: number) => packs - came;
  const [came, setCame] = useState<Readonly<Record<string, number | null>>>({});
  const [counted, setCounted] = useState<Readonly<Record<string, number | undefined>>>({});
  const [weighing, setWeighing] = useState<Purchase['lines'][number] | null>(null);
  const cameOf = ({ packId, packs, came: before }: Purchase['lines'][number]) =>
    came[packId] === undefined ? left(packs, before) : came[packId];
  const receive = async () => {
    const arrived = purchase.lines.map((line) => {
      const pieces = counted[line.packId];
      return { packId: line.packId, packs: cameOf(line) ?? 0, ...(pieces ? { counted: pieces } : {}) };
    });
    if (!(await carryOut(workshop.buying.receive(purchase.id, arrived)))) return;
    setCame({});
    setCounted({});
  };
  const weighed = weighing ? view.binById.get(weighing.binId) : undefined;
  const isUnread = Object.values(came).includes(null);
  const isNothing = isUnread || purchase.lines.every((line) => (cameOf(line) ?? 0) === 0);
  return (
    <article data-late={isLate} aria-label={`Order ${purchase.no}`}>
      <h3>
        {sellerName(purchase, view)}{' '}
        <small>
          order {purchase.no}, {dayText(purchase.orderedAt)}
          {purchase.dueOn === null
            ? ''
            : isLate
              ? `, late since ${weekdayText(purchase.dueOn)}`
              : `, due ${weekdayText(purchase.dueOn)}`}
        </small>
      </h3>
      <ul>
        {purchase.lines.map((line) => {
          const bin = view.binById.get(line.binId);
          const rest = left(line.packs, line.came);
          return (
            <li key={line.packId}>
              <CountField
                isBare
                label={`Packs of ${bin?.name ?? 'a bin gone'} that came`}
                max={rest}
                isDisabled={rest === 0}
                value={cameOf(line)}
                onChange={(next) => setCame({ ...came, [line.packId]: next })}
              />
              <span>
                {bin?.name ?? 'a bin gone'}
                <small>
                  {rest === 0 ? 'all here' : `${rest} of ${line.packs} to come`}
                  {bin ? `, packs of ${amountText(line.packQty, bin, mass)}` : ''}
                </small>
                {bin && bin.unit === 'pieces' && rest > 0 ? (
                  <CountedPieces
                    name={bin.name}
                    said={(cameOf(line) ?? 0) * line.packQty}
                    counted={counted[line.packId]}
                    onWeigh={() => setWeighing(line)}
                    onAsSaid={() => setCounted({ ...counted, [line.packId]: undefined })}
                  />
                ) : null}
              </span>
            </li>
          );
        })}
      </ul>
      {weighed && weighing ? (
        <CountByWeight
          bin={weighed}
          onCounted={(pieces) => setCounted({ ...counted, [weighing.packId]: pieces })}
          onClose={() => setWeighing(null)}
        />
      ) : null}
      <div className={row(0, styles.bar)}>
        <Button type="primary" disabled={isNothing} onClick={() => inBackground(receive())}>
          Receive
        </Button>
        <Popconfirm
          title="What has not come is not waited for any more."
          okText="Give up"
          onConfirm={() => inBackground(carryOut(workshop.buying.giveUp(purchase.id)))}
        >
          <Button>Give up on the rest</Button>
        </Popconfirm>
      </div>
    </article>
  );
}
