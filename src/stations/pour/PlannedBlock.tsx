'use client';

import { wrap } from '@/ui/layout/layout';
import { useMemo } from 'react';
import { forecastPours } from '@/core/pours/forecast-pours';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { Session } from '@/core/tickets/lay-out-session';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { drawMold } from '@/station-kit/draw-mold';
import { markText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { poursWorking } from '@/station-kit/figures/pours-working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { cavityWords } from '@/text/cavity-words';
import { stretches } from '@/model/schedule/run-lengths';
import styles from './pour.module.css';

interface PlannedBlockProps {
  readonly moldId: string;
  readonly plan: PourPlan;
  readonly session: Session;
}

/** A block of the plan, to scale, with what each cavity is to cast. */
export function PlannedBlock({ moldId, plan, session }: PlannedBlockProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const mold = view.moldById.get(moldId);
  const run = plan.runs.find((each) => each.moldId === moldId);
  const fills = run?.fills;
  const pours = useMemo(
    () => forecastPours(fills ?? [], [], mold?.kind === 'spun', mold?.copies),
    [fills, mold],
  );
  const counts = useMemo(() => countByCavity(pours), [pours]);
  const hooks = useMemo(
    () =>
      mold?.cavities.map((_, index) => {
        const key = session.cells.find((cell) => cell.moldId === moldId && cell.cavity === index)?.key;
        const hookId = session.heads.find((head) => head.key === key)?.hookBinId;
        return hookId ? (view.hooks.get(hookId) ?? null) : null;
      }) ?? [],
    [mold, moldId, session, view.hooks],
  );
  const layout = useMemo(() => (mold ? drawMold(mold, hooks) : null), [mold, hooks]);
  if (!mold || !layout || !run) return null;
  const marks = mold.cavities.map((cavity, index): CavityMark => {
    const asked = counts.get(index) ?? 0;
    const mark = markText(cavity.nominalG, mass);
    return {
      mark,
      state: asked > 0 ? 'lit' : 'empty',
      flag: asked > 0 ? (mold.kind === 'spun' ? `× ${asked}` : `${asked} to cast`) : undefined,
      foot: asked > 0 && hooks[index] ? `hook ${hooks[index].size}` : undefined,
      name: `Cavity ${index + 1}, ${mark}: ${asked > 0 ? `${asked} to cast` : 'stays empty'}`,
    };
  });
  return (
    <section aria-label={`Pours of ${mold.name}`}>
      <MoldBlock
        title={`${mold.name}, to scale`}
        layout={layout}
        marks={marks}
        maxHeightPx={mold.kind === 'spun' ? 360 : 250}
      />
      <ol className={wrap(0, styles.stretches)}>
        {stretches(pours).map(({ from, to, cavities }) => (
          <li key={from}>
            <Figure working={poursWorking(run, session, view, mass)}>
              {from === to ? `Pour ${from}` : `Pours ${from} to ${to}`}
            </Figure>{' '}
            {cavityWords(mold, cavities, mass)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function countByCavity(pours: readonly (readonly number[])[]): Map<number, number> {
  const counts = new Map<number, number>();
  for (const index of pours.flat()) counts.set(index, (counts.get(index) ?? 0) + 1);
  return counts;
}
