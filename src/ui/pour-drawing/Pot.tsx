'use client';

import { writeMass } from '@/core/units/write-mass';
import { potLayer, potWall, type PotBox } from '@/drawing/pot-shape';
import { useUnits } from '../units/use-units';
import styles from './pour-drawing.module.css';

interface PotProps {
  readonly levelG: number;
  readonly capacityG: number;
  readonly heelG: number;
  readonly label: string;
}

const POT: PotBox = { width: 168, height: 110, slope: 16 };
/** The rim stands over a full pot by this share of its height. */
const FULL = 98 / 110;

/** The pot from the side with its level; what no ladle reaches is hatched. */
export function Pot({ levelG, capacityG, heelG, label }: PotProps) {
  const { mass } = useUnits();
  const share = Math.max(0, Math.min(1, levelG / capacityG));
  const melt = potLayer(POT, 0, share * FULL);
  const heel = potLayer(POT, 0, Math.min(share, heelG / capacityG) * FULL);
  const brimY = POT.height * (1 - FULL);
  const written = writeMass(Math.max(0, levelG), mass);
  return (
    <figure className={styles.pot}>
      <figcaption>{label}</figcaption>
      <svg viewBox="0 0 214 126" role="img" aria-label={`${label}: ${written.number} ${written.unit}`}>
        <defs>
          <linearGradient id="pot-melt" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor="#e08a5c" />
            <stop offset="1" stopColor="#b64a18" />
          </linearGradient>
        </defs>
        <g transform="translate(16 8)">
          <path d={`${potWall(POT)}Z`} fill="var(--sunk)" />
          <path d={melt.path} fill="url(#pot-melt)" className={styles.melt} />
          <path d={heel.path} fill="rgb(0 0 0 / 22%)" />
          <path d={`M0 ${brimY}H${POT.width}`} stroke="var(--brass)" strokeDasharray="3 3" />
          <text x={POT.width + 4} y={brimY + 4} className={styles.potFull}>
            full
          </text>
          <path d={potWall(POT)} fill="none" stroke="var(--lead)" strokeWidth="2" />
          <text
            x={POT.width / 2}
            y={share > 0.22 ? melt.middle + 8 : POT.height - melt.height - 8}
            textAnchor="middle"
            className={share > 0.22 ? styles.potMass : styles.potMassDark}
          >
            {written.number} {written.unit}
          </text>
        </g>
      </svg>
    </figure>
  );
}
