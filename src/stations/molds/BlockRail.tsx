'use client';

import type { PourPlan } from '@/core/pours/pour-plan';
import type { Mold } from '@/records/mold';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { markText } from '@/text/words';
import styles from './molds.module.css';

interface BlockRailProps {
  readonly chosen: string | null;
  /** Blocks that the plan for the ticket in hand works with are told. */
  readonly plan: PourPlan | null;
  readonly onChoose: (moldId: string) => void;
}

/** The blocks on the bench, one beside the other. */
export function BlockRail({ chosen, plan, onChoose }: BlockRailProps) {
  const { view } = useBench();
  const preferences = usePreferences();
  return (
    <ul className={styles.drawers} aria-label="Blocks">
      {view.molds.map((each) => {
        const isPlanned = plan?.runs.some((run) => run.moldId === each.id);
        return (
          <li key={each.id}>
            <button
              type="button"
              className={styles.drawer}
              aria-pressed={each.id === chosen}
              data-planned={isPlanned}
              onClick={() => onChoose(each.id)}
            >
              <strong>{each.name}</strong>
              <small>{isPlanned ? 'in the plan' : sizes(each, preferences.mass)}</small>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** What its cavities are marked, least to most. */
function sizes(mold: Mold, unit: Parameters<typeof markText>[1]): string {
  const masses = mold.cavities.map((cavity) => cavity.nominalG);
  const [least, most] = [Math.min(...masses), Math.max(...masses)];
  return least === most
    ? markText(least, unit)
    : `${markText(least, unit).replace(/ .*$/, '')} to ${markText(most, unit)}`;
}
