'use client';

import { Button } from 'antd';
import { Fragment } from 'react';
import { findBladeForm } from '@/core/builds/blades';
import { bladeFormOf } from '@/core/outline/blade-form';
import { SIGHT_KINDS } from '@/core/outline/kinds';
import type { SightKindId } from '@/core/outline/kinds/definition';
import { pouchOf } from '@/core/mat/mat';
import { middleOf } from '@/core/outline/outline';
import { Figure } from '@/ui/figure/Figure';
import { row, stack, wrap } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { Later } from '../Later';
import { matWorking } from '../figures/mat-working';
import { BodyWeights } from './BodyWeights';
import { finelyText, toldOffText, toldText } from './told-text';
import { ThingBin } from './ThingBin';
import type { MatInHand, MatThing, ThingSaid } from './use-mat';
import styles from './mat.module.css';

/** No part that lies on the mat stands higher, mm. */
const HIGHEST_MM = 60;

interface ThingPanelProps {
  readonly thing: MatThing;
  readonly mat: NonNullable<MatInHand['mat']>;
  readonly isPulling: boolean;
  readonly onPulling: (isPulling: boolean) => void;
  readonly onSay: (change: ThingSaid) => void;
}

/** One thing on the mat: what it is, how thick, its sizes, and which bin they are for. */
export function ThingPanel({ thing, mat, isPulling, onPulling, onSay }: ThingPanelProps) {
  const { view } = useBench();
  const { length } = useUnits();
  const { no, told, said, isCut, seen } = thing;
  const write = (mm: number) => finelyText(mm, length);
  const mark = pouchOf(middleOf(seen.outer), mat.mat);
  if (isCut) {
    return (
      <section className={stack(8)} aria-label={`Thing ${no}`}>
        <h3>{no}</h3>
        <p>It lies over the border: its sizes cannot be told. Lay it inside and take the picture again.</p>
      </section>
    );
  }
  return (
    <section className={stack(12)} aria-label={`Thing ${no}`}>
      <h3>
        {no}{' '}
        <small className="quiet">
          {formText(told)}over mark {mark}
        </small>
      </h3>
      <div className={wrap(12)}>
        <ChoiceField
          label="It is a"
          value={told.kind}
          options={SIGHT_KINDS.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(kind) => kind && onSay({ kind: kind as SightKindId })}
        />
        <UnitField
          label="How thick"
          quantity="length"
          assume={length}
          write={write}
          hint={said.heightMm === undefined ? 'as thick as such usually are' : undefined}
          value={told.heightMm}
          check={(mm) => (mm <= 0 || mm > HIGHEST_MM ? `Over 0, and up to ${write(HIGHEST_MM)}.` : null)}
          onChange={(heightMm) => {
            if (heightMm !== null && heightMm > 0 && heightMm <= HIGHEST_MM) onSay({ heightMm });
          }}
          width={200}
        />
      </div>
      <dl className={stack(4, styles.sizes)} aria-label="Its sizes">
        {told.sizes.map((size) => (
          <Fragment key={size.id}>
            <dt>{size.label}</dt>
            <dd>
              <Figure
                working={matWorking({
                  size,
                  error: mat.error,
                  heightMm: told.heightMm,
                  isHeightSaid: said.heightMm !== undefined,
                  isPrintMeasured: view.bench.mat !== undefined,
                  write,
                  told: toldText(size, length),
                  offText: toldOffText(size, length),
                })}
              >
                {toldText(size, length)}
              </Figure>
            </dd>
            <dd className="quiet">{toldOffText(size, length)}</dd>
          </Fragment>
        ))}
      </dl>
      <div className={row(8)}>
        <Button size="small" aria-pressed={isPulling} onClick={() => onPulling(!isPulling)}>
          {isPulling ? 'Its edge is right' : 'Its edge is wrong'}
        </Button>
        {said.edge ? (
          <Button size="small" onClick={() => onSay({ edge: undefined })}>
            As it was seen
          </Button>
        ) : null}
      </div>
      {told.kind === 'body' ? <BodyWeights told={told} /> : null}
      <Later>
        <ThingBin told={told} binId={said.binId ?? null} onBin={(binId) => onSay({ binId })} />
      </Later>
    </section>
  );
}

/** What form a blade is. */
function formText({ kind, sizes }: MatThing['told']): string {
  const [length, width] = ['lengthMm', 'widthMm'].map((id) => sizes.find((size) => size.id === id)?.value);
  if (kind !== 'blade' || !length || !width) return '';
  return `${findBladeForm(bladeFormOf(length, width)).name.toLowerCase()} form, `;
}
