'use client';

import { dayText } from '@/text/date-text';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Line } from 'react-chartjs-2';
import type { Bin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { useTokens } from '../theme/use-tokens';

Chart.register(LinearScale, LineElement, PointElement, Tooltip);

/** What lay in a bin over time, step by step. */
export function LevelChart({ entries, bin, now }: { entries: readonly Entry[]; bin: Bin; now: number }) {
  const token = useTokens(['--lead', '--rule', '--quench', '--brass']);
  const font = { family: "'Archivo Variable', sans-serif", size: 12 };
  // A jar of powder is grams, an ingot shelf kilograms.
  const perUnit = bin.unit === 'g' && bin.kind !== 'powder' ? 1000 : 1;
  const points = levelPoints(entries, perUnit);
  const standing = points.at(-1);
  if (standing) points.push({ x: Math.max(now, standing.x), y: standing.y });
  const last = points.at(-1);
  const lowAt = bin.lowAt === null ? null : bin.lowAt / perUnit;
  const from = points[0]?.x ?? 0;
  return (
    <div
      className="level-chart"
      style={{ height: 150, minWidth: 0 }}
      role="img"
      aria-label={`Level of ${bin.name} over time`}
    >
      <Line
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
                callback: (value) => (bin.unit === 'g' ? `${value} ${perUnit === 1 ? 'g' : 'kg'}` : value),
              },
            },
          },
        }}
      />
    </div>
  );
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
