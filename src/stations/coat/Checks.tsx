'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { TrayCheck } from '@/core/coats/tray-checks';
import type { Rack } from '@/records/rack';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ChecksProps {
  readonly rack: Rack;
  readonly checks: readonly TrayCheck[];
  readonly rods: readonly number[];
}

/** What is looked at, rod by rod, with a press for all of them. */
export function Checks({ rack, checks, rods }: ChecksProps) {
  const { workshop, carryOut } = useBench();
  const has = (id: TrayCheck['id'], rod: number) =>
    rack.checks.some((each) => each.check === id && each.rod === rod);
  if (rods.length === 0) return null;
  return (
    <ul className={stack(4, styles.checks)} aria-label="Checked off by rod">
      {checks.map(({ id, name, how }) => (
        <li key={id}>
          <span title={how}>{name}</span>
          {rods.map((rod) => (
            <button
              key={rod}
              type="button"
              aria-pressed={has(id, rod)}
              aria-label={`${name}, rod ${rod + 1}`}
              onClick={() => inBackground(carryOut(workshop.racks.check(rack.id, id, [rod])))}
            >
              {has(id, rod) ? '✓' : rod + 1}
            </button>
          ))}
          <Button
            size="small"
            disabled={rods.every((rod) => has(id, rod))}
            aria-label={`${name}, all rods`}
            onClick={() =>
              inBackground(
                carryOut(
                  workshop.racks.check(
                    rack.id,
                    id,
                    rods.filter((rod) => !has(id, rod)),
                  ),
                ),
              )
            }
          >
            all
          </Button>
        </li>
      ))}
    </ul>
  );
}
