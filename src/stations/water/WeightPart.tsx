'use client';

import { countText } from '@/text/count-text';
import { castWeights } from '@/model/molds/cast-weights';
import { FallTimes } from './FallTimes';
import { depthText } from '@/text/quantity-text';
import { row, wrap } from '@/ui/layout/layout';
import { Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { BOTTOMS } from '@/records/water-note';
import { Figure } from '@/ui/figure/Figure';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { CastSketch } from '@/ui/water-drawing/CastSketch';
import { lotText, markText, massText } from '@/text/words';
import { castWorking } from '@/station-kit/figures/head-working';
import { holdWorking } from '@/station-kit/figures/water-working';
import { useAskedFigures } from '@/station-kit/use-in-address';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { ChipRow } from '@/ui/water-drawing/ChipRow';
import { FIRST_QUESTION, firstQuestion, weightFor, type HoldQuestion } from '@/model/water/hold';
import { lastAt, placesOf } from '@/model/water/things';
import styles from './water.module.css';

const FIELDS = [
  ['depthM', 'Depth', 'depth', 0.2, 200],
  ['castM', 'Cast', 'depth', 1, 200],
  ['currentMs', 'Current', 'speed', 0, 4],
  ['lineMm', 'Line', 'length', 0.05, 3],
  ['driftMs', 'May drift', 'speed', 0, 4],
] as const;
const NOWHERE = '';

const MOST_FALLS = 5;
/** Asked about where any weight would do, g. */
const USUAL_G = 10;

/** Castings round a weight, lightest first; the weight itself and its neighbors where no block is written down. */
function asNeighbors(massG: number, casts: readonly { readonly finishedG: number }[]): number[] {
  const off = (each: number) => Math.abs(Math.log(each / massG));
  const all = casts.length > 0 ? casts.map(({ finishedG }) => finishedG) : [massG / 2, massG, massG * 2];
  return [...all]
    .sort((a, b) => off(a) - off(b))
    .slice(0, MOST_FALLS)
    .sort((a, b) => a - b);
}

/** The weight that holds, or drifts as wanted, in this water: drawn as the line lies, set right by what was noted. */
export function WeightPart() {
  const { view } = useBench();
  const units = useUnits();
  const { mass, depth } = units;
  const id = useId();
  const [place, setPlace] = useState(NOWHERE);
  const [metalId, setMetalId] = useState<string | null>(null);
  const metal = view.metals.find((each) => each.id === metalId) ?? view.metals[0];
  const askedFigures = useAskedFigures();
  const [asked, setAsked] = useState<HoldQuestion>(() => {
    const first = firstQuestion(units);
    return { ...first, depthM: askedFigures.depth ?? first.depthM };
  });
  const question = useMemo(
    () => ({ ...asked, metalGcm3: metal?.densityGcm3 ?? FIRST_QUESTION.metalGcm3 }),
    [asked, metal],
  );
  const answer = useMemo(
    () => weightFor(question, place || null, view, metal),
    [question, place, view, metal],
  );
  const goTo = (next: string) => {
    setPlace(next);
    const before = lastAt(next, view);
    if (!before) return;
    const { depthM, castM, currentMs, lineMm, bottom } = before;
    setAsked({
      ...asked,
      depthM: depthM || asked.depthM,
      castM: castM || asked.castM,
      currentMs: currentMs ?? asked.currentMs,
      lineMm: lineMm ?? asked.lineMm,
      bottom: bottom ?? asked.bottom,
    });
  };
  const casts = useMemo(() => (metal ? castWeights(metal, view) : []), [metal, view]);
  const { line, massG, notes, cast } = answer;
  const isStill = line.massG === 0;
  return (
    <>
      <div className={wrap(0, styles.measures)}>
        <FieldShell id={`${id}place`} label="Place">
          <Select
            id={`${id}place`}
            value={place}
            style={{ width: 170 }}
            options={[
              { value: NOWHERE, label: 'anywhere' },
              ...placesOf(view).map((value) => ({ value, label: value })),
            ]}
            onChange={goTo}
          />
        </FieldShell>
        {FIELDS.map(([key, label, of, least, most]) => (
          <QuantityField
            key={key}
            {...{ label, of, least, most }}
            value={asked[key]}
            onChange={(next) => {
              if (next !== null) setAsked({ ...asked, [key]: next });
            }}
          />
        ))}
        <FieldShell id={`${id}metal`} label="Cast of">
          <Select
            id={`${id}metal`}
            value={metal?.id ?? null}
            popupMatchSelectWidth={false}
            options={view.metals.map(({ id: value, name }) => ({ value, label: lotText(name) }))}
            onChange={setMetalId}
          />
        </FieldShell>
      </div>
      <ChipRow
        label="bottom"
        options={BOTTOMS}
        value={asked.bottom}
        onChange={(bottom) => setAsked({ ...asked, bottom: bottom ?? asked.bottom })}
      />
      <div className={row(0, styles.holds)} role="status">
        <Figure size="huge" working={holdWorking(asked, answer, units)}>
          {isStill ? 'any weight' : massText(massG, mass)}
        </Figure>
        <p>
          {isStill
            ? 'Nothing pulls at it: what gets down and casts well will do.'
            : view.molds.length === 0
              ? 'No block is written down yet, so what of yours comes nearest is not known.'
              : cast === null
                ? `Over the heaviest that your molds give${metal ? ` in ${lotText(metal.name)}` : ''}: thinner line, a shorter cast, or a slower place.`
                : `From your molds: the one marked ${markText(cast.nominalG, mass)}, `}
          {isStill || cast === null || !metal ? null : (
            <>
              <Figure working={castWorking(cast, metal, mass)}>{massText(cast.finishedG, mass)}</Figure>{' '}
              {`in ${lotText(metal.name)}${cast.isMeasured ? '' : ' as far as its mark tells'}. Lighter drifts, or lifts off the bottom.`}
            </>
          )}
          <br />
          <span className="quiet">
            {notes > 0
              ? `Set right by ${countText(notes, 'note')} of how weights felt${place ? ` at ${place}` : ''}.`
              : 'Calculated only: note how weights feel, and this learns your water.'}
          </span>
        </p>
      </div>
      <CastSketch
        scene={{ depthM: asked.depthM, castM: asked.castM, curve: line.curve }}
        label={`The line in the water: ${depthText(asked.castM, depth)} out, ${depthText(asked.depthM, depth)} deep, bowed by ${depthText(line.sagM, depth)}`}
        weight={isStill ? '' : massText(massG, mass)}
        sag={isStill ? 'straight' : `${depthText(line.sagM, depth)} off`}
        depth={depthText(asked.depthM, depth)}
        cast={depthText(asked.castM, depth)}
      />
      <FallTimes
        question={question}
        weightsG={asNeighbors(isStill ? USUAL_G : massG, casts)}
        workingOf={(grams) => {
          const own = casts.find(({ finishedG }) => finishedG === grams);
          return own && metal ? castWorking(own, metal, mass) : null;
        }}
      />
      <p className="quiet">
        The current is taken as even and square across the cast: the worst case. Mostly it is slower near the
        bottom.
      </p>
    </>
  );
}
