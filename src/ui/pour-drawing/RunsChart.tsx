'use client';

import { countText } from '@/text/count-text';
import { dayText } from '@/text/date-text';
import { BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import type { Run } from '@/records/run';
import { useTokens } from '../theme/use-tokens';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip, Legend);

/** Good castings and misfills of each run, oldest first. */
export function RunsChart({ runs }: { runs: readonly Run[] }) {
  const token = useTokens(['--quench', '--alarm', '--lead', '--rule']);
  const font = { family: "'Archivo Variable', sans-serif", size: 12 };
  return (
    <div style={{ height: 170 }}>
      <Bar
        aria-label={`Good castings and misfills of ${countText(runs.length, 'run')}`}
        data={{
          labels: runs.map((run) => dayText(run.startedAt)),
          datasets: [
            {
              label: 'good',
              data: runs.map((run) => run.booking?.good ?? 0),
              backgroundColor: token('--quench'),
            },
            {
              label: 'misfilled',
              data: runs.map((run) => run.booking?.misfilled ?? 0),
              backgroundColor: token('--alarm'),
            },
          ],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: {
            legend: {
              position: 'bottom',
              labels: { color: token('--lead'), font, boxWidth: 10, boxHeight: 10 },
            },
          },
          scales: {
            x: {
              stacked: true,
              grid: { display: false },
              ticks: { color: token('--lead'), font, maxRotation: 0 },
            },
            y: {
              stacked: true,
              grid: { color: token('--rule') },
              ticks: { color: token('--lead'), font, maxTicksLimit: 5 },
            },
          },
        }}
      />
    </div>
  );
}
