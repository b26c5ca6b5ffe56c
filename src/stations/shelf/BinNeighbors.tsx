'use client';

import { sizeText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { stack, wrap } from '@/ui/layout/layout';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { Going } from '@/core/rigs/goes-with';
import { clashSentence } from '@/text/clash-sentence';
import type { Bin } from '@/records/bin';
import { StandInList } from '@/station-kit/stand-ins/StandInRows';
import { standInsOf } from '@/model/stock/stand-ins-of';
import { useBench } from '@/station-kit/BenchProvider';
import { clashesAt, companionsOf } from '@/model/stock/neighbors';
import styles from './neighbors.module.css';

const MOST = 6;

function goingText(going: Going, length: 'mm' | 'in'): string {
  const mm = (value: number) => sizeText(value, length);
  switch (going.how) {
    case 'threaded':
      return `${mm(going.thickMm)} through a hole of ${mm(going.holeMm)}`;
    case 'crimped':
      return `${mm(going.holeMm)} inside closes on ${mm(going.thickMm)}`;
    case 'sleeved':
      return `${mm(going.holeMm)} goes over an eye of ${mm(going.overMm)}`;
    case 'hung':
      return `${mm(going.ringMm)} through an eye of ${mm(going.eyeMm)}`;
  }
}

interface BinNeighborsProps {
  readonly bin: Bin;
  /** How much tickets lack of it; null where nothing. */
  readonly lacks: number | null;
}

/** What a bin has to do with others: what it must not lie beside, what may stand in for it, what goes with it; its picture. */
export function BinNeighbors({ bin, lacks }: BinNeighborsProps) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const photo = useLiveQuery(
    async () => (bin.photoId === null ? undefined : workshop.cabinet.photo(bin.photoId)),
    [workshop, bin.photoId],
  );
  const clashes = useMemo(() => clashesAt(bin, view), [bin, view]);
  const companions = useMemo(() => companionsOf(bin, view), [bin, view]);
  const standIns = useMemo(() => standInsOf(bin, view), [bin, view]);
  if (!photo && clashes.size === 0 && companions.length === 0 && standIns.length === 0) return null;
  return (
    <div className={wrap(0, styles.neighbors)}>
      {photo ? (
        <img className={styles.photo} src={photo.dataUrl} alt={`${bin.name}, as it lies there`} />
      ) : null}
      {[...clashes].map(([why, others]) => (
        <p key={why} role="alert" className={styles.clash}>
          {clashSentence(why, bin.name, others.map(({ name }) => name).join(' and '))}
        </p>
      ))}
      {standIns.length > 0 ? (
        <details open={lacks !== null}>
          <summary>May stand in for it</summary>
          <StandInList bin={bin} lacks={lacks} found={standIns} />
        </details>
      ) : null}
      {companions.length > 0 ? (
        <details>
          <summary>
            Goes with {companions.length === 1 ? 'one bin' : `${companions.length} bins`} here
          </summary>
          <ul className={stack(2, styles.companions)} aria-label={`Goes with ${bin.name}`}>
            {companions.slice(0, MOST).map((each) => (
              <li key={each.bin.id}>
                {each.bin.name} <small>{goingText(each.going, length)}</small>
              </li>
            ))}
            {companions.length > MOST ? <li className="quiet">and {companions.length - MOST} more</li> : null}
          </ul>
        </details>
      ) : null}
    </div>
  );
}
