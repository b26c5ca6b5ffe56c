'use client';

import { takesHook } from '@/core/tickets/takes-hook';
import type { Cavity } from '@/records/mold';
import { bandedWorking } from '@/station-kit/workings';
import { lotText, massText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { predictWithBand } from '@/model/molds/cavity-weighings';
import styles from './weigh-in.module.css';

/** What a cavity gives in every metal on the shelf, on every hook that fits, each with its band. */
export function PredictionTable({ cavity }: { cavity: Cavity }) {
  const { view } = useBench();
  const units = useUnits();
  const { mass } = units;
  const fitting = [...view.hooks.values()].filter((hook) => takesHook(cavity, hook));
  const hooks = cavity.hookSizes.length === 0 ? [null] : fitting.length > 0 ? fitting : [null];
  return (
    <table className={styles.predictions}>
      <caption>What it gives; 95 % of castings lie within the band</caption>
      <thead>
        <tr>
          <th scope="col">Metal</th>
          {hooks.map((hook) => (
            <th key={hook?.id ?? 'bare'} scope="col">
              {hook ? hook.name : 'no hook'}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {view.metals.map((metal) => (
          <tr key={metal.id}>
            <th scope="row">
              {lotText(metal.name)}, {metal.name.split(', ').slice(1).join(', ')}
            </th>
            {hooks.map((hook) => {
              const cast = predictWithBand(cavity, metal, hook, view);
              return (
                <td
                  key={hook?.id ?? 'bare'}
                  data-guess={cavity.volumeBasis === 'guess' || metal.densityBasis === 'guess'}
                >
                  {cast ? (
                    <>
                      <Figure working={bandedWorking(cavity, metal, hook, cast, units)}>
                        {massText(cast.finishedG, mass)}
                      </Figure>{' '}
                      <small>± {massText(cast.bandG, mass)}</small>
                    </>
                  ) : (
                    'no room'
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
