'use client';

import { Checkbox } from 'antd';
import { amountOf, SPOONS } from '@/model/plastics/plastic-draft';
import type { PlasticColor } from '@/records/plastic';
import { sizeText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import styles from './plastic.module.css';

interface WentInProps {
  readonly name: string;
  readonly added: PlasticColor['added'];
  readonly onChange: (added: PlasticColor['added']) => void;
}

/** What went into a cup, in order, with the drop that was one too many. */
export function WentIn({ name, added, onChange }: WentInProps) {
  const { length } = useUnits();
  const setTooMuch = (id: string, tooMuch: boolean) =>
    onChange(added.map((each) => (each.id === id ? { ...each, tooMuch } : each)));
  return (
    <ol className={styles.added} aria-label={`${name}, what went in`}>
      {added.map((each) => (
        <li key={each.id} data-toomuch={each.tooMuch}>
          <i style={{ background: each.hex }} aria-hidden="true" />
          <span>
            {amountOf(each.amount, each.as === 'drops' ? each.as : SPOONS)} {each.name}
            {each.sizeMm === null ? '' : `, ${sizeText(each.sizeMm, length)}`}
          </span>
          <Checkbox
            checked={each.tooMuch}
            aria-label={`${each.name} was too much`}
            onChange={({ target }) => setTooMuch(each.id, target.checked)}
          >
            one too many
          </Checkbox>
        </li>
      ))}
    </ol>
  );
}
