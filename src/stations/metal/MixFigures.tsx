'use client';

import { meltsText } from '@/text/quantity-text';
import { stack } from '@/ui/layout/layout';
import { numberText as n } from '@/text/number-text';
import type { FigureBasis, Working } from '@/ui/figure/Figure';
import { Figure } from '@/ui/figure/Figure';
import { rangeOf } from '@/reference/range-of';
import { bulkOf } from '@/text/one-of';
import { lotText, massText } from '@/text/words';
import { moneyText } from '@/model/cost/cost-slices';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { compositionText, hardnessOf, traceText } from '@/model/metals/alloys';
import type { ReadCharge } from '@/model/metals/charge';
import styles from './metal.module.css';

/** What the charge comes to: mass, composition, cost, melting range, hardness. */
export function MixFigures({ charge }: { charge: ReadCharge }) {
  const { sign } = useBench().view.bench.money;
  const { mass, temperature } = useUnits();
  const { mix, lots, totalG } = charge;
  if (!mix)
    return (
      <p className="quiet">
        Drag lots into the pot, or ask for a blend. Nothing leaves the shelf until it is melted.
      </p>
    );
  const bulk = bulkOf(mass);
  const m = (massG: number) => massText(massG, mass);
  const range = rangeOf(mix.composition);
  const hardness = hardnessOf(mix.composition);
  const inputs = lots.map(({ lot, g }) => ({
    name: lotText(lot.name),
    value: `${m(g)}, ${compositionText(lot.composition)}`,
    basis: (lot.compositionBasis === 'guess' ? 'guess' : 'given') as FigureBasis,
  }));
  const working = (title: string, steps: string[]): Working => ({ title, steps, inputs });
  return (
    <dl className={stack(2, styles.mix)}>
      <div>
        <dt>In the pot</dt>
        <dd>
          <Figure
            size="large"
            working={working('In the pot', [`${lots.map(({ g }) => m(g)).join(' + ')} = ${m(totalG)}`])}
          >
            {m(totalG)}
          </Figure>
        </dd>
      </div>
      <div>
        <dt>Composition</dt>
        <dd>
          <Figure
            tone={mix.composition ? 'ink' : 'brass'}
            working={working('Composition', ['shares of each lot, weighted by mass'])}
          >
            {mix.composition ? compositionText(mix.composition) : 'unknown, since one lot is'}
          </Figure>
        </dd>
      </div>
      <div>
        <dt>Melts</dt>
        <dd>
          {range ? (
            <Figure
              working={{
                ...working('Melting range', [
                  'begins: the lowest first liquid of the elements that are there with 0.5 % or more; in lead, by what solid lead holds',
                  'all melted: lead with antimony by its phase diagram, else the nearest metal of the list; typical',
                ]),
                inputs: [...inputs, { name: 'reference list', value: 'typical', basis: 'reference' }],
              }}
            >
              {meltsText(range, temperature)}
              {traceText(range)}
            </Figure>
          ) : (
            <span className="quiet">
              unknown, since one lot is: melt a little and see; it goes into no oven
            </span>
          )}
        </dd>
      </div>
      <div>
        <dt>Hardness</dt>
        <dd>
          {hardness === null ? (
            <span className="quiet">not on the list</span>
          ) : (
            <Figure
              working={working('Hardness', ['Brinell, between the metals of the list by antimony; typical'])}
            >
              about {n(hardness, 2)} Brinell
            </Figure>
          )}
        </dd>
      </div>
      <div>
        <dt>Cost</dt>
        <dd>
          {mix.costPerKg === null ? (
            <span className="quiet">one lot has no price</span>
          ) : (
            <Figure
              working={working('Cost', [
                lots
                  .map(
                    ({ lot, g }) =>
                      `${m(g)} at ${moneyText((lot.costPerKg ?? 0) * bulk.holds, sign)} a ${bulk.word}`,
                  )
                  .join(' + '),
              ])}
            >
              {moneyText(mix.costPerKg * bulk.holds, sign)} a {bulk.word}
            </Figure>
          )}
        </dd>
      </div>
      <div>
        <dt>Density</dt>
        <dd>
          <Figure working={working('Density', ['volumes add: total mass over the sum of the lots’ volumes'])}>
            {n(mix.densityGcm3, 4)} g/cm³
          </Figure>
        </dd>
      </div>
    </dl>
  );
}
