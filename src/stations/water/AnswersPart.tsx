'use client';

import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { apart, fields } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useMemo, useState } from 'react';
import type { RateGroup } from '@/core/water/compare-rates';
import { numberText } from '@/text/number-text';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { rateWorking } from '@/station-kit/figures/rate-working';
import { RateChart } from '@/ui/water-drawing/RateChart';
import { markText, massText } from '@/text/words';
import { nextWeightWorking } from '@/station-kit/figures/water-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { catchBy, lossBy, nextSets, type Aspect } from '@/model/water/answers';
import { placesOf } from '@/model/water/things';
import styles from './water.module.css';

const ASPECT_WORDS: readonly { readonly value: Aspect; readonly label: string }[] = [
  { value: 'thing', label: 'What was fished' },
  { value: 'weight', label: 'Weight' },
  { value: 'color', label: 'Color' },
  { value: 'temperature', label: 'Water temperature' },
  { value: 'place', label: 'Place' },
  { value: 'clarity', label: 'Clarity' },
];
const ANYWHERE = '';
const MOST_ROWS = 12;

const rowOf = (what: string, dispersion: number) => (group: RateGroup) => ({
  ...group,
  working: rateWorking(what, dispersion, group),
  note: `${group.count} ${what} in ${numberText(group.hours, 3)} h${group.counted === null ? '' : `: ${numberText(group.counted, 2)} an hour as counted`}`,
});

/** What the notes say, with how sure that is. Nothing is called better while the bands overlap. */
export function AnswersPart({ onFirst }: { readonly onFirst: () => void }) {
  const { view } = useBench();
  const units = useUnits();
  const { mass } = units;
  const [by, setBy] = useState<Aspect>('thing');
  const [at, setAt] = useState(ANYWHERE);
  const place = at === ANYWHERE ? null : at;
  const caught = useMemo(() => catchBy(by, place, view, units), [by, place, view, units]);
  const [byBottom, byWeight] = useMemo(
    () => [lossBy('bottom', place, view, units), lossBy('weight', place, view, units)],
    [place, view, units],
  );
  const sets = useMemo(() => nextSets(view), [view]);
  if (view.waterNotes.length === 0) {
    return (
      <EmptyStation
        of="water"
        says="Nothing noted yet. Write what the first hour said, and this page says what catches, and how sure that is."
        mend={
          <Button type="primary" onClick={onFirst}>
            Write a note
          </Button>
        }
      />
    );
  }
  return (
    <>
      <div className={fields(0, styles.asks)}>
        <Segmented<Aspect>
          aria-label="Laid side by side"
          value={by}
          options={[...ASPECT_WORDS]}
          onChange={setBy}
        />
        <FieldShell id="water-place" label="At">
          <Select
            id="water-place"
            value={at}
            style={{ width: 190 }}
            options={[
              { value: ANYWHERE, label: 'all places' },
              ...placesOf(view).map((value) => ({ value, label: value })),
            ]}
            onChange={setAt}
          />
        </FieldShell>
      </div>
      <h3>Fish an hour</h3>
      <p className={styles.verdict} role="status">
        {caught.winner !== null
          ? `${caught.winner} stands clear of all others: its whole band lies above theirs.`
          : caught.groups.length < 2
            ? 'One alone: there is nothing to lay beside it yet.'
            : 'No winner: the bands overlap. More hours would tell.'}
      </p>
      <p className="quiet">
        The figure at the right is the careful one: few hours draw it toward half a fish an hour, and outings
        that differ much among themselves widen its band.
      </p>
      <RateChart
        label="Fish an hour"
        rows={caught.groups.slice(0, MOST_ROWS).map(rowOf('fish', caught.dispersion))}
        winner={caught.winner}
      />
      <div className={apart(0, styles.pair)}>
        <section>
          <h3>Lost an hour, by bottom</h3>
          <RateChart
            label="Lost an hour by bottom"
            rows={byBottom.groups.map(rowOf('lost', byBottom.dispersion))}
            winner={null}
          />
        </section>
        <section>
          <h3>Lost an hour, by weight</h3>
          <RateChart
            label="Lost an hour by weight"
            rows={byWeight.groups.map(rowOf('lost', byWeight.dispersion))}
            winner={null}
          />
        </section>
      </div>
      {sets.length > 0 ? (
        <>
          <h3>The next graded set</h3>
          <ul className={styles.sets}>
            {sets.map(({ place: where, light, right, heavy, weights }) => (
              <li key={where}>
                <span>
                  {where}
                  <small>
                    {light} too light, {right} right, {heavy} too heavy
                  </small>
                </span>
                {weights.map(({ nominalG, finishedG }) => (
                  <b key={finishedG}>
                    <Figure working={nextWeightWorking({ light, right, heavy }, finishedG, mass)}>
                      {markText(nominalG, mass)}
                    </Figure>
                    {Math.abs(finishedG / nominalG - 1) < 0.02 ? null : (
                      <small> gives {massText(finishedG, mass)}</small>
                    )}
                  </b>
                ))}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </>
  );
}
