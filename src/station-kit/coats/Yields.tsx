'use client';

import { gramsEach } from '@/model/coats/powder-facts';
import { pieceOf } from '@/model/heads/head-facts';
import type { HeadBin, PowderBin } from '@/records/bin';
import { massText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '../BenchProvider';
import { jarWorking, powderWorking } from '../figures/powder-working';
import { usePreferences } from '../preferences-store';
import styles from './yields.module.css';

interface YieldsProps {
  readonly powder: PowderBin;
  readonly heads: readonly HeadBin[];
  readonly leftG: number;
}

/** How many heads a jar makes, all of one color: what is left of it, and a full one. */
export function Yields({ powder, heads, leftG }: YieldsProps) {
  const { view } = useBench();
  const { coatWay, mass, length } = usePreferences();
  return (
    <table className={styles.yields}>
      <caption>Heads it makes, all of one color</caption>
      <thead>
        <tr>
          <th scope="col">head</th>
          <th scope="col">each</th>
          <th scope="col">what is left</th>
          <th scope="col">a full jar</th>
        </tr>
      </thead>
      <tbody>
        {heads.map((head) => {
          const piece = pieceOf(head, view);
          if (!piece) return null;
          const eachG = gramsEach(powder, piece, coatWay);
          return (
            <tr key={head.id}>
              <th scope="row">{head.name}</th>
              <td>
                <Figure working={powderWorking(powder, piece, coatWay, eachG, { mass, length })}>
                  {massText(eachG, mass)}
                </Figure>
              </td>
              <td>
                <Figure working={jarWorking(leftG, eachG, false, mass)}>{Math.floor(leftG / eachG)}</Figure>
              </td>
              <td>
                <Figure working={jarWorking(powder.jarG, eachG, true, mass)}>
                  {Math.floor(powder.jarG / eachG)}
                </Figure>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
