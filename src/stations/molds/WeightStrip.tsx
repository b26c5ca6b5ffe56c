'use client';

import { wrap } from '@/ui/layout/layout';
import { weightLine } from '@/drawing/weight-line';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { useWidth } from '@/ui/use-width';
import { lotText, massText, markText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { hookFor } from '@/model/molds/cavity-facts';
import styles from './molds.module.css';

const HEIGHT = 96;
const BASE = 62;

interface WeightStripProps {
  readonly mold: Mold;
  readonly metal: MetalBin;
  /** What the ticket asks, and how far from it a casting may lie. */
  readonly bands: readonly { readonly grams: number; readonly toleranceShare: number }[];
}

/** What a block gives in each metal on the shelf, along a line of weights that is even in ratio. */
export function WeightStrip({ mold, metal, bands }: WeightStripProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const others = view.metals.filter((each) => each.id !== metal.id);
  const given = (each: MetalBin) =>
    mold.cavities.flatMap((cavity) => {
      const cast = castFromCavity(cavity, each, hookFor(cavity, view.hooks));
      return cast.ok ? [cast.value.finishedG] : [];
    });
  const mine = given(metal);
  const theirs = others.map((other) => ({ other, masses: given(other) }));
  const line = weightLine([...mine, ...theirs.flatMap(({ masses }) => masses)], width - 24);
  return (
    <figure ref={ref} className={styles.strip}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`What ${mold.name} gives in each metal on the shelf`}
      >
        <g transform="translate(12 0)">
          {bands.map(({ grams, toleranceShare }) => {
            const from = Math.max(0, line.at(grams * (1 - toleranceShare)));
            const to = Math.min(width - 24, line.at(grams * (1 + toleranceShare)));
            if (to <= 0 || from >= width - 24) return null;
            return (
              <g key={grams}>
                <rect x={from} y={18} width={to - from} height={BASE - 18} fill="var(--quench-wash)" />
                <text x={(from + to) / 2} y={12} textAnchor="middle" className={styles.bandText}>
                  {markText(grams, mass)} ± {(toleranceShare * 100).toFixed(0)} %
                </text>
              </g>
            );
          })}
          <line x1={0} x2={width - 24} y1={BASE} y2={BASE} stroke="var(--lead)" />
          {line.ticks.map(({ grams, x }) => (
            <g key={grams}>
              <line x1={x} x2={x} y1={BASE} y2={BASE + 7} stroke="var(--lead)" />
              <text x={x} y={BASE + 22} textAnchor="middle" className={styles.tickText}>
                {markText(grams, mass)}
              </text>
            </g>
          ))}
          {theirs.map(({ other, masses }, row) =>
            masses.map((grams, index) => (
              <g key={`${other.id} ${index}`}>
                <title>{`${lotText(other.name)}: ${massText(grams, mass)}`}</title>
                <line
                  x1={line.at(grams)}
                  x2={line.at(grams)}
                  y1={BASE}
                  y2={26 + (row % 4) * 7}
                  stroke={dye(other)}
                  strokeWidth={1.4}
                />
                <circle cx={line.at(grams)} cy={26 + (row % 4) * 7} r={3} fill={dye(other)} />
              </g>
            )),
          )}
          {mine.map((grams, index) => (
            <path key={index} d={`M${line.at(grams)} ${BASE}l-6 -11h12z`} fill="var(--ember)">
              <title>{`${lotText(metal.name)}: ${massText(grams, mass)}`}</title>
            </path>
          ))}
        </g>
      </svg>
      <figcaption className={wrap(0, styles.legend)}>
        <span>
          <i style={{ background: 'var(--ember)' }} /> {lotText(metal.name)}
        </span>
        {['lead', 'tin', 'bismuth', 'unknown'].map((family) => (
          <span key={family}>
            <i style={{ background: DYES[family] }} /> {FAMILY_WORDS[family]}
          </span>
        ))}
        <em>what this block gives in each metal on the shelf</em>
      </figcaption>
    </figure>
  );
}

const DYES: Record<string, string> = {
  lead: 'var(--lead)',
  tin: 'var(--quench)',
  bismuth: 'var(--brass)',
  unknown: 'var(--alarm)',
};

const FAMILY_WORDS: Record<string, string> = {
  lead: 'other lead lots',
  tin: 'tin and pewter',
  bismuth: 'bismuth-tin',
  unknown: 'unknown scrap',
};

function dye({ composition }: MetalBin): string {
  if (!composition) return DYES.unknown ?? '';
  if ((composition.Pb ?? 0) >= 0.5) return DYES.lead ?? '';
  return (composition.Bi ?? 0) >= 0.3 ? (DYES.bismuth ?? '') : (DYES.tin ?? '');
}
