'use client';

import { Button } from 'antd';
import { findStyle } from '@/core/cavities/styles';
import { sortByWeight } from '@/core/quality/sort-by-weight';
import type { NameHead } from '@/data/repositories/head-bin';
import type { Batch } from '@/records/batch';
import type { Weighing } from '@/records/weighing';
import { PercentField } from '@/ui/unit-field/PercentField';
import { headText, lotText, markText, massText } from '@/text/words';
import { trayWorking } from '@/station-kit/figures/head-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './dress.module.css';
import { inBackground } from '@/station-kit/in-background';

const MOST_TOLERANCE = 0.5;

/** Weighed pieces sorted into trays of true weight; what is off its mark may go to a bin of its own. */
export function SortTrays({ batch, weighings }: { batch: Batch; weighings: readonly Weighing[] }) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const weighedG = weighings.map((each) => each.weighedG);
  const toleranceG = batch.nominalG * batch.toleranceShare;
  const trays = sortByWeight(weighedG, batch.nominalG, toleranceG).map((tray) => {
    const nominalG = Number(tray.middleG.toPrecision(3));
    const out = batch.sortedOut.find((each) => each.nominalG === nominalG)?.count ?? 0;
    return { ...tray, nominalG, left: Math.max(0, tray.pieces.length - (tray.step === 0 ? 0 : out)), out };
  });
  if (trays.length === 0) return null;
  const toMove = trays.filter(({ step, left }) => step !== 0 && left > 0);
  const last = weighedG.at(-1);
  const lastTray = trays.find(({ pieces }) => pieces.includes(weighedG.length - 1));
  const metal = batch.metalBinId === null ? null : view.binById.get(batch.metalBinId);
  const nameHead: NameHead = (head) => ({
    name: `${headText(head, view.binById, mass)}${metal ? `, ${lotText(metal.name)}` : ''}`,
    place: `Head rack, ${(findStyle(head.style)?.name ?? head.style).toLowerCase()}`,
  });
  const tallest = Math.max(...trays.map(({ pieces }) => pieces.length));
  return (
    <section className={styles.sort} aria-label="Trays by true weight">
      <header>
        <h3>Trays by true weight</h3>
        <div className={styles.tolerance}>
          <PercentField
            label="On its mark within"
            value={batch.toleranceShare}
            most={MOST_TOLERANCE}
            onChange={(toleranceShare) => {
              if (toleranceShare !== null && toleranceShare > 0 && toleranceShare !== batch.toleranceShare) {
                inBackground(carryOut(workshop.batches.set(batch.id, { toleranceShare })));
              }
            }}
          />
        </div>
      </header>
      <ol className={styles.trays}>
        {trays.map(({ step, middleG, pieces, left, out }) => (
          <li key={step} data-on={step === 0} data-last={lastTray?.step === step}>
            <span className={styles.stack} style={{ height: `${(pieces.length / tallest) * 54 + 4}px` }} />
            <b>{pieces.length}</b>
            <strong>
              {step === 0 ? (
                `on ${markText(batch.nominalG, mass)}`
              ) : (
                <Figure working={trayWorking(batch.nominalG, toleranceG, step, middleG, mass)}>
                  {massText(middleG, mass)}
                </Figure>
              )}
            </strong>
            <small>
              {step === 0 ? `± ${massText(toleranceG, mass)}` : step < 0 ? 'light' : 'heavy'}
              {step !== 0 && out > 0 ? `, ${pieces.length - left} put away` : ''}
            </small>
          </li>
        ))}
      </ol>
      <p role="status" className="quiet">
        {last !== undefined && lastTray
          ? `The last, ${massText(last, mass)}, goes ${lastTray.step === 0 ? 'with those on their mark' : `to the tray of ${massText(lastTray.middleG, mass)}`}.`
          : ''}
      </p>
      {toMove.length > 0 && batch.headBinId !== null ? (
        <Button
          onClick={() =>
            inBackground(
              carryOut(
                workshop.batches.sortOut(
                  batch.id,
                  toMove.map(({ nominalG, left }) => ({ nominalG, count: left })),
                  nameHead,
                ),
              ),
            )
          }
        >
          Put {toMove.reduce((total, { left }) => total + left, 0)} off their mark in bins of their own
        </Button>
      ) : null}
    </section>
  );
}
