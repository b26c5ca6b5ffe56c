'use client';

import { stack } from '@/ui/layout/layout';
import { cureSentences } from '@/text/cure-sentence';
import type { Rack } from '@/records/rack';
import { nameIn } from '@/station-kit/coats/refusals';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { curesOn, type CureChoice } from '@/model/coats/cure-choices';
import { powdersOn, schoolOf } from '@/model/coats/rack-facts';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The cures of the schools for what hangs on a rack: those that suit, and folded away those that do not, with why. */
export function CureChoices({ rack }: { rack: Rack }) {
  const { view, workshop, carryOut } = useBench();
  const { temperature } = useUnits();
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const isChosen = ({ cure }: CureChoice) => cure.partC === rack.partC && cure.minutes === rack.minutes;
  const choices = curesOn(rack, view);
  const shown = choices.filter((choice) => choice.judgment.isGood || isChosen(choice));
  const folded = choices.filter((choice) => !shown.includes(choice));
  const row = (choice: CureChoice) => {
    const { cure, names, judgment } = choice;
    return (
      <button
        key={`${cure.partC} ${cure.minutes}`}
        type="button"
        role="radio"
        aria-checked={isChosen(choice)}
        data-good={judgment.isGood}
        onClick={() =>
          inBackground(
            carryOut(
              workshop.racks.setCure(rack.id, {
                ...cure,
                school: schoolOf(cure, powdersOn(rack.hung, view)[0]),
                startC: rack.startC,
              }),
            ),
          )
        }
      >
        <strong>
          {text(cure.partC)}, {cure.minutes} min
        </strong>
        <small>
          {names.length > 0 ? names.join(', ').toLowerCase() : 'serves all on it'}
          {judgment.isGood ? '' : `. ${cureSentences(judgment, nameIn(view), text)[0] ?? ''}`}
        </small>
      </button>
    );
  };
  return (
    <div role="radiogroup" aria-label="How it is cured" className={stack(4, styles.cures)}>
      {shown.map(row)}
      {folded.length > 0 ? (
        <details>
          <summary>
            {folded.length} {folded.length === 1 ? 'way' : 'ways'} that would not do, and why
          </summary>
          <div className={stack(4, styles.cures)}>{folded.map(row)}</div>
        </details>
      ) : null}
    </div>
  );
}
