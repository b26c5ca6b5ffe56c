'use client';

import { stack } from '@/ui/layout/layout';
import { Checkbox, Slider } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { TONE_PLACES } from '@/records/coat';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './colors.module.css';
import type { DraftCoat } from './draft-coat';
import { powdersOnShelf, PowderSelect } from './PowderSelect';

interface PartProps {
  readonly draft: DraftCoat;
  readonly set: (change: Partial<DraftCoat>) => void;
}

const PLACE_WORDS = { back: 'Back', belly: 'Belly', nose: 'Nose', tail: 'Tail' } as const;
const SECOND_SHARE = 0.4;

/** What goes over a base of powder: a second tone somewhere, a clear over all. */
export function ColorOver({ draft, set }: PartProps) {
  const { view } = useBench();
  const powders = powdersOnShelf(view);
  const clears = powders.filter(({ finish }) => finish === 'clear');
  return (
    <>
      <Checkbox
        checked={draft.second !== null}
        onChange={({ target }) =>
          set({
            second: target.checked
              ? { powderBinId: powders[0]?.id ?? '', place: 'back', share: SECOND_SHARE }
              : null,
          })
        }
      >
        A second tone
      </Checkbox>
      {draft.second ? (
        <div className={stack(8, styles.second)}>
          <PowderSelect
            label="Second tone"
            value={draft.second.powderBinId}
            onChange={(powderBinId) => draft.second && set({ second: { ...draft.second, powderBinId } })}
          />
          <Segmented
            aria-label="Where the second tone goes"
            value={draft.second.place}
            options={TONE_PLACES.map((place) => ({ value: place, label: PLACE_WORDS[place] }))}
            onChange={(place) => draft.second && set({ second: { ...draft.second, place } })}
          />
          <Slider
            ariaLabelForHandle="How much of the side"
            min={10}
            max={80}
            step={5}
            value={Math.round(draft.second.share * 100)}
            tooltip={{ formatter: (value) => `${value} % of the side` }}
            onChange={(value) => draft.second && set({ second: { ...draft.second, share: value / 100 } })}
          />
        </div>
      ) : null}
      <Checkbox
        checked={draft.clearBinId !== null}
        disabled={clears.length === 0}
        onChange={({ target }) => set({ clearBinId: target.checked ? (clears[0]?.id ?? null) : null })}
      >
        Clear over all{clears.length === 0 ? ' (no clear powder on the shelf)' : ''}
      </Checkbox>
    </>
  );
}
