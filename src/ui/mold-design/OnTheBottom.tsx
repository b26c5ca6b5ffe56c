'use client';

import { fields } from '../layout/layout';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { useUnits } from '../units/use-units';
import { sizeText, weighedText } from '@/text/words';
import { MassField } from '../unit-field/MassField';
import { UnitField } from '../unit-field/UnitField';
import styles from './mold-design.module.css';
import { Sitting } from './Sitting';
import type { Study } from './study';

/** What hangs behind a head: how long, and what it lifts in water; null where nobody said. */
export interface TrailerWish {
  readonly tailMm: number | null;
  readonly liftG: number | null;
}

interface OnTheBottomProps {
  readonly study: Study;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly trailer: { readonly liftG: number; readonly lengthMm: number } | null;
  readonly wish: TrailerWish;
  readonly onWish: (wish: TrailerWish) => void;
}

/** How the casting stands on the bottom, alone or with something behind it. */
export function OnTheBottom({ study, hook, eyeMm, trailer, wish, onWish }: OnTheBottomProps) {
  const { mass, length } = useUnits();
  return (
    <section className={styles.bottom} aria-label="On the bottom">
      <div className={fields(0, styles.bottomHead)}>
        <h2>On the bottom</h2>
        <UnitField
          label="Trailer"
          quantity="length"
          assume={length}
          value={wish.tailMm}
          write={(mm) => sizeText(mm, length)}
          onChange={(tailMm) => onWish({ ...wish, tailMm })}
          width={110}
        />
        <MassField
          label="lifts in water"
          value={wish.liftG}
          write={(massG) => weighedText(massG, mass)}
          onChange={(liftG) => onWish({ ...wish, liftG })}
          hint="empty: no trailer"
          width={120}
        />
      </div>
      <Sitting study={study} hook={hook} eyeMm={eyeMm} trailer={trailer} />
    </section>
  );
}
