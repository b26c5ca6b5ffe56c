import type { Finish } from './Lit';
import styles from './materials.module.css';

type Stop = readonly [at: number, tone: 'light' | 'shade', opacity: number];

/** From the highlight outward. */
const ROUND: Readonly<Record<Exclude<Finish, 'plate'>, readonly Stop[]>> = {
  matte: [
    [0, 'light', 0.18],
    [0.5, 'light', 0],
    [0.55, 'shade', 0],
    [1, 'shade', 0.24],
  ],
  dull: [
    [0, 'light', 0.46],
    [0.42, 'light', 0.06],
    [0.55, 'shade', 0.02],
    [1, 'shade', 0.4],
  ],
  bright: [
    [0, 'light', 0.92],
    [0.16, 'light', 0.5],
    [0.46, 'light', 0.04],
    [0.6, 'shade', 0.06],
    [1, 'shade', 0.46],
  ],
  gloss: [
    [0, 'light', 0.9],
    [0.1, 'light', 0.62],
    [0.17, 'light', 0.12],
    [0.45, 'light', 0],
    [0.6, 'shade', 0.05],
    [1, 'shade', 0.38],
  ],
};

/** Across a bent plate, from its lit edge to the far one. */
const PLATE: readonly Stop[] = [
  [0, 'light', 0.5],
  [0.3, 'light', 0.05],
  [0.46, 'shade', 0.14],
  [0.58, 'light', 0.34],
  [0.7, 'light', 0.02],
  [1, 'shade', 0.3],
];

const STOPS = (stops: readonly Stop[]) =>
  stops.map(([offset, tone, opacity]) => (
    <stop key={offset} offset={offset} stopColor={`var(--${tone})`} stopOpacity={opacity} />
  ));

/** The one light of all drawings, from the upper left: laid out once a page, used by `Lit` wherever something is drawn. */
export function Lights() {
  return (
    <svg className={styles.lights} aria-hidden="true" focusable="false">
      <defs>
        {Object.entries(ROUND).map(([finish, stops]) => (
          <radialGradient key={finish} id={`lit-${finish}`} cx="0.36" cy="0.28" r="0.8">
            {STOPS(stops)}
          </radialGradient>
        ))}
        <linearGradient id="lit-plate" x1="0.1" y1="0" x2="0.5" y2="1">
          {STOPS(PLATE)}
        </linearGradient>
      </defs>
    </svg>
  );
}
