import type { TableDifference } from '@/data/exchange/backup';
import { ALL_TABLES } from '@/records/bench-file';
import styles from './bench-menu.module.css';

type Change = Omit<TableDifference, 'same'> & { readonly same?: number };

/** What would come, change and go, table by table; and what stays, where that is known. */
export function ChangeTable({ rows }: { readonly rows: readonly Change[] }) {
  const saysSame = rows.some(({ same }) => same !== undefined);
  return (
    <table className={styles.table}>
      <thead>
        <tr>
          <th scope="col">What would change</th>
          <th scope="col">come</th>
          <th scope="col">change</th>
          <th scope="col">go</th>
          {saysSame ? <th scope="col">stay</th> : null}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.table}>
            <th scope="row">{ALL_TABLES[row.table].all}</th>
            <td>{row.added}</td>
            <td>{row.changed}</td>
            <td>{row.removed}</td>
            {saysSame ? <td>{row.same}</td> : null}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
