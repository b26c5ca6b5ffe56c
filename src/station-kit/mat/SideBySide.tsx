'use client';

import { useState } from 'react';
import { frameOf } from '@/core/outline/frame';
import { findSightKind } from '@/core/outline/kinds';
import type { Outline, Spot } from '@/core/outline/outline';
import { row, stack } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useUnits } from '@/ui/units/use-units';
import { pathOf } from './MatPicture';
import { briefText, toldText } from './told-text';
import type { MatThing } from './use-mat';
import styles from './mat.module.css';

/** An outline along its own length, from nothing on, its middle on one line. */
function laidAlong(outline: Outline): Outline {
  const { inside } = frameOf(outline);
  const lay = (line: readonly Spot[]): Spot[] => line.map(inside);
  return { outer: lay(outline.outer), holes: outline.holes.map(lay) };
}

const MARGIN_MM = 2;

/** Two things of the mat laid over each other, and by how much each size differs. */
export function SideBySide({ things }: { readonly things: readonly MatThing[] }) {
  const { length } = useUnits();
  const whole = things.filter(({ isCut }) => !isCut);
  const [chosen, setChosen] = useState<readonly [number | null, number | null]>([null, null]);
  const one = whole.find(({ no }) => no === chosen[0]) ?? whole[0];
  const other = whole.find(({ no }) => no === chosen[1]) ?? whole.find(({ no }) => no !== one?.no);
  if (!one || !other) return <p>Lay two things on the mat: they are then laid over each other here.</p>;
  const pair = [one, other] as const;
  const laid = pair.map(({ told }) => laidAlong(told.outline));
  const frames = laid.map(frameOf);
  const long = Math.max(...frames.map(({ lengthMm }) => lengthMm));
  const wide = Math.max(...frames.map(({ widthMm }) => widthMm));
  const options = whole.map(({ no, told }) => ({
    value: String(no),
    label: `${no}, ${findSightKind(told.kind).name}, ${briefText(told.sizes, length)}`,
  }));
  const choose = (at: 0 | 1) => (value: string | null) =>
    setChosen(at === 0 ? [Number(value), other.no] : [one.no, Number(value)]);
  return (
    <section className={stack(12)} aria-label="Laid over each other">
      <div className={row(12)}>
        <ChoiceField label="Drawn through" value={String(one.no)} options={options} onChange={choose(0)} />
        <ChoiceField label="Dashed" value={String(other.no)} options={options} onChange={choose(1)} />
      </div>
      <svg
        className={styles.beside}
        viewBox={`${-MARGIN_MM} ${-wide / 2 - MARGIN_MM} ${long + 2 * MARGIN_MM} ${wide + 2 * MARGIN_MM}`}
        role="img"
        aria-label={`${one.no} and ${other.no} laid over each other`}
      >
        {laid.map((outline, at) => (
          <path key={at} d={pathOf(outline)} fillRule="evenodd" />
        ))}
      </svg>
      <dl className={stack(4, styles.sizes)} aria-label="By how much they differ">
        {one.told.sizes.flatMap((size) => {
          const beside = other.told.sizes.find(({ id }) => id === size.id);
          if (!beside) return [];
          const differs = beside.value - size.value;
          const off = Math.hypot(size.off, beside.off);
          return [
            <dt key={`${size.id} name`}>{size.label}</dt>,
            <dd key={`${size.id} sizes`}>
              {toldText(size, length)} and {toldText(beside, length)}
            </dd>,
            <dd key={`${size.id} off`} className="quiet">
              {Math.abs(differs) <= off
                ? 'alike'
                : `${differs > 0 ? '+' : '−'}${toldText({ unit: size.unit, value: Math.abs(differs) }, length)}`}
            </dd>,
          ];
        })}
      </dl>
    </section>
  );
}
