'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo } from 'react';
import { costNext } from '@/core/stock/price-lots';
import { standInSentence } from '@/text/stand-in-sentence';
import type { Bin } from '@/records/bin';
import { useBench } from '../BenchProvider';
import { pricedItem } from '@/model/cost/priced-item';
import { useUnits } from '@/ui/units/use-units';
import { amountText } from '@/text/words';
import { standInsOf, type ShelfStandIn } from '@/model/stock/stand-ins-of';
import styles from './stand-ins.module.css';
import { inBackground } from '../in-background';

const MOST = 3;

interface StandInRowsProps {
  readonly bin: Bin;
  /** How much of it is lacking; null where nothing is, and they are only shown. */
  readonly lacks: number | null;
}

/** What may stand in for a bin, looked for on the shelf. */
export function StandInRows({ bin, lacks }: StandInRowsProps) {
  const { view } = useBench();
  const found = useMemo(() => standInsOf(bin, view), [bin, view]);
  return <StandInList bin={bin} lacks={lacks} found={found} />;
}

interface StandInListProps extends StandInRowsProps {
  readonly found: readonly ShelfStandIn[];
}

/** What may stand in for a bin, how it differs, and the maker's yes. */
export function StandInList({ bin, lacks, found }: StandInListProps) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const { mass } = units;
  if (found.length === 0) return null;
  const some = ({ free }: ShelfStandIn) =>
    Math.min(bin.unit === 'pieces' ? Math.floor(free) : free, lacks ?? free);
  const letStandIn = (each: ShelfStandIn) => {
    const qty = some(each);
    const { lots, usual } = pricedItem(each.bin.id, view);
    const { cost } = costNext(lots, qty, usual);
    const unitCost = cost === null ? null : cost / qty;
    inBackground(
      carryOut(workshop.shelf.standIn({ binId: each.bin.id, standsForId: bin.id, qty, unitCost })),
    );
  };
  return (
    <ul className={stack(6, styles.rows)} aria-label={`May stand in for ${bin.name}`}>
      {found.slice(0, MOST).map((each) => (
        <li key={each.bin.id}>
          <span>
            <strong>{each.bin.name}</strong>
            <small>
              {amountText(each.free, each.bin, mass)} free, {standInSentence(each.differences, units)}
              {each.isSaid ? '. You let it before.' : ''}
            </small>
          </span>
          {lacks !== null && some(each) > 0 ? (
            <Button size="small" onClick={() => letStandIn(each)}>
              Let {amountText(some(each), each.bin, mass)} stand in
            </Button>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
