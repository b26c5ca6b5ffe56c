'use client';

import { countText } from '@/text/count-text';
import { apart } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { readOrder } from '@/records/drafts';
import { DayField } from '@/ui/unit-field/DayField';
import { TextField } from '@/ui/unit-field/TextField';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { headText } from '@/text/words';
import { lookOf } from '@/station-kit/looks/coat-look';
import { setPreferences } from '@/station-kit/preferences-store';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { newLine, NO_ORDER, orderProblem, ticketOf, type Order, type OrderLine } from '@/model/tickets/order';
import { OrderLineFields } from './OrderLineFields';
import { SkirtThumb } from './SkirtThumb';
import styles from './order.module.css';
import { versionText } from '@/model/versions/version-text';
import { useKeptState } from '@/station-kit/use-kept';
import { inBackground } from '@/station-kit/in-background';

/** A customer's choices, piece by piece, each drawn as it will be; together they become a ticket. */
export function OrderPart() {
  const { view, workshop } = useBench();
  const [kept, set] = useKeptState<Order>('skirt-order', readOrder);
  const order = kept ?? NO_ORDER;
  const [openId, setOpenId] = useState<string | null>(order.lines[0]?.id ?? null);
  const [said, setSaid] = useState<string | null>(null);
  const open = order.lines.find((line) => line.id === openId) ?? null;
  const change = (line: OrderLine) =>
    set({ ...order, lines: order.lines.map((each) => (each.id === line.id ? line : each)) });
  const add = () => {
    const line = newLine(view, workshop.newId(), open ?? order.lines.at(-1));
    set({ ...order, lines: [...order.lines, line] });
    setOpenId(line.id);
  };
  const problem = orderProblem(order);
  const total = order.lines.reduce((so, { count }) => so + count, 0);
  const make = async () => {
    if (problem) return;
    const ticketInHand = await workshop.tickets.add(ticketOf(order));
    setPreferences({ ticketInHand });
    set(null);
    setOpenId(null);
    setSaid(`The ticket is written: ${total} ${total === 1 ? 'piece' : 'pieces'}.`);
  };
  return (
    <div className={apart(24, styles.order)}>
      <div>
        <form
          className={apart(0, styles.head)}
          aria-label="The order"
          onSubmit={(event) => {
            event.preventDefault();
            inBackground(make());
          }}
        >
          <TextField
            label="Who orders"
            value={order.buyer}
            most={80}
            placeholder="Harbour kiosk"
            onChange={(buyer) => set({ ...order, buyer })}
          />
          <TextField
            label="Called"
            value={order.title}
            most={80}
            placeholder={order.buyer ? `Order, ${order.buyer}` : 'Kiosk order, ten jigs'}
            onChange={(title) => set({ ...order, title })}
          />
          <DayField label="Due" value={order.dueOn} onChange={(dueOn) => set({ ...order, dueOn })} />
          <Button type="primary" htmlType="submit" disabled={problem !== null}>
            Make the ticket
          </Button>
          <p className="quiet">
            {problem ?? `${countText(total, 'piece')}, ${order.lines.length} different.`}
          </p>
        </form>
        {said ? <p role="status">{said}</p> : null}
        <ul className={styles.pieces} aria-label="Pieces">
          {order.lines.map((line, index) => (
            <Piece
              key={line.id}
              line={line}
              no={index + 1}
              isOpen={line.id === openId}
              onOpen={() => setOpenId(line.id)}
            />
          ))}
          <li>
            <button type="button" className={styles.piece} onClick={add}>
              <span className={styles.plus}>+</span>
              <strong>{order.lines.length === 0 ? 'the first piece' : 'another piece'}</strong>
              <small>{order.lines.length === 0 ? ' ' : 'like the open one'}</small>
            </button>
          </li>
        </ul>
      </div>
      {open ? (
        <OrderLineFields
          key={open.id}
          line={open}
          no={order.lines.indexOf(open) + 1}
          onChange={change}
          onRemove={() => {
            const lines = order.lines.filter((line) => line.id !== open.id);
            set({ ...order, lines });
            setOpenId(lines.at(-1)?.id ?? null);
          }}
        />
      ) : null}
    </div>
  );
}

interface PieceProps {
  readonly line: OrderLine;
  readonly no: number;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

function Piece({ line, no, isOpen, onOpen }: PieceProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const skirt = view.skirtById.get(line.skirtId ?? '');
  const coat = view.coatById.get(line.coatId ?? '');
  return (
    <li>
      <button type="button" className={styles.piece} aria-pressed={isOpen} onClick={onOpen}>
        <span className={styles.picture}>
          {skirt ? (
            <SkirtThumb
              skirt={skirt}
              choice={{ ...line, trailerBinId: line.trailerBinId ?? null }}
              pxPerMm={2}
              maxWidthPx={160}
              maxHeightPx={66}
            />
          ) : (
            <CoatSwatch
              name=""
              head={line}
              look={coat ? lookOf(coat, view) : null}
              view={view}
              pxPerMm={2}
              maxWidthPx={120}
            />
          )}
        </span>
        <strong>
          {no}. {line.count} × {skirt ? versionText(skirt) : 'no skirt'}
        </strong>
        <small>
          {headText(line, view.binById, mass)}, {coat?.name ?? 'bare'}
        </small>
      </button>
    </li>
  );
}
