'use client';

import { Sideways } from '@/ui/layout/Sideways';
import { useUnits } from '@/ui/units/use-units';
import { wrap } from '@/ui/layout/layout';
import { letterDateText } from '@/text/date-text';
import { Button, Select } from 'antd';
import dayjs from 'dayjs';
import { useId, useMemo, useState } from 'react';
import { offerPdf } from '@/data/exchange/sheet/offer-sheet';
import { numberText } from '@/text/number-text';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PercentField } from '@/ui/unit-field/PercentField';
import { slug } from '@/text/slug';
import { useBench } from '@/station-kit/BenchProvider';
import { usePrint, type Sheet } from '@/station-kit/use-print';
import { overWorking, priceWorking } from '@/station-kit/figures/cost-working';
import { moneyWorking } from '@/station-kit/figures/money-working';
import { Figure } from '@/ui/figure/Figure';
import { moneyText } from '@/model/cost/cost-slices';
import { notPricedYet, offerLines } from '@/model/cost/offer';
import type { CostablePiece } from '@/model/cost/pieces';
import styles from './cost.module.css';
import { inBackground } from '@/station-kit/in-background';
import { useInHand } from '@/station-kit/use-in-address';

const PIECE = 'piece';
const STANDS_DAYS = 30;

/** A price for an order: cost and the maker's margin, line by line, printed as an offer. */
export function OfferPart({
  piece,
  count,
}: {
  readonly piece: CostablePiece | null;
  readonly count: number;
}) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const { sign, marginShare } = view.bench.money;
  const id = useId();
  const print = usePrint();
  const open = view.tickets.filter(({ state }) => state === 'open');
  const [asked] = useInHand('ticket');
  const [of, setOf] = useState<string>(
    open.find((each) => each.id === asked)?.id ?? open.find(({ buyer }) => buyer !== null)?.id ?? PIECE,
  );
  const ticket = open.find((each) => each.id === of) ?? null;
  const lines = useMemo(
    () => offerLines(ticket, piece, count, view, 1 + marginShare, mass),
    [ticket, piece, count, view, marginShare, mass],
  );
  const unpriced = notPricedYet(ticket, view);
  const total = lines.reduce((so, { each, count: many }) => so + each * many, 0);
  const cost = lines.reduce((so, { cost: made, count: many }) => so + made * many, 0);
  const offer = (): Sheet => {
    const day = dayjs(workshop.now());
    return {
      file: `${slug(ticket?.title ?? piece?.name ?? 'offer')}-offer`,
      make: (fonts) =>
        offerPdf(
          {
            title: ticket ? `Offer: ${ticket.title}` : `Offer: ${piece?.name ?? ''}`,
            from: view.bench.name,
            to: ticket?.buyer ?? null,
            day: letterDateText(day.valueOf()),
            lines: lines.map(({ name, count: many, each }) => ({
              name,
              count: many,
              each: moneyText(each, sign),
              all: moneyText(each * many, sign),
            })),
            total: moneyText(total, sign),
            notes: [
              `Stands until ${letterDateText(day.add(STANDS_DAYS, 'day').valueOf())}. Postage is not in it.`,
              ...(unpriced.length > 0 ? [`Not in it: ${unpriced.join('; ')}.`] : []),
              'Local rules may bar lead, or lead under some weight: ask before you fish it.',
            ],
          },
          fonts,
        ),
    };
  };
  return (
    <>
      <div className={wrap(0, styles.ask)}>
        <FieldShell id={`${id}of`} label="Offer for">
          <Select
            id={`${id}of`}
            value={of}
            popupMatchSelectWidth={false}
            options={[
              ...(piece ? [{ value: PIECE, label: `${count} of ${piece.name}` }] : []),
              ...open.map(({ id: ticketId, no, title }) => ({
                value: ticketId,
                label: `Ticket ${no}, ${title}`,
              })),
            ]}
            onChange={setOf}
          />
        </FieldShell>
        <PercentField
          label="Margin on the cost"
          value={marginShare}
          most={10}
          onChange={(share) => {
            if (share === null || share === marginShare) return;
            inBackground(
              workshop.bench.save({ ...view.bench, money: { ...view.bench.money, marginShare: share } }),
            );
          }}
        />
      </div>
      {unpriced.length > 0 ? (
        <p role="note" className="wrong">
          Not in it: {unpriced.join('; ')}. Keep it under that name, and it has its price.
        </p>
      ) : null}
      <Sideways name="The offer">
        <table className={styles.list}>
          <caption className="unseen">The offer, line by line</caption>
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col">Count</th>
              <th scope="col">Costs you</th>
              <th scope="col">Each</th>
              <th scope="col">Together</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ id: line, name, count: many, cost: made, each }) => (
              <tr key={line}>
                <td>{name}</td>
                <td>{numberText(many, 6)}</td>
                <td>{moneyText(made, sign)}</td>
                <td>
                  <Figure working={priceWorking(made, marginShare, each, sign)}>
                    {moneyText(each, sign)}
                  </Figure>
                </td>
                <td>{moneyText(each * many, sign)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <p className={styles.answer}>
        <Figure size="large" working={moneyWorking('The offer', lines, total, sign, unpriced)}>
          {moneyText(total, sign)}
        </Figure>{' '}
        for all of it;{' '}
        <Figure working={overWorking(total, cost, sign)}>{moneyText(total - cost, sign)}</Figure> over what it
        costs.
      </p>
      <Button type="primary" disabled={lines.length === 0} onClick={() => inBackground(print(offer()))}>
        Print the offer
      </Button>
    </>
  );
}
