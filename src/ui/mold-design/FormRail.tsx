'use client';

import { stack } from '../layout/layout';
import { CAVITY_FORMS } from '@/core/solids/forms';
import { outlineSolid } from '@/core/solids/solid-outline';
import { sectionView } from '@/drawing/section-view';
import styles from './mold-design.module.css';

export const OWN_PROFILE = 'own-profile';
export const FROM_STL = 'from-stl';

/** The forms' keys, in their order. */
export const FORM_KEYS = CAVITY_FORMS.map(({ key }) => key);

/** The forms to choose from, each drawn from its own usual sizes. */
export function FormRail({ chosen, onChoose }: { chosen: string; onChoose: (key: string) => void }) {
  const own = [
    { key: OWN_PROFILE, name: 'My own profile', path: 'M0 12C4 12 6 2 14 3S26 9 34 12z' },
    { key: FROM_STL, name: 'From an STL', path: 'M4 8L18 2L32 8L32 18L18 24L4 18zM4 8L18 13L32 8M18 13V24' },
  ];
  return (
    <div className={styles.forms} role="group" aria-label="Forms">
      {CAVITY_FORMS.map((form) => {
        const view = sectionView(outlineSolid(form.solid({})));
        const r = view.radiusMm;
        return (
          <button
            key={form.key}
            type="button"
            className={stack(2, styles.form)}
            aria-pressed={chosen === form.key}
            onClick={() => onChoose(form.key)}
          >
            <svg
              viewBox={`-1 ${-r - 1} ${view.lengthMm + 2} ${2 * r + 2}`}
              width={60}
              height={36}
              aria-hidden="true"
            >
              {view.solids.map((path) => (
                <path key={path} d={path} fill="var(--cavity-1)" stroke="var(--ink)" strokeWidth={0.6} />
              ))}
            </svg>
            {form.name}
          </button>
        );
      })}
      {own.map(({ key, name, path }) => (
        <button
          key={key}
          type="button"
          className={stack(2, styles.form)}
          aria-pressed={chosen === key}
          onClick={() => onChoose(key)}
        >
          <svg viewBox="0 0 36 26" width={50} height={36} aria-hidden="true">
            <path d={path} fill="none" stroke="var(--ink)" strokeWidth={1.4} strokeLinejoin="round" />
          </svg>
          {name}
        </button>
      ))}
    </div>
  );
}
