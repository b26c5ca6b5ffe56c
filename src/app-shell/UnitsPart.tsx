'use client';

import { Segmented } from '@/ui/choice/Segmented';
import type { Preferences } from '@/data/device/preferences';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { stack, wrap } from '@/ui/layout/layout';
import styles from './bench-menu.module.css';

/** What can be written in more than one way; each a choice of its own. */
type Way =
  | 'mass'
  | 'length'
  | 'temperature'
  | 'strength'
  | 'volume'
  | 'speed'
  | 'depth'
  | 'paper'
  | 'dates'
  | 'clock';

interface Choice<Of extends Way = Way> {
  readonly of: Of;
  readonly label: string;
  readonly options: readonly (readonly [value: Preferences[Of], says: string])[];
}

const choice = <Of extends Way>(of: Of, label: string, options: Choice<Of>['options']): Choice<Of> => ({
  of,
  label,
  options,
});

const CHOICES: readonly Choice[] = [
  choice('mass', 'Mass', [
    ['g', 'g'],
    ['oz-fraction', '3/8 oz'],
    ['oz', '0.38 oz'],
  ]),
  choice('length', 'Length', [
    ['mm', 'mm'],
    ['in', 'in'],
  ]),
  choice('temperature', 'Temperature', [
    ['C', '°C'],
    ['F', '°F'],
  ]),
  choice('strength', 'Strength', [
    ['kg', 'kg'],
    ['lb', 'lb'],
  ]),
  choice('volume', 'Volume', [
    ['ml', 'ml'],
    ['fl oz', 'fl oz'],
    ['cup', 'cup, tsp'],
  ]),
  choice('speed', 'Speed', [
    ['m/s', 'm/s'],
    ['km/h', 'km/h'],
    ['ft/s', 'ft/s'],
    ['mph', 'mph'],
  ]),
  choice('depth', 'Depth', [
    ['m', 'm'],
    ['ft', 'ft'],
  ]),
  choice('dates', 'Dates', [
    ['month-first', 'Nov 28'],
    ['day-first', '28 Nov'],
  ]),
  choice('clock', 'Clock', [
    ['24', '14:05'],
    ['12', '2:05 pm'],
  ]),
  choice('paper', 'Paper', [
    ['a4', 'A4'],
    ['letter', 'Letter'],
  ]),
];

/** In which units, on which paper and with which dates this screen writes. */
export function UnitsPart() {
  const preferences = usePreferences();
  return (
    <section className={styles.part}>
      <h3>Units on this screen</h3>
      <div className={wrap(16)}>
        {CHOICES.map(({ of, label, options }) => (
          <div key={of} className={stack(2)}>
            <small className="quiet" aria-hidden="true">
              {label}
            </small>
            <Segmented
              aria-label={label}
              size="small"
              value={preferences[of]}
              onChange={(value) => setPreferences({ [of]: value })}
              options={options.map(([value, says]) => ({ value, label: says }))}
            />
          </div>
        ))}
      </div>
    </section>
  );
}
