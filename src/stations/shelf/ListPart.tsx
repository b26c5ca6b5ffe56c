'use client';

import { Button, Progress, Segmented, Select } from 'antd';
import { useRef, useState } from 'react';
import { LIST_FIELDS, type ListField } from '@/core/stock/list/stock-row';
import { tableCsv } from '@/data/exchange/table-csv';
import { rowSentence } from '@/text/row-sentence';
import { saveFile } from '@/station-kit/save-file';
import { useList } from './use-list';
import styles from './list.module.css';
import { inBackground } from '@/station-kit/in-background';

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
const BAD_SHOWN = 100;
const HOWS = [
  { value: 'received', label: 'These came in' },
  { value: 'counted', label: 'This is what lies there' },
] as const;

/** A list from anywhere: its columns named by hand, read row by row, looked over, and only then written. */
export function ListPart() {
  const { state, open, read, accept, setColumns, cancel, leave } = useList();
  const chooser = useRef<HTMLInputElement>(null);
  const [how, setHow] = useState<'received' | 'counted'>('received');
  const [most, setMost] = useState(BAD_SHOWN);
  const { list, columns, reading } = state;
  const bad = reading?.bad ?? [];
  const saveBad = () =>
    saveFile(
      'rows-to-mend.csv',
      tableCsv(
        bad.map(({ line, cells, problems }) => ({
          line,
          ...Object.fromEntries(
            (list?.heads ?? []).map((head, nth) => [head || `column ${nth + 1}`, cells[nth] ?? '']),
          ),
          problem: problems.map(rowSentence).join(' '),
        })),
      ),
      'text/csv',
    );
  return (
    <div className={styles.list}>
      <div className={styles.row}>
        <Button
          type={state.is === 'rest' || state.is === 'done' ? 'primary' : 'default'}
          onClick={() => chooser.current?.click()}
        >
          Choose a CSV file
        </Button>
        <p className="quiet">
          {state.name ||
            'Any seller’s list or your own: the first line names the columns. Nothing is written until you accept.'}
        </p>
        <input
          ref={chooser}
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="unseen"
          tabIndex={-1}
          aria-label="List to bring in"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) inBackground(open(file));
          }}
        />
      </div>
      {state.problem ? <p role="alert">{state.problem}</p> : null}
      {state.said ? (
        <p role="status" className={styles.said}>
          {state.said}
        </p>
      ) : null}
      {list && columns ? (
        <>
          <h3>Which column is what</h3>
          <div className={styles.map}>
            {LIST_FIELDS.map((field) => (
              <label key={field}>
                {FIELD_WORDS[field]}
                <Select
                  aria-label={`Column for ${FIELD_WORDS[field].toLowerCase()}`}
                  value={columns[field] ?? NONE}
                  disabled={state.is === 'reading' || state.is === 'writing'}
                  options={[
                    { value: NONE, label: 'none' },
                    ...list.heads.map((head, value) => ({ value, label: head || `column ${value + 1}` })),
                  ]}
                  onChange={(at) => setColumns({ ...columns, [field]: at === NONE ? null : at })}
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
          {state.is === 'mapping' ? (
            <div className={styles.row}>
              <Button
                type="primary"
                disabled={columns.name === null || columns.amount === null}
                onClick={() => inBackground(read())}
              >
                Read {list.rows.length} rows
              </Button>
              <Button onClick={leave}>Leave it</Button>
              {columns.name === null || columns.amount === null ? (
                <p role="status">Say at least which column is the name and which the amount.</p>
              ) : null}
            </div>
          ) : null}
          {state.is === 'reading' ? (
            <div className={styles.row}>
              <Progress
                percent={Math.round(state.share * 100)}
                aria-label="Reading the list"
                style={{ maxWidth: 320 }}
              />
              <Button onClick={cancel}>Stop</Button>
            </div>
          ) : null}
        </>
      ) : null}
      {reading ? (
        <>
          <p role="status" className={styles.said}>
            <strong>{reading.good.length}</strong> rows can be taken
            {bad.length > 0 ? (
              <>
                , <strong>{bad.length}</strong> cannot
              </>
            ) : null}
            . {reading.good.filter(({ binId }) => binId === null).length} of them are not on the shelf yet.
          </p>
          <div className={styles.row}>
            <Segmented<'received' | 'counted'>
              aria-label="What the amounts are"
              value={how}
              options={[...HOWS]}
              onChange={setHow}
            />
            <Button
              type="primary"
              loading={state.is === 'writing'}
              disabled={reading.good.length === 0}
              onClick={() => inBackground(accept(how))}
            >
              Accept {reading.good.length} rows
            </Button>
            {bad.length > 0 ? <Button onClick={saveBad}>Save the rest to mend</Button> : null}
            <Button onClick={leave}>Leave it</Button>
          </div>
          {bad.length > 0 ? (
            <>
              <table className={styles.preview}>
                <caption>What cannot be taken, and why</caption>
                <thead>
                  <tr>
                    <th scope="col">Line</th>
                    <th scope="col">Row</th>
                    <th scope="col">What is wrong</th>
                  </tr>
                </thead>
                <tbody>
                  {bad.slice(0, most).map(({ line, cells, problems }) => (
                    <tr key={line}>
                      <td>{line}</td>
                      <td>{cells.filter(Boolean).join(' · ')}</td>
                      <td>{problems.map(rowSentence).join(' ')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {bad.length > most ? (
                <Button onClick={() => setMost(most + BAD_SHOWN)}>Show more of {bad.length}</Button>
              ) : null}
            </>
          ) : null}
        </>
      ) : null}
    </div>
  );
}
