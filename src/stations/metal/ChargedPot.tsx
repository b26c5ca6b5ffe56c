'use client';

import { useDroppable } from '@dnd-kit/core';
import { potLayer, potWall, type PotBox } from '@/drawing/pot-shape';
import { lotText, massText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import type { ReadCharge } from '@/model/metals/charge';
import styles from './metal.module.css';

const POT: PotBox = { width: 300, height: 190, slope: 26 };
/** Labels need this much of a layer. */
const LABEL = 17;

interface ChargedPotProps {
  readonly charge: ReadCharge;
  readonly capacityG: number;
  readonly heelG: number;
  /** A run is on: what its pot still holds; null while the pot is free. */
  readonly run: { readonly name: string; readonly levelG: number } | null;
}

/** The pot from the side, filled to scale with what is charged, a layer a lot. */
export function ChargedPot({ charge, capacityG, heelG, run }: ChargedPotProps) {
  const { mass } = useUnits();
  const { setNodeRef, isOver } = useDroppable({ id: 'pot' });
  // A charge over the brim is drawn over it, as far as the picture goes.
  const scale = Math.max(1, charge.totalG / capacityG);
  const full = 0.92 / scale;
  const tops = charge.lots.map((_, index) =>
    charge.lots.slice(0, index + 1).reduce((total, { g }) => total + g, 0),
  );
  const heel = potLayer(POT, 0, (heelG / capacityG) * full);
  const brim = potLayer(POT, 0, full);
  return (
    <div ref={setNodeRef} className={styles.potDrop} data-over={isOver}>
      <svg
        viewBox={`-8 -14 ${POT.width + 76} ${POT.height + 26}`}
        role="img"
        aria-label={
          run
            ? `Pot: ${massText(run.levelG, mass)} left in ${run.name}`
            : `Pot: ${massText(charge.totalG, mass)} charged of ${massText(capacityG, mass)}`
        }
        className={styles.pot}
      >
        <path d={`${potWall(POT)}Z`} fill="var(--sunk)" />
        {charge.lots.map(({ lot, g }, index) => {
          const layer = potLayer(
            POT,
            (((tops[index] ?? 0) - g) / capacityG) * full,
            ((tops[index] ?? 0) / capacityG) * full,
          );
          return (
            <g key={lot.id}>
              <path d={layer.path} className={styles.layer} style={{ opacity: 1 - (index % 3) * 0.18 }} />
              {layer.height > LABEL ? (
                <text x={POT.width / 2} y={layer.middle + 5} textAnchor="middle" className={styles.layerText}>
                  {lotText(lot.name)}, {massText(g, mass)}
                </text>
              ) : null}
            </g>
          );
        })}
        {run ? (
          <g>
            <path
              d={potLayer(POT, 0, Math.min(1, run.levelG / capacityG) * full).path}
              className={styles.layer}
            />
            <text x={POT.width / 2} y={POT.height - 14} textAnchor="middle" className={styles.layerText}>
              {run.name}, {massText(run.levelG, mass)} left
            </text>
          </g>
        ) : null}
        {charge.lots.length === 0 && !run ? (
          <text x={POT.width / 2} y={POT.height / 2} textAnchor="middle" className={styles.potEmpty}>
            Drop a lot here
          </text>
        ) : null}
        <path d={heel.path} fill="none" stroke="var(--lead)" strokeDasharray="2 4" />
        <path
          d={`M0 ${brim.middle - brim.height / 2}H${POT.width}`}
          stroke={scale > 1 ? 'var(--alarm)' : 'var(--brass)'}
          strokeDasharray="5 4"
        />
        <text x={POT.width + 6} y={brim.middle - brim.height / 2 + 4} className={styles.potMark}>
          full, {massText(capacityG, mass)}
        </text>
        <text x={POT.width - 4} y={heel.middle + 4} className={styles.potMark}>
          heel
        </text>
        <path d={potWall(POT)} fill="none" stroke="var(--ink)" strokeWidth="3" strokeLinejoin="round" />
        <path d={`M-6 0H4M${POT.width - 4} 0H${POT.width + 6}`} stroke="var(--ink)" strokeWidth="5" />
      </svg>
    </div>
  );
}
