import { memo } from 'react';
import { fullnessSchool, type FullnessSchool } from '@/core/skirts/fullness';
import { sum } from '@/core/numeric/sum';
import { numberText } from '@/text/number-text';
import { layersOf, tabsOf } from '@/model/skirts/skirt-facts';
import { densityText, densityWorking } from '@/station-kit/figures/skirt-working';
import { Figure } from '@/ui/figure/Figure';
import { tabsText } from '@/text/skirt-words';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import styles from './skirt.module.css';

const MOST_TABS = 4;
const WIDE = 300;
const SAYS: Record<FullnessSchool, string> = {
  thin: 'thin: under two tabs',
  two: 'usual for two tabs',
  'two-and-a-half': 'usual for two and a half tabs',
  'three-up': 'full: three tabs and up, for bulk',
};

/** How full a skirt is, against what the schools call full, and how close its strands stand on the collar. */
export const FullnessScale = memo(function FullnessScale({ draft }: { readonly draft: SkirtDraft }) {
  const { view } = useBench();
  const { length } = useUnits();
  const tabs = tabsOf(draft, view);
  const layers = layersOf(draft, view);
  const strands = sum(layers.map((layer) => layer.strands));
  const { diameterMm } = draft.collar;
  const at = (value: number) => (Math.min(value, MOST_TABS) / MOST_TABS) * WIDE;
  const isTabs = tabs > 0;
  return (
    <section aria-label="Fullness" className={styles.fullness}>
      <h3>Fullness</h3>
      {isTabs ? (
        <svg
          role="img"
          aria-label={`${tabsText(tabs)} tabs, ${numberText(strands, 4)} strands: ${SAYS[fullnessSchool(tabs)]}`}
          viewBox={`-2 0 ${WIDE + 4} 74`}
        >
          <text x={Math.max(62, Math.min(WIDE - 66, at(tabs)))} y={13} className={styles.fullnessNow}>
            {tabsText(tabs)} {tabs > 1 ? 'tabs' : 'tab'}, {numberText(strands, 4)} strands
          </text>
          <path d={`M${at(tabs)} 31l-7 -12h14z`} fill="var(--ember)" />
          <rect x={0} y={24} width={at(2)} height={8} fill="var(--sunk)" />
          <path
            d={`M0 32H${WIDE}${[1, 2, 2.5, 3, 4].map((tick) => `M${at(tick)} 32v6`).join('')}`}
            stroke="var(--ink)"
            fill="none"
          />
          {(
            [
              [1, 'one', 50],
              [2, 'two', 50],
              [2.5, 'two and a half', 66],
              [3, 'three', 50],
              [4, 'four', 50],
            ] as const
          ).map(([value, word, y]) => (
            <text key={word} x={Math.min(at(value), WIDE - 12)} y={y}>
              {word}
            </text>
          ))}
        </svg>
      ) : (
        <p>
          <strong>{`${numberText(strands, 4)} ${draft.wrap ? 'legs' : 'strands'}`}</strong>, none of them a
          tab’s
        </p>
      )}
      <p className="quiet">
        {isTabs ? `${SAYS[fullnessSchool(tabs)]}. ` : ''}
        <Figure working={densityWorking(strands, diameterMm, length)}>
          {densityText(strands, diameterMm, length)}
        </Figure>{' '}
        of collar, {numberText(strands * 2, 4)} tips
      </p>
    </section>
  );
});
