'use client';

import { refusalsOf } from '@/station-kit/coats/refusals';
import { SOLIDUS_MARGIN_C } from '@/core/coats/check-cure';
import { bearsWorking } from '@/station-kit/figures/metal-working';
import { Figure } from '@/ui/figure/Figure';
import { curesFor, powdersOf, solidusOf } from '@/model/coats/coat-facts';
import { lotText, temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { DraftCoat } from './draft-coat';
import styles from './colors.module.css';

/** What a color may go on: a cure for each lot on the shelf, or why none would do. */
export function ColorVerdicts({ coat }: { coat: DraftCoat }) {
  const { view } = useBench();
  const { temperature } = useUnits();
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const powders = powdersOf(coat, view);
  if (powders.length === 0) {
    return <p className="quiet">Goes on any metal: nothing is heated. Let it dry as its tin says.</p>;
  }
  const rows = view.metals.map((metal) => ({
    metal,
    solidusC: solidusOf(metal.id, view),
    refusals: refusalsOf(coat, metal.id, view, text),
    cures: curesFor(powders, [metal.id], view),
  }));
  return (
    <section className={styles.verdicts} aria-label="What it may go on">
      <h3>May go on</h3>
      <ul>
        {rows.map(({ metal, solidusC, refusals, cures }) => (
          <li key={metal.id} data-good={refusals.length === 0}>
            <strong>
              {lotText(metal.name)}
              {solidusC === null ? null : (
                <small>
                  {' bears '}
                  <Figure working={bearsWorking(metal, solidusC, temperature)}>
                    {text(solidusC - SOLIDUS_MARGIN_C)}
                  </Figure>
                </small>
              )}
            </strong>
            <span>
              {refusals[0] ??
                cures
                  .slice(0, 2)
                  .map(({ partC, minutes }) => `${text(partC)}, ${minutes} min`)
                  .join(' or ')}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
