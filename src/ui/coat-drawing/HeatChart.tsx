'use client';

import { heatOfHead } from '@/core/heat/heat-of-head';
import { pieceTemperature, timeConstantS } from '@/core/heat/lumped';
import type { HeatPlan } from '@/core/coats/plan-heat';
import { findCoatWay } from '@/core/coats/ways';
import { heatPath, heatPoint, type HeatBox } from '@/drawing/heat-curve';
import { temperatureText } from '@/text/words';
import { useUnits } from '../units/use-units';
import { handText, type HeatQuestion } from './heat-facts';
import styles from './heat-chart.module.css';

const WIDTH = 880;
const HEIGHT = 225;
const LEFT = 58;
const TOP = 14;

interface HeatChartProps {
  readonly question: HeatQuestion;
  readonly plan: HeatPlan;
}

/** A head's temperature over time: in the heat, out of it, with the powder's band, the softening line and the dip. */
export function HeatChart({ question, plan }: HeatChartProps) {
  const { temperature } = useUnits();
  const { piece, heater, powder, wayId, ambientC } = question;
  const heatTauS = timeConstantS({ ...piece, hWm2K: heatOfHead(heater, piece).hWm2K });
  const coolTauS = timeConstantS({ ...piece, hWm2K: findCoatWay(wayId).coolingWm2K });
  const outS = plan.heatS;
  const lateS = Math.min(plan.softenS ?? Infinity, plan.heatS * 1.7);
  const coldS = outS + plan.windowS;
  const box: HeatBox = {
    width: WIDTH - LEFT - 10,
    height: HEIGHT - 44,
    seconds: Math.max(coldS * 1.12, lateS * 1.05),
    lowC: 0,
    highC: Math.max(plan.softenC + 30, plan.releaseC + 40),
  };
  const heating = (seconds: number) => pieceTemperature(heatTauS, heater.sourceC, ambientC, seconds);
  const cooling = (seconds: number) => pieceTemperature(coolTauS, ambientC, plan.releaseC, seconds - outS);
  const y = (tempC: number) => heatPoint(box, 0, tempC).y;
  const x = (seconds: number) => heatPoint(box, seconds, 0).x;
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const step = [1, 2, 5, 10, 20, 30, 60, 120, 300].find((each) => box.seconds / each <= 9) ?? 600;
  const ticks = Array.from({ length: Math.floor(box.seconds / step) + 1 }, (_, index) => index * step);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.chart}
      role="img"
      aria-label={`Out of the heat at ${text(plan.releaseC)} after ${handText(outS)}; powder fuses for ${handText(plan.windowS)} more`}
    >
      <g transform={`translate(${LEFT} ${TOP})`}>
        <rect
          x={x(outS)}
          y={y(plan.releaseC)}
          width={x(coldS) - x(outS)}
          height={y(powder.fuseC) - y(plan.releaseC)}
          className={styles.window}
        />
        <rect width={box.width} y={0} height={y(plan.softenC)} fill="var(--ember-wash)" opacity={0.6} />
        <path d={`M0 ${y(plan.softenC)}H${box.width}`} fill="none" stroke="var(--alarm)" strokeWidth={1.4} />
        <path
          d={`M0 ${y(powder.fuseC)}H${box.width}`}
          fill="none"
          stroke="var(--quench)"
          strokeWidth={1.4}
          strokeDasharray="6 4"
        />
        <path
          d={heatPath(box, outS, lateS, heating)}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={1.6}
          strokeDasharray="3 4"
        />
        <path d={heatPath(box, 0, outS, heating)} fill="none" stroke="var(--ember)" strokeWidth={3.5} />
        <path
          d={heatPath(box, outS, Math.min(box.seconds, coldS * 1.12), cooling)}
          fill="none"
          stroke="var(--quench)"
          strokeWidth={3}
        />
        <path
          d={`M${x(outS)} ${y(plan.releaseC)}V${box.height}`}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={1}
          strokeDasharray="2 3"
        />
        <circle
          cx={x(outS)}
          cy={y(plan.releaseC)}
          r={6}
          fill="var(--ember)"
          stroke="var(--sheet)"
          strokeWidth={2}
        />
        <circle
          cx={x(coldS)}
          cy={y(powder.fuseC)}
          r={4.5}
          fill="var(--sheet)"
          stroke="var(--quench)"
          strokeWidth={2}
        />
        <text x={x(outS) + 12} y={y(plan.releaseC) + 28} className={styles.dipWord}>
          out at {text(plan.releaseC)}, dip
        </text>
        <text x={box.width - 6} y={y(plan.softenC) - 6} textAnchor="end" className={styles.softWord}>
          metal goes soft, {text(plan.softenC)}
        </text>
        <text x={x(outS) + 12} y={y(powder.fuseC) + 17}>
          powder sticks from {text(powder.fuseC)}
        </text>
        <text x={x(coldS)} y={y(powder.fuseC) - 9} className={styles.endWord}>
          too cold
        </text>
        <path d={`M0 ${box.height}H${box.width}`} fill="none" stroke="var(--rule)" />
        {ticks.map((seconds) => (
          <text key={seconds} x={x(seconds)} y={box.height + 18} textAnchor="middle">
            {seconds >= 120 ? `${Math.round(seconds / 6) / 10} min` : `${seconds} s`}
          </text>
        ))}
        {[ambientC, powder.fuseC, plan.releaseC, plan.softenC].map((tempC) => (
          <text key={tempC} x={-8} y={y(tempC) + 4} textAnchor="end">
            {text(tempC)}
          </text>
        ))}
      </g>
    </svg>
  );
}
