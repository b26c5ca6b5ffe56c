'use client';

import { Segmented } from '@/ui/choice/Segmented';
import { setPreferences, usePreferences } from '../preferences-store';

/** Which hand holds the work: the card is drawn for it. */
export function HandSwitch() {
  const { hand } = usePreferences();
  return (
    <Segmented
      size="small"
      aria-label="Hand"
      value={hand}
      options={[
        { value: 'right', label: 'Right hand' },
        { value: 'left', label: 'Left hand' },
      ]}
      onChange={(next) => setPreferences({ hand: next as 'right' | 'left' })}
    />
  );
}
