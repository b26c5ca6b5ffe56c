'use client';

import { stack } from '@/ui/layout/layout';
import type { ReactNode } from 'react';
import type { identifyInWater } from '@/model/metals/identify-scrap';
import { numberText as n } from '@/text/number-text';
import { fitWorking } from '@/station-kit/figures/fit-working';
import { Figure } from '@/ui/figure/Figure';
import { DensityLine } from '@/ui/metal-drawing/DensityLine';
import styles from './metal.module.css';

type Found = Extract<ReturnType<typeof identifyInWater>, { ok: true }>['value'];

interface ScrapFitsProps {
  readonly found: Found;
  /** What it is to be set down as. */
  readonly children: ReactNode;
}

/** The density that was found, and what of the list fits it: no more is said than density can tell. */
export function ScrapFits({ found, children }: ScrapFitsProps) {
  const fitting = found.fits.filter(({ fits }) => fits);
  const [nearest] = found.fits;
  return (
    <section aria-label="What fits" aria-live="polite" className={stack(6, styles.finding)}>
      <DensityLine {...found} />
      {fitting.length === 0 ? (
        <p>
          <strong>Nothing on the list fits {n(found.densityGcm3, 4)} g/cm³.</strong> Nearest is{' '}
          {nearest?.name}, {n(Math.abs(nearest?.gapGcm3 ?? 0), 2)} g/cm³ off. A pore, a bubble on the piece or
          an alloy of its own would do it: weigh again.
        </p>
      ) : (
        <>
          <p>
            <strong>
              {fitting.length === 1
                ? 'One fits:'
                : `${fitting.length} fit, and density cannot tell them apart:`}
            </strong>
          </p>
          <ul className={styles.fits}>
            {fitting.map((fit) => (
              <li key={fit.key}>
                {fit.name}: {n(fit.densityGcm3, 4)} g/cm³, {n(Math.abs(fit.gapGcm3), 2)}{' '}
                {fit.gapGcm3 < 0 ? 'over' : 'under'} what was found,
                <Figure working={fitWorking(found, fit)}>{fit.gapErrors.toFixed(1)} errors</Figure> off
              </li>
            ))}
          </ul>
          {fitting.length > 1 ? (
            <p className="quiet">
              A larger piece or a finer scale narrows it. So does a scratch: hard lead rings and scratches
              less than soft; tin cries when bent.
            </p>
          ) : null}
        </>
      )}
      <p className="quiet">Powder bound in resin is mixed to any density: it is told by its look.</p>
      {children}
    </section>
  );
}
