'use client';

import { areaText } from '@/text/writer';
import { speedText } from '@/text/quantity-text';
import { stack, wrap } from '@/ui/layout/layout';
import { useState } from 'react';
import { headsForFinished } from '@/core/builds/heads-for-finished';
import { depthTendency } from '@/core/builds/depth-tendency';
import type { BladeRun } from '@/core/builds/run-blades';
import { weightWorking } from '@/station-kit/figures/weight-working';
import { Figure } from '@/ui/figure/Figure';
import { numberText } from '@/text/number-text';
import { lengthText, lotText, markText, massText, offText } from '@/text/words';
import { usualMetal } from '@/model/metals/usual-metal';
import { castWeights } from '@/model/molds/cast-weights';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { finishedOf, type WeightLine } from '@/model/baits/bait-facts';
import styles from './build.module.css';

interface WeightPanelProps {
  readonly lines: readonly WeightLine[];
  /** Of its head: others of that style may do; null where it has none of its own. */
  readonly style: string | null;
  /** Behind the nose, mm: all of it, and where its hook's bend lies; null without a hook. */
  readonly reach: { readonly wholeMm: number; readonly bendMm: number | null };
  readonly run: (BladeRun & { readonly isSeen: boolean }) | null;
}

/** What it weighs finished beside the head's mark, each part's share, and which head would give a wanted weight. */
export function WeightPanel({ lines, style, reach, run }: WeightPanelProps) {
  const { view } = useBench();
  const { mass, length } = useUnits();
  const [wantedG, setWantedG] = useState<number | null>(null);
  const { finishedG, unweighed } = finishedOf(lines);
  const head = lines.find(({ is }) => is === 'head');
  const metal = usualMetal(view);
  const casts = metal ? castWeights(metal, view, (cavity) => style === null || cavity.style === style) : [];
  const heads =
    wantedG === null || !head
      ? []
      : headsForFinished(
          wantedG,
          finishedG - (head.massG ?? 0),
          casts.map((cast) => ({ ...cast, massG: cast.finishedG })),
        ).slice(0, 3);
  return (
    <section aria-label="Finished weight">
      <h3>Finished</h3>
      <p className={wrap(0, styles.big)}>
        <Figure size="large" working={weightWorking(lines, finishedG, mass)}>
          {massText(finishedG, mass)}
        </Figure>
        {head?.markG ? (
          <span>
            {offText((finishedG - head.markG) / head.markG, `${markText(head.markG, mass)} marked`)}
          </span>
        ) : null}
      </p>
      <ul className={stack(0, styles.shares)}>
        {lines.map(({ name, massG, count }, index) => {
          const all = (massG ?? 0) * count;
          return (
            <li key={`${name} ${index}`}>
              <span>
                {count > 1 ? `${count} × ` : ''}
                {name}
              </span>
              <i aria-hidden="true" style={{ width: `${finishedG > 0 ? (all / finishedG) * 100 : 0}%` }} />
              <em>
                {massG === null
                  ? 'not weighed'
                  : `${massText(all, mass)}, ${finishedG > 0 ? Math.round((all / finishedG) * 100) : 0} %`}
              </em>
            </li>
          );
        })}
      </ul>
      {unweighed.length > 0 ? (
        <p className={styles.mind}>Not weighed yet, so not in the sum: {unweighed.join(', ')}.</p>
      ) : null}
      {head ? (
        <div className={styles.wanted}>
          <MassField
            label="What head gives a finished"
            value={wantedG}
            onChange={setWantedG}
            check={(grams) => (grams <= 0 ? 'A bait weighs more than nothing.' : null)}
          />
          {heads.length > 0 ? (
            <ul aria-label="Heads for it">
              {heads.map(({ nominalG, massG, finishedG: gives, offShare, isMeasured }) => (
                <li key={`${nominalG} ${massG}`}>
                  {markText(nominalG, mass)} marked: {massText(gives, mass)}
                  <small>
                    {offText(offShare, massText(wantedG ?? 0, mass))}; the head {massText(massG, mass)} in{' '}
                    {lotText(metal?.name ?? '')}
                    {isMeasured ? '' : ', as far as its mark tells'}
                  </small>
                </li>
              ))}
            </ul>
          ) : null}
        </div>
      ) : null}
      {reach.wholeMm > 0 ? (
        <p className={styles.reach}>
          {lengthText(reach.wholeMm, length)} long, nose to tail
          {reach.bendMm === null ? '' : `; the hook bends ${lengthText(reach.bendMm, length)} from the nose`}
        </p>
      ) : null}
      {run ? <RunFigures run={run} /> : null}
    </section>
  );
}

function RunFigures({ run }: { readonly run: NonNullable<WeightPanelProps['run']> }) {
  const { length, speed } = useUnits();
  const basis = run.isSeen ? 'given' : 'guess';
  const working = (title: string, step: string) => ({
    title,
    steps: [step, 'For setting builds side by side; never a promise.'],
    inputs: [
      { name: 'Lift and drag by form', value: 'estimates', basis: 'guess' as const },
      {
        name: 'Speed seen',
        value: run.isSeen ? 'as you noted it' : 'not seen yet',
        basis: basis as 'given' | 'guess',
      },
    ],
  });
  return (
    <dl className={styles.runs} aria-label="How it runs">
      <div>
        <dt>Stays up from</dt>
        <dd>
          <Figure working={working('Slowest speed', 'v = √(2 W / (ρ Σ A Cl))')}>
            {speedText(run.slowestMs, speed)}
          </Figure>
          , {depthTendency(run.slowestMs)}
        </dd>
      </div>
      <div>
        <dt>Blades</dt>
        <dd>
          <Figure working={working('Blade area', 'A = share by form × length × width')}>
            {areaText(run.areaCm2, length)}
          </Figure>
        </dd>
      </div>
      <div>
        <dt>Pull, thump</dt>
        <dd>
          <Figure working={working('Pull', 'F = ρ v² Σ A Cd / 2')}>{numberText(run.pullN, 2)} N</Figure>,{' '}
          <Figure working={working('Thump', 'as a round blade so wide')}>
            {lengthText(run.thumpMm, length)}
          </Figure>
        </dd>
      </div>
    </dl>
  );
}
