import Link from 'next/link';
import { useBench } from '../BenchProvider';
import { LacksNote } from '../put-down/LacksNote';
import styles from './run.module.css';
import type { KitLine } from '@/model/kits/kit-line';

/** What a run takes of each bin, by where it lies; what is short is told. `text` is how an amount is written. */
export function KitTable({
  lines,
  text = String,
}: {
  readonly lines: readonly KitLine[];
  readonly text?: (qty: number, binId: string) => string;
}) {
  const { view } = useBench();
  const lacks = lines.flatMap(({ binId, needed, onHand }) => {
    const bin = view.binById.get(binId);
    return bin && onHand < needed - 1e-9 ? [{ bin, needed }] : [];
  });
  return (
    <>
      <table className={styles.kit}>
        <caption>The kit, by where it lies</caption>
        <tbody>
          {lines.map(({ binId, name, place, needed, onHand, madeAt }) => (
            <tr key={binId} data-short={onHand < needed - 1e-9}>
              <th scope="row">{name}</th>
              <td>
                {madeAt && onHand < needed - 1e-9 ? <Link href={madeAt.href}>{madeAt.says}</Link> : place}
              </td>
              <td>{text(needed, binId)}</td>
              <td>
                {onHand < needed - 1e-9
                  ? `${text(needed - onHand, binId)} short: ${text(onHand, binId)} there`
                  : `of ${text(onHand, binId)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <LacksNote lacks={lacks} />
    </>
  );
}
