'use client';

import { line } from '@/ui/layout/layout';
import type { ReactNode } from 'react';
import type { Rack } from '@/records/rack';
import { lookOf } from '@/station-kit/looks/coat-look';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useNow } from '@/station-kit/use-now';
import { useUnits } from '@/ui/units/use-units';
import { handText } from '@/ui/coat-drawing/heat-facts';
import styles from './rack.module.css';

const KEPT_OUT = 4;

interface RackRailProps {
  readonly chosen: string | null;
  readonly onChoose: (rackId: string) => void;
  readonly end: ReactNode;
}

/** The racks: in the oven, hung, and the last ones out. */
export function RackRail({ chosen, onChoose, end }: RackRailProps) {
  const { view, workshop } = useBench();
  const { temperature } = useUnits();
  const now = useNow(workshop.now, 1000);
  const order = { curing: 0, hanging: 1, out: 2, dropped: 3 };
  const out = view.racks.filter(({ state }) => state === 'out').slice(-KEPT_OUT);
  const racks = [
    ...view.racks.filter(({ state }) => state === 'curing' || state === 'hanging'),
    ...out.toReversed(),
  ].sort((a, b) => order[a.state] - order[b.state]);
  const words = (rack: Rack): string => {
    if (rack.state === 'curing') {
      const leftS = ((rack.outAt ?? now) - now) / 1000;
      return leftS > 0 ? `out in ${handText(leftS)}` : 'take it out';
    }
    if (rack.ovenId === null) return 'hung, not baked';
    return rack.state === 'out' ? 'out' : `${temperatureText(rack.partC, temperature)}, ${rack.minutes} min`;
  };
  return (
    <div className={line(12, styles.railRow)}>
      <ul className={styles.rail} aria-label="Racks">
        {racks.map((rack) => {
          const colors = [...new Set(rack.hung.map(({ coatId }) => coatId))].flatMap((id) => {
            const coat = view.coatById.get(id);
            return coat ? [lookOf(coat, view).base.hex] : [];
          });
          return (
            <li key={rack.id}>
              <button
                type="button"
                className={styles.chip}
                data-state={rack.state}
                aria-pressed={rack.id === chosen}
                onClick={() => onChoose(rack.id)}
              >
                <span className={styles.chipColors} aria-hidden="true">
                  {colors.map((hex, index) => (
                    <i key={index} style={{ background: hex }} />
                  ))}
                </span>
                <strong>Rack {rack.no}</strong>
                <small>
                  {rack.hung.length} · {words(rack)}
                </small>
              </button>
            </li>
          );
        })}
      </ul>
      {end}
    </div>
  );
}
