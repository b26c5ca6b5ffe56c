'use client';

import { useState } from 'react';
import { stack, wrap } from '@/ui/layout/layout';
import { Figure, type Working } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { numberText } from '@/text/number-text';
import { fallWorking } from '@/station-kit/figures/water-working';
import { depthText } from '@/text/quantity-text';
import { massText } from '@/text/words';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { dragOf, secondsDown, type FallQuestion } from '@/model/water/fall';
import styles from './water.module.css';

interface FallTimesProps {
  readonly question: FallQuestion;
  /** Weights that are asked about, lightest first, g. */
  readonly weightsG: readonly number[];
  /** How such a weight comes of a block; nothing where it is only asked about. */
  readonly workingOf: (massG: number) => Working | null;
}

/** How long each weight is on its way to the bottom, on its line; set right by one drop that was timed. */
export function FallTimes({ question, weightsG, workingOf }: FallTimesProps) {
  const { mass, depth, length } = useUnits();
  const sentence = useSentence();
  const [timedG, setTimedG] = useState<number | null>(null);
  const [seconds, setSeconds] = useState<number | null>(null);
  const timed = timedG && seconds ? { massG: timedG, seconds } : null;
  const drag = dragOf(question, timed);
  return (
    <section aria-label="To the bottom" className={stack(8)}>
      <h3>To the bottom, {depthText(question.depthM, depth)}</h3>
      {drag.ok ? (
        <ul className={styles.sets}>
          {weightsG.map((massG) => {
            const working = workingOf(massG);
            const fallS = secondsDown(massG, question, drag.value);
            return (
              <li key={massG}>
                <span>
                  {working ? (
                    <Figure working={working}>{massText(massG, mass)}</Figure>
                  ) : (
                    massText(massG, mass)
                  )}
                </span>
                {fallS === null ? (
                  <b>floats</b>
                ) : (
                  <Figure working={fallWorking(question.lineMm, drag.value, timed !== null, length)}>
                    {numberText(fallS, 2)} s
                  </Figure>
                )}
              </li>
            );
          })}
        </ul>
      ) : (
        <p role="alert" className="wrong">
          {sentence(drag.problem)}
        </p>
      )}
      <div className={wrap(0, styles.measures)}>
        <MassField label="I timed one of" value={timedG} isOptional onChange={setTimedG} />
        <UnitField
          label="It fell so long"
          quantity="duration"
          assume="s"
          isOptional
          value={seconds}
          write={(value) => `${numberText(value, 3)} s`}
          hint={
            timed
              ? 'the others follow by it, dressed alike'
              : 'a bare ball so far: a skirt or a trailer makes it slower'
          }
          onChange={setSeconds}
        />
      </div>
    </section>
  );
}
