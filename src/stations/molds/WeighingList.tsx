'use client';

import { stack } from '@/ui/layout/layout';
import { dayText } from '@/text/date-text';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { Cavity } from '@/records/mold';
import { lotText, massText } from '@/text/words';
import { residualWorking } from '@/station-kit/figures/room-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { chartCavity, judgeWeighings } from '@/model/molds/cavity-weighings';
import styles from './weigh-in.module.css';
import { inBackground } from '@/station-kit/in-background';

const HALF = 110;

/** Every weighing of a cavity against what is predicted for it, drawn about the middle. */
export function WeighingList({ cavity }: { cavity: Cavity }) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const judged = judgeWeighings(cavity, view);
  const chart = chartCavity(cavity, view);
  const most =
    Math.max(0.001, ...judged.map(({ residualG, bandG }) => Math.max(Math.abs(residualG), bandG))) * 1.1;
  const x = (grams: number) => HALF + (grams / most) * (HALF - 6);
  if (judged.length === 0) {
    return (
      <p className="quiet">
        Never weighed: what it gives is a guess from its mark. Three castings, weighed apart, tell it and how
        sure it is.
      </p>
    );
  }
  return (
    <>
      <ol className={stack(2, styles.weighings)} aria-label="Weighings of this cavity">
        {judged.map(({ weighing, eachG, residualG, bandG }) => {
          const isOut = Math.abs(residualG) > bandG;
          const lot = view.binById.get(weighing.metalBinId ?? '');
          return (
            <li key={weighing.id}>
              <span>
                <strong>{massText(eachG, mass)}</strong> each
                <small>
                  {' '}
                  {weighing.count} on {dayText(weighing.at)}, {lot ? lotText(lot.name) : 'a lot cleared away'}
                  {weighing.calibrates ? '' : ', a check'}
                </small>
              </span>
              <svg
                viewBox={`0 0 ${2 * HALF} 18`}
                role="img"
                aria-label={`${massText(Math.abs(residualG), mass)} ${residualG < 0 ? 'light' : 'heavy'} of what is predicted${isOut ? ', out of its band' : ''}`}
              >
                <rect
                  x={x(-bandG)}
                  y={3}
                  width={x(bandG) - x(-bandG)}
                  height={12}
                  fill="var(--quench-wash)"
                />
                <path d={`M${HALF} 1V17`} stroke="var(--lead)" />
                <circle
                  cx={x(residualG)}
                  cy={9}
                  r={4.5}
                  fill={isOut ? 'var(--alarm)' : weighing.calibrates ? 'var(--quench)' : 'var(--sheet)'}
                  stroke={isOut ? 'var(--alarm)' : 'var(--quench)'}
                  strokeWidth={2}
                />
              </svg>
              <small className={isOut ? styles.out : undefined}>
                {isOut ? 'out of its band, ' : ''}
                <Figure working={residualWorking(eachG, residualG, bandG, mass)}>
                  {Math.abs(residualG) < 0.005
                    ? 'on it'
                    : `${residualG < 0 ? '−' : '+'}${massText(Math.abs(residualG), mass)}`}
                </Figure>
              </small>
              <Button
                type="text"
                size="small"
                icon={<DeleteOutlined />}
                aria-label={`Remove the weighing of ${massText(eachG, mass)}`}
                onClick={() => inBackground(workshop.weighings.remove(weighing))}
              />
            </li>
          );
        })}
      </ol>
      {chart ? (
        <p className="quiet">
          {chart.outside.length > 0
            ? `Weighing ${chart.outside.map((index) => index + 1).join(', ')} lies out of the three-sigma limits of this cavity: a cold mold, flash, another alloy or a worn block.`
            : 'All within three sigmas of each other: the block holds.'}
        </p>
      ) : null}
    </>
  );
}
