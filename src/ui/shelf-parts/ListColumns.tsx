'use client';

import { Select } from 'antd';
import { LIST_FIELDS, type ListField } from '@/core/stock/list/stock-row';
import styles from './shelf-parts.module.css';

interface ListColumnsProps {
  readonly list: { readonly heads: readonly string[]; readonly rows: readonly (readonly string[])[] };
  readonly columns: Readonly<Record<ListField, number | null>>;
  readonly isBusy: boolean;
  readonly onColumns: (columns: Readonly<Record<ListField, number | null>>) => void;
}

const FIELD_WORDS: Readonly<Record<ListField, string>> = {
  name: 'Name',
  sort: 'Sort',
  amount: 'Amount',
  price: 'Price',
  per: 'Price is for',
  place: 'Place',
  low: 'Low at',
  note: 'Note',
};
const NONE = -1;
const SHOWN = 6;

/** Which column of a list is what, said by hand, with the first rows as they would be read. */
export function ListColumns({ list, columns, isBusy, onColumns }: ListColumnsProps) {
  return (
    <>
      <h3>Which column is what</h3>
      <div className={styles.map}>
        {LIST_FIELDS.map((field) => (
          <label key={field}>
            {FIELD_WORDS[field]}
            <Select
              aria-label={`Column for ${FIELD_WORDS[field].toLowerCase()}`}
              value={columns[field] ?? NONE}
              disabled={isBusy}
              options={[
                { value: NONE, label: 'none' },
                ...list.heads.map((head, value) => ({ value, label: head || `column ${value + 1}` })),
              ]}
              onChange={(at) => onColumns({ ...columns, [field]: at === NONE ? null : at })}
            />
          </label>
        ))}
      </div>
      <table className={styles.preview}>
        <caption>The first rows of {list.rows.length}, as they would be read</caption>
        <thead>
          <tr>
            {LIST_FIELDS.map((field) => (
              <th key={field} scope="col">
                {FIELD_WORDS[field]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {list.rows.slice(0, SHOWN).map((cells, nth) => (
            <tr key={nth}>
              {LIST_FIELDS.map((field) => {
                const at = columns[field];
                return <td key={field}>{at === null ? '' : cells[at]}</td>;
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
