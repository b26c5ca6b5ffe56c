'use client';

import type { MassUnit } from '@/core/units/write-mass';
import { Figure, type Working } from '../figure/Figure';
import { capabilityBand } from '@/core/quality/capability-band';
import { wrap } from '../layout/layout';
import { Chart, LinearScale, LineElement, PointElement, Tooltip, type ChartOptions } from 'chart.js';
import { Line } from 'react-chartjs-2';
import { chartWeights, type WeightChart } from '@/core/quality/chart-weights';
import { movingRanges } from '@/core/quality/moving-ranges';
import { useTokens } from '../theme/use-tokens';
import { massText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './quality-drawing.module.css';

Chart.register(LinearScale, LineElement, PointElement, Tooltip);

/** The middle of these castings and the limits that their own jumps give. */
function limitsWorking({ meanG, sigmaG }: WeightChart, castings: number, mass: MassUnit): Working {
  return {
    title: 'Mean and limits',
    steps: [
      `mean ${massText(meanG, mass)}; one spread is the mean jump from casting to casting ÷ 1.128 = ${massText(sigmaG, mass)}`,
      `limits three spreads to either side (Shewhart): ± ${massText(3 * sigmaG, mass)}`,
    ],
    inputs: [{ name: 'castings', value: `${castings}`, basis: 'weighed' }],
  };
}

interface ControlChartProps {
  readonly name: string;
  readonly weighedG: readonly number[];
  readonly targetG: number;
  readonly toleranceG: number;
}

/** Castings of one cavity in the order of casting: each weight with its limits, and the jumps between them. */
export function ControlChart({ name, weighedG, targetG, toleranceG }: ControlChartProps) {
  const { mass } = useUnits();
  const token = useTokens(['--lead', '--rule', '--quench', '--brass', '--alarm', '--ink']);
  if (weighedG.length < 2) return null;
  const chart = chartWeights(weighedG, targetG, toleranceG);
  const ranges = movingRanges(weighedG);
  const last = weighedG.length;
  const font = { family: "'Archivo Variable', sans-serif", size: 12 };
  const level = (grams: number, color: string, dash: number[]) => ({
    data: [
      { x: 0.5, y: grams },
      { x: last + 0.5, y: grams },
    ],
    borderColor: token(color),
    borderWidth: 1.3,
    borderDash: dash,
    pointRadius: 0,
  });
  const values = (ys: readonly number[], first: number, outside: readonly number[]) => ({
    data: ys.map((y, index) => ({ x: index + first, y })),
    borderColor: token('--quench'),
    borderWidth: 1.5,
    pointStyle: ys.map((_, index) => (outside.includes(index) ? 'triangle' : 'circle')),
    pointRadius: ys.map((_, index) => (outside.includes(index) ? 7 : 3.5)),
    pointBackgroundColor: ys.map((_, index) => token(outside.includes(index) ? '--alarm' : '--quench')),
    pointBorderColor: ys.map((_, index) => token(outside.includes(index) ? '--alarm' : '--quench')),
  });
  const options = (isFoot: boolean): ChartOptions<'line'> => ({
    animation: false,
    parsing: false,
    maintainAspectRatio: false,
    plugins: {
      legend: { display: false },
      tooltip: {
        filter: ({ datasetIndex }) => datasetIndex === 0,
        callbacks: {
          title: ([item]) => `casting ${item?.parsed.x ?? ''}`,
          label: ({ parsed }) => massText(parsed.y ?? 0, mass),
        },
      },
    },
    scales: {
      x: {
        type: 'linear',
        min: 0.5,
        max: last + 0.5,
        grid: { display: false },
        ticks: { display: isFoot, color: token('--lead'), font, maxRotation: 0, autoSkipPadding: 8 },
        afterBuildTicks: (axis) => {
          axis.ticks = weighedG.map((_, index) => ({ value: index + 1 }));
        },
      },
      y: {
        min: isFoot ? 0 : undefined,
        grace: isFoot ? '10%' : '15%',
        afterFit: (axis) => {
          axis.width = 56;
        },
        grid: { color: token('--rule') },
        ticks: {
          color: token('--lead'),
          font,
          maxTicksLimit: isFoot ? 3 : 5,
          callback: (value) => massText(Number(value), mass),
        },
      },
    },
  });
  const outside = chart.outside.length;
  const capability = capabilityBand(chart.cpk, weighedG.length);
  return (
    <figure className={styles.chart}>
      <figcaption>
        <strong>{name}</strong> {last} castings, mean{' '}
        <Figure working={limitsWorking(chart, last, mass)}>{massText(chart.meanG, mass)}</Figure>, limits{' '}
        {massText(Math.max(0, chart.lowerG), mass)} to {massText(chart.upperG, mass)}
        {capability === null ? null : (
          <>
            , Cpk{' '}
            <Figure
              working={{
                title: 'Process capability, Cpk',
                steps: [
                  `from the mean to the nearer of ${massText(targetG - toleranceG, mass)} and ${massText(targetG + toleranceG, mass)}, in three spreads of these castings: ${capability.cpk.toFixed(2)}`,
                  `of ${weighedG.length} castings, nine in ten between ${capability.low.toFixed(2)} and ${capability.high.toFixed(2)} (Bissell 1990); from 1.33 on a process is called capable`,
                ],
                inputs: [
                  { name: 'castings', value: `${weighedG.length}`, basis: 'weighed' },
                  {
                    name: 'wanted',
                    value: `${massText(targetG, mass)} ± ${massText(toleranceG, mass)}`,
                    basis: 'given',
                  },
                ],
              }}
            >
              {capability.cpk.toFixed(2)}
            </Figure>
            , nine in ten between {capability.low.toFixed(2)} and {capability.high.toFixed(2)}
          </>
        )}
      </figcaption>
      <div className={styles.weights}>
        <Line
          aria-label={`Weights of ${name} in the order of casting; ${outside} out of its limits`}
          data={{
            datasets: [
              values(weighedG, 1, chart.outside),
              level(chart.centerG, '--quench', []),
              level(chart.lowerG, '--lead', [5, 4]),
              level(chart.upperG, '--lead', [5, 4]),
              level(targetG, '--ink', [2, 3]),
              level(targetG - toleranceG, '--brass', [2, 3]),
              level(targetG + toleranceG, '--brass', [2, 3]),
            ],
          }}
          options={options(false)}
        />
      </div>
      <div className={styles.ranges}>
        <Line
          aria-label={`Jumps from casting to casting; ${ranges.outside.length} over the limit of ${massText(ranges.upperG, mass)}`}
          data={{
            datasets: [
              values(ranges.rangesG, 2, ranges.outside),
              level(ranges.upperG, '--lead', [5, 4]),
              level(ranges.meanG, '--quench', []),
            ],
          }}
          options={options(true)}
        />
      </div>
      <p className={wrap(0, styles.legend)}>
        <span data-line="mean">mean</span>
        <span data-line="limit">three-sigma limits</span>
        <span data-line="target">should give</span>
        <span data-line="tolerance">tolerance</span>
        <span data-line="jump">below: jumps from one to the next</span>
      </p>
    </figure>
  );
}
