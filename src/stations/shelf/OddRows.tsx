'use client';

import { Checkbox } from 'antd';
import type { OddRow } from '@/model/stock/odd-price';
import { oneOf } from '@/text/one-of';
import { useUnits } from '@/ui/units/use-units';
import { numberText } from '@/text/number-text';
import { stack } from '@/ui/layout/layout';
import { useBench } from '@/station-kit/BenchProvider';

interface OddRowsProps {
  readonly odd: readonly OddRow[];
  readonly isMeant: boolean;
  readonly onMeant: (isMeant: boolean) => void;
}

const MOST = 6;

/** Prices in a list that may be of a whole pack or roll: shown, and taken only when they are meant. */
export function OddRows({ odd, isMeant, onMeant }: OddRowsProps) {
  const units = useUnits();
  const { sign } = useBench().view.bench.money;
  return (
    <div role="alert" className={stack(6)}>
      <p>
        These prices look as if they were for more than one. Name the column that says what a price is for.
      </p>
      <ul>
        {odd.slice(0, MOST).map(({ row: { name, unit, unitCost }, times }, nth) => (
          <li key={nth}>
            <strong>{name}</strong>: {sign} {numberText((unitCost ?? 0) * oneOf(unit, units).holds, 3)} for
            one {oneOf(unit, units).word}, some {numberText(times, 2)} times what such things cost
          </li>
        ))}
      </ul>
      {odd.length > MOST ? <p className="quiet">And {odd.length - MOST} more.</p> : null}
      <Checkbox checked={isMeant} onChange={({ target }) => onMeant(target.checked)}>
        They are right as they stand
      </Checkbox>
    </div>
  );
}
