'use client';

import { countText } from '@/text/count-text';
import { row, stack } from '@/ui/layout/layout';
import { Button, Progress } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useMemo, useRef, useState } from 'react';
import { tableCsv } from '@/data/exchange/table-csv';
import { rowSentence } from '@/text/row-sentence';
import { saveFile } from '@/station-kit/save-file';
import { PasteBox } from '@/ui/shelf-parts/PasteBox';
import { BadRows } from '@/ui/shelf-parts/BadRows';
import { ListColumns } from '@/ui/shelf-parts/ListColumns';
import { oddRows } from '@/model/stock/odd-price';
import { useBench } from '@/station-kit/BenchProvider';
import { OddRows } from './OddRows';
import { useList } from './use-list';
import styles from './list.module.css';
import { inBackground } from '@/station-kit/in-background';

const HOWS = [
  { value: 'received', label: 'These came in' },
  { value: 'counted', label: 'This is what lies there' },
] as const;

/** A list from anywhere: its columns named by hand, read row by row, looked over, and only then written. */
export function ListPart() {
  const { state, open, read, accept, setColumns, cancel, leave } = useList();
  const chooser = useRef<HTMLInputElement>(null);
  const [how, setHow] = useState<'received' | 'counted'>('received');
  const { list, columns, reading } = state;
  const { view } = useBench();
  const [isMeant, setMeant] = useState(false);
  const bad = reading?.bad ?? [];
  const odd = useMemo(() => oddRows(reading?.good ?? [], view.bins), [reading, view.bins]);
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
    <div className={stack(12, styles.list)}>
      <div className={row(0, styles.row)}>
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
            if (file) inBackground(file.text().then((text) => open(file.name, text)));
          }}
        />
      </div>
      {list ? null : <PasteBox onPaste={(text) => open('What you pasted', text)} />}
      {state.problem ? <p role="alert">{state.problem}</p> : null}
      {state.said ? (
        <p role="status" className={styles.said}>
          {state.said}
        </p>
      ) : null}
      {list && columns ? (
        <>
          <ListColumns
            list={list}
            columns={columns}
            isBusy={state.is === 'reading' || state.is === 'writing'}
            onColumns={setColumns}
          />
          {state.is === 'mapping' ? (
            <div className={row(0, styles.row)}>
              <Button
                type="primary"
                disabled={columns.name === null || columns.amount === null}
                onClick={() => inBackground(read())}
              >
                Read {list.rows.length} rows
              </Button>
              <Button onClick={leave}>Cancel</Button>
              {columns.name === null || columns.amount === null ? (
                <p role="status">Say at least which column is the name and which the amount.</p>
              ) : null}
            </div>
          ) : null}
          {state.is === 'reading' ? (
            <div className={row(0, styles.row)}>
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
          <div className={row(0, styles.row)}>
            <Segmented<'received' | 'counted'>
              aria-label="What the amounts are"
              value={how}
              options={[...HOWS]}
              onChange={setHow}
            />
            <Button
              type="primary"
              loading={state.is === 'writing'}
              disabled={reading.good.length === 0 || (odd.length > 0 && !isMeant)}
              onClick={() => inBackground(accept(how))}
            >
              Accept {countText(reading.good.length, 'row')}
            </Button>
            {bad.length > 0 ? <Button onClick={saveBad}>Save the rest to fix</Button> : null}
            <Button onClick={leave}>Cancel</Button>
          </div>
          {odd.length > 0 ? <OddRows odd={odd} isMeant={isMeant} onMeant={setMeant} /> : null}
          {bad.length > 0 ? <BadRows bad={bad} /> : null}
        </>
      ) : null}
    </div>
  );
}
