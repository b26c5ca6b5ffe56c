'use client';

import { dayText } from '@/text/date-text';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Line } from 'react-chartjs-2';
import type { Bin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import { useTokens } from '../theme/use-tokens';
import { useUnits } from '../units/use-units';

Chart.register(LinearScale, LineElement, PointElement, Tooltip);

/** What lay in a bin over time, step by step. */
export function LevelChart({ entries, bin, now }: { entries: readonly Entry[]; bin: Bin; now: number }) {
  const token = useTokens(['--lead', '--rule', '--quench', '--brass']);
  const font = { family: "'Archivo Variable', sans-serif", size: 12 };
  const { mass, length } = useUnits();
  const { perUnit, unit } = axisOf(bin, mass, length);
  const points = levelPoints(entries, perUnit);
  const standing = points.at(-1);
  if (standing) points.push({ x: Math.max(now, standing.x), y: standing.y });
  const last = points.at(-1);
  const lowAt = bin.lowAt === null ? null : bin.lowAt / perUnit;
  const from = points[0]?.x ?? 0;
  return (
    <div className="level-chart" style={{ height: 150, minWidth: 0 }}>
      <Line
        aria-label={`Level of ${bin.name} over time`}
        data={{
          datasets: [
            { data: points, stepped: true, borderColor: token('--quench'), borderWidth: 2, pointRadius: 0 },
            ...(lowAt === null || !last
              ? []
              : [
                  {
                    data: [
                      { x: from, y: lowAt },
                      { x: last.x, y: lowAt },
                    ],
                    borderColor: token('--brass'),
                    borderDash: [4, 4],
                    borderWidth: 1.5,
                    pointRadius: 0,
                  },
                ]),
          ],
        }}
        options={{
          animation: false,
          parsing: false,
          maintainAspectRatio: false,
          plugins: { legend: { display: false }, tooltip: { enabled: false } },
          scales: {
            x: {
              type: 'linear',
              min: from,
              max: last?.x,
              grid: { display: false },
              ticks: {
                color: token('--lead'),
                font,
                maxTicksLimit: 5,
                maxRotation: 0,
                callback: (value) => dayText(Number(value)),
              },
            },
            y: {
              beginAtZero: true,
              grid: { color: token('--rule') },
              ticks: {
                color: token('--lead'),
                font,
                maxTicksLimit: 5,
                callback: (value) => (unit === '' ? value : `${value} ${unit}`),
              },
            },
          },
        }}
      />
    </div>
  );
}

/** In what a level is shown: a jar of powder in grams or ounces, an ingot shelf in kilograms or pounds. */
function axisOf(bin: Bin, mass: MassUnit, length: 'mm' | 'in') {
  const isSmall = bin.kind === 'powder';
  if (bin.unit === 'mm')
    return length === 'in' ? { perUnit: 304.8, unit: 'ft' } : { perUnit: 1000, unit: 'm' };
  if (bin.unit === 'pieces') return { perUnit: 1, unit: '' };
  if (mass === 'g') return isSmall ? { perUnit: 1, unit: 'g' } : { perUnit: 1000, unit: 'kg' };
  return isSmall ? { perUnit: GRAMS_PER_OUNCE, unit: 'oz' } : { perUnit: 16 * GRAMS_PER_OUNCE, unit: 'lb' };
}

/** The level after each entry, in the unit that is shown. */
function levelPoints(entries: readonly Entry[], perUnit: number): { x: number; y: number }[] {
  let level = 0;
  const points: { x: number; y: number }[] = [];
  for (const { at, qty } of entries) {
    level += qty;
    points.push({ x: at, y: level / perUnit });
  }
  return points;
}
