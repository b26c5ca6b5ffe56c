'use client';

import { Button } from 'antd';
import type { Bin } from '@/records/bin';
import { isBoughtHead, isPart } from '@/reference/typical/suits';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { fields, stack } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { AmountField } from './AmountField';
import { StockField } from './StockField';

/** A thing of the shelf, and how much of it goes on one piece, in its bin's own unit. */
interface Beside {
  readonly binId: string;
  readonly qty: number;
}

interface BesidesFieldsProps {
  readonly value: readonly Beside[];
  readonly most: number;
  /** A part that is taken already elsewhere. */
  readonly isTaken: (binId: string) => boolean;
  readonly onChange: (value: Beside[]) => void;
}

const suits = (kind: ThingKind) => isPart(kind) || isBoughtHead(kind);
/** A thin line of glue, a short strip, one piece: the smallest that is commonly taken. */
const USUAL_EACH: Readonly<Record<Bin['unit'], number>> = { g: 0.1, mm: 30, pieces: 1 };

/** What else goes on each: glue, a strip, the head it is of; each is counted, taken from the shelf and paid. */
export function BesidesFields({ value, most, isTaken, onChange }: BesidesFieldsProps) {
  const { view } = useBench();
  const inList = new Set(value.map(({ binId }) => binId));
  const shelf = view.bins.filter(
    (bin) =>
      (bin.kind === 'head' || (bin.kind === 'part' && bin.buildId === null && bin.rigId === null)) &&
      !isTaken(bin.id),
  );
  const there = (own: string | null) =>
    shelf.flatMap(({ id, name }) => (id === own || !inList.has(id) ? [{ value: id, label: name }] : []));
  const put = (at: number, next: Beside) => onChange(value.map((each, nth) => (nth === at ? next : each)));
  const named = (binId: string, { unit }: Pick<Bin, 'unit'>) => ({ binId, qty: USUAL_EACH[unit] });
  return (
    <div role="group" aria-label="What else goes on" className={stack(6)} style={{ gridColumn: '1 / -1' }}>
      {value.map(({ binId, qty }, at) => {
        const unit = view.binById.get(binId)?.unit ?? 'pieces';
        const label = `One takes of ${view.binById.get(binId)?.name ?? 'it'}`;
        const setQty = (next: number | null) => next !== null && next > 0 && put(at, { binId, qty: next });
        return (
          <div key={binId} className={fields(8)}>
            <StockField
              label={`Goes on, ${at + 1}`}
              value={binId}
              there={there(binId)}
              suits={suits}
              placeholder="choose it"
              onChange={(next, bin) => put(at, named(next, bin))}
            />
            {unit === 'mm' ? (
              <QuantityField
                label={label}
                of="length"
                least={1}
                most={10_000}
                value={qty}
                onChange={setQty}
              />
            ) : (
              <AmountField label={label} unit={unit} value={qty} onChange={setQty} />
            )}
            <Button type="text" onClick={() => onChange(value.filter((_, nth) => nth !== at))}>
              Leave off
            </Button>
          </div>
        );
      })}
      {value.length < most ? (
        <StockField
          key={value.length}
          label="What else goes on: glue, a strip, the head"
          value={null}
          there={there(null)}
          suits={suits}
          placeholder="choose it"
          onChange={(binId, bin) => onChange([...value, named(binId, bin)])}
        />
      ) : null}
    </div>
  );
}
