'use client';

import type { BlockLayout } from '@/drawing/block-layout';
import type { MetalBin } from '@/records/bin';
import { frameMass, offMark } from '@/core/tickets/marked-weight';
import { writeMass } from '@/core/units/write-mass';
import { Figure } from '@/ui/figure/Figure';
import { overMarkWorking } from '@/station-kit/figures/head-working';
import { castingWorking } from '@/station-kit/workings';
import { insertsText, lengthText, markText, massText, offText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import type { CavityRow } from '@/model/molds/cavity-facts';
import styles from './molds.module.css';

/** What each cavity truly gives, under its place in the block where the block has one row. */
export function CavityFigures({
  rows,
  metal,
  layout,
}: {
  rows: readonly CavityRow[];
  metal: MetalBin;
  layout: BlockLayout;
}) {
  const units = useUnits();
  const { mass, length } = units;
  const edges = layout.columnsMm;
  const columns = edges
    ? `${edges[0] ?? 0}fr ${rows.map((_, index) => `${(edges[index + 1] ?? 0) - (edges[index] ?? 0)}fr`).join(' ')} ${layout.widthMm - (edges.at(-1) ?? 0)}fr`
    : undefined;
  return (
    <ul
      className={styles.figures}
      style={columns ? { gridTemplateColumns: columns } : undefined}
      data-aligned={Boolean(columns)}
    >
      {rows.map(({ index, cavity, hook, cast, errorG }) => {
        if (!cast) {
          return (
            <li key={index} className={styles.figure}>
              <strong>no room</strong>
              <span className="quiet">the hook takes the whole cavity</span>
            </li>
          );
        }
        const written = writeMass(cast.finishedG, mass);
        const isGuess = cavity.volumeBasis === 'guess';
        const off = offMark(cavity, cast.finishedG, cavity.nominalG);
        const frameG = frameMass(cavity);
        const says = offText(off, markText(cavity.nominalG, mass));
        return (
          <li key={index} className={styles.figure}>
            <Figure
              size="large"
              tone={isGuess ? 'brass' : 'ink'}
              unit={written.unit}
              working={castingWorking(cavity, metal, hook, cast, units)}
            >
              {written.number}
            </Figure>
            <span className="quiet">
              {isGuess
                ? 'a guess, never weighed'
                : `${errorG === null ? '' : `± ${massText(errorG, mass)}, `}${cavity.weighedCount} weighed`}
            </span>
            <span>
              <Figure working={overMarkWorking(cast.finishedG - frameG, cavity.nominalG, mass, says)}>
                {says}
              </Figure>
            </span>
            {frameG > 0 ? (
              <span className="quiet">
                {massText(cast.finishedG - frameG, mass)} without its wire of {massText(frameG, mass)}
              </span>
            ) : null}
            <span className="quiet">
              {hook
                ? `${hook.size}, eye to bend ${lengthText(hook.shankMm, length)}`
                : cavity.inserts.length > 0
                  ? insertsText(cavity.inserts)
                  : 'no hook'}
            </span>
            {hook && hook.size !== cavity.hookSizes[0] ? (
              <span className="quiet">
                {cavity.hookNotes[hook.size] || 'fits'}; {cavity.hookSizes[0]} is best
              </span>
            ) : null}
          </li>
        );
      })}
    </ul>
  );
}
