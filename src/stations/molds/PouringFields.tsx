'use client';

import { numberText } from '@/text/number-text';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import type { DraftMold } from './mold-draft';
import styles from '@/ui/mold-block/spin-fields.module.css';

/** Until the maker times it: thin wire snaps cold. */
const USUAL_WARM_SECONDS = 25;

interface PouringFieldsProps {
  readonly draft: DraftMold;
  readonly onChange: (change: Partial<DraftMold>) => void;
}

/** How a block behaves in a run: copies, warm-up pours, its bound, and what is done while a casting is warm. */
export function PouringFields({ draft, onChange }: PouringFieldsProps) {
  const { warmWork } = draft;
  return (
    <div className={styles.spinFields}>
      <CountField
        label="Copies poured as one"
        value={draft.copies}
        onChange={(copies) => copies !== null && copies > 0 && copies <= 20 && onChange({ copies })}
      />
      <CountField
        label="Warm-up pours"
        value={draft.warmUpPours}
        onChange={(warmUpPours) => warmUpPours !== null && warmUpPours <= 20 && onChange({ warmUpPours })}
      />
      <CountField
        label="Most pours a session"
        value={draft.maxPours}
        onChange={(most) => onChange({ maxPours: most === null || most < 1 ? null : most })}
      />
      <TextField
        label="To do while warm"
        value={warmWork?.what ?? ''}
        placeholder="Open the eyes"
        onChange={(what) =>
          onChange({
            warmWork: what === '' ? null : { what, seconds: warmWork?.seconds ?? USUAL_WARM_SECONDS },
          })
        }
      />
      {warmWork ? (
        <UnitField
          label="It can be done for"
          quantity="duration"
          assume="s"
          value={warmWork.seconds}
          write={(s) => `${numberText(s)} s`}
          onChange={(seconds) =>
            seconds !== null && seconds > 0 && onChange({ warmWork: { ...warmWork, seconds } })
          }
          check={(seconds) => (seconds > 0 ? null : 'More than nothing, such as 25 s.')}
        />
      ) : null}
    </div>
  );
}
