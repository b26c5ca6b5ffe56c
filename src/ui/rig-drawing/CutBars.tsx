import { stack } from '../layout/layout';
import type { CutLength } from '@/records/rig';
import { inchMarkText } from '@/text/inch-text';
import { numberText } from '@/text/number-text';
import { rollText } from '@/text/roll-text';
import styles from './rig-parts.module.css';

interface CutBarsProps {
  readonly cut: readonly CutLength[];
  readonly nameOf: (binId: string) => string;
  readonly unit: 'mm' | 'in';
}

/** From how wide on a piece says its length. */
const WORD_PX = { mm: 26, in: 40 } as const;
const WIDE = 600;
/** A roll much longer than its cuts is drawn broken: what is cut takes this share of the bar. */
const CUT_SHARE = 0.72;

/** Rolls and sticks as they are cut, each its pieces in a row and what is left of it. */
export function CutBars({ cut, nameOf, unit }: CutBarsProps) {
  return (
    <ul className={stack(10, styles.bars)} aria-label="Rolls as they are cut">
      {cut.map(({ binId, lengthId, fromMm, cuts, leftMm, isKept }, index) => {
        const usedMm = cuts.reduce((total, { lengthMm, count }) => total + lengthMm * count, 0);
        const isBroken = usedMm < CUT_SHARE * 0.6 * fromMm;
        const scale = isBroken ? (WIDE * CUT_SHARE) / usedMm : WIDE / fromMm;
        let at = 0;
        return (
          <li key={`${binId} ${lengthId ?? 'loose'} ${index}`}>
            <span>
              <strong>{nameOf(binId)}</strong> {fromMm >= 2000 ? 'roll' : 'length'} of{' '}
              {rollText(fromMm, unit)}
            </span>
            <svg viewBox={`0 0 ${WIDE} 26`} role="img" aria-label={barText(cuts, leftMm, isKept, unit)}>
              {cuts.flatMap(({ lengthMm, count }, nth) =>
                Array.from({ length: count }, (_, piece) => {
                  const x = at * scale;
                  at += lengthMm;
                  return (
                    <g key={`${nth} ${piece}`}>
                      <rect
                        x={x}
                        y={2}
                        width={lengthMm * scale}
                        height={22}
                        className={styles.piece}
                        data-odd={nth % 2 === 1}
                      />
                      {lengthMm * scale > WORD_PX[unit] ? (
                        <text x={x + (lengthMm * scale) / 2} y={17} textAnchor="middle">
                          {unit === 'mm' ? numberText(lengthMm, 4) : inchMarkText(lengthMm)}
                        </text>
                      ) : null}
                    </g>
                  );
                }),
              )}
              <rect
                x={at * scale}
                y={2}
                width={Math.max(0, WIDE - at * scale)}
                height={22}
                className={styles.rest}
                data-kept={isKept}
              />
            </svg>
            <small>
              {leftMm > 0.0005
                ? `${rollText(leftMm, unit)} left, ${isKept ? 'kept' : 'too short to keep'}`
                : 'nothing left'}
            </small>
          </li>
        );
      })}
    </ul>
  );
}

function barText(cuts: CutLength['cuts'], leftMm: number, isKept: boolean, unit: 'mm' | 'in'): string {
  const pieces = cuts.map(({ lengthMm, count }) => `${count} of ${rollText(lengthMm, unit)}`);
  return `${pieces.join(', ')}; ${rollText(leftMm, unit)} left${isKept ? ', kept' : ''}`;
}
