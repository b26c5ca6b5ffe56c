'use client';

import { findFlaw, FLAWS, type FlawKind } from '@/core/quality/flaws';
import type { Pour } from '@/records/run';
import styles from './pour-drawing.module.css';

interface FlawPickerProps {
  readonly pour: Pour;
  /** Marks of the cavities, `14 g`. */
  readonly markOf: (cavity: number) => string;
  readonly onChoose: (cavity: number, flaw: FlawKind | null) => void;
}

/** What is wrong with the castings of a pour that did not come good; one tap each, or none if nobody knows. */
export function FlawPicker({ pour, markOf, onChoose }: FlawPickerProps) {
  const failed = [...new Set(pour.castings.filter(({ good }) => !good).map(({ cavity }) => cavity))];
  if (pour.isWarmUp || failed.length === 0) return null;
  return (
    <div className={styles.flaws}>
      {failed.map((cavity) => {
        const flaw = pour.castings.find((each) => each.cavity === cavity && !each.good)?.flaw ?? null;
        return (
          <fieldset key={cavity}>
            <legend>
              {markOf(cavity)} did not come good{flaw ? `: ${findFlaw(flaw).name.toLowerCase()}` : '. Why?'}
            </legend>
            {FLAWS.map(({ kind, name, looks }) => (
              <button
                key={kind}
                type="button"
                title={looks}
                aria-pressed={flaw === kind}
                onClick={() => onChoose(cavity, flaw === kind ? null : kind)}
              >
                {name}
              </button>
            ))}
          </fieldset>
        );
      })}
    </div>
  );
}
