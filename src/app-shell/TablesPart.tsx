'use client';

import { wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { benchSchema } from '@/data/exchange/bench-schema';
import { tableCsv } from '@/data/exchange/table-csv';
import { CONTENTS_TABLES, type ContentsTable } from '@/records/bench-file';
import { useBench } from '@/station-kit/BenchProvider';
import { slug } from '@/text/slug';
import { saveFile } from '@/station-kit/save-file';
import { ALL_TABLES } from '@/records/bench-file';
import styles from './bench-menu.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Every table in an open format, and the form of the whole file. */
export function TablesPart() {
  const { workshop } = useBench();
  const [table, setTable] = useState<ContentsTable>('entries');
  const save = async () => {
    const { contents } = await workshop.backup.save();
    saveFile(`ruvek-${slug(ALL_TABLES[table].all)}.csv`, tableCsv(contents[table]), 'text/csv');
  };
  return (
    <section className={styles.part}>
      <h3>Open formats</h3>
      <div className={wrap(8, styles.row)}>
        <Select<ContentsTable>
          aria-label="Table"
          value={table}
          style={{ width: 190 }}
          options={CONTENTS_TABLES.map((value) => ({ value, label: ALL_TABLES[value].all }))}
          onChange={setTable}
        />
        <Button onClick={() => inBackground(save())}>Table as CSV</Button>
        <Button
          onClick={() =>
            saveFile(
              'ruvek-bench.schema.json',
              JSON.stringify(benchSchema(), null, 2),
              'application/schema+json',
            )
          }
        >
          Schema of the file
        </Button>
      </div>
    </section>
  );
}
