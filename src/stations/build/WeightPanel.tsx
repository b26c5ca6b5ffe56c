'use client';

import { areaText } from '@/text/writer';
import { speedText } from '@/text/quantity-text';
import { stack, wrap } from '@/ui/layout/layout';
import { useState } from 'react';
import { headsForFinished } from '@/core/builds/heads-for-finished';
import { depthTendency } from '@/core/builds/depth-tendency';
import type { BladeRun } from '@/core/builds/run-blades';
import { BaitWeight } from '@/station-kit/figures/BaitWeight';
import { bladeRunWorking, reachWorking } from '@/station-kit/figures/run-working';
import { headForWorking, overMarkWorking } from '@/station-kit/figures/head-working';
import { partShareWorking } from '@/station-kit/figures/weight-working';
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
        <BaitWeight lines={lines} size="large" />
        {head?.markG ? (
          <span>
            <Figure working={overMarkWorking(finishedG, head.markG, mass)}>
              {offText((finishedG - head.markG) / head.markG, `the ${markText(head.markG, mass)} mark`)}
            </Figure>
          </span>
        ) : null}
      </p>
      <ul className={stack(0, styles.shares)}>
        {lines.map((line, index) => {
          const { name, massG, count } = line;
          const all = (massG ?? 0) * count;
          return (
            <li key={`${name} ${index}`}>
              <span>
                {count > 1 ? `${count} × ` : ''}
                {name}
              </span>
              <i aria-hidden="true" style={{ width: `${finishedG > 0 ? (all / finishedG) * 100 : 0}%` }} />
              <em>
                {massG === null || finishedG <= 0 ? (
                  'not weighed'
                ) : (
                  <Figure working={partShareWorking(line, finishedG, mass)}>
                    {`${massText(all, mass)}, ${Math.round((all / finishedG) * 100)} %`}
                  </Figure>
                )}
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
              {heads.map((each) => (
                <li key={`${each.nominalG} ${each.massG}`}>
                  {markText(each.nominalG, mass)} marked:{' '}
                  <Figure working={headForWorking(each, metal?.name ?? '', mass)}>
                    {massText(each.finishedG, mass)}
                  </Figure>
                  <small>
                    {offText(each.offShare, massText(wantedG ?? 0, mass))}; the head{' '}
                    {massText(each.massG, mass)} in {lotText(metal?.name ?? '')}
                    {each.isMeasured ? '' : ', as far as its mark tells'}
                  </small>
                </li>
              ))}
            </ul>
          ) : null}
        </div>
      ) : null}
      {reach.wholeMm > 0 ? (
        <p className={styles.reach}>
          <Figure working={reachWorking(reach, length)}>{lengthText(reach.wholeMm, length)}</Figure> overall
          length
          {reach.bendMm === null ? '' : `; the hook bends ${lengthText(reach.bendMm, length)} from the nose`}
        </p>
      ) : null}
      {run ? <RunFigures run={run} /> : null}
    </section>
  );
}

function RunFigures({ run }: { readonly run: NonNullable<WeightPanelProps['run']> }) {
  const { length, speed } = useUnits();
  return (
    <dl className={styles.runs} aria-label="How it runs">
      <div>
        <dt>Stays up from</dt>
        <dd>
          <Figure working={bladeRunWorking('Slowest speed', run.isSeen)}>
            {speedText(run.slowestMs, speed)}
          </Figure>
          , {depthTendency(run.slowestMs)}
        </dd>
      </div>
      <div>
        <dt>Blades</dt>
        <dd>
          <Figure working={bladeRunWorking('Blade area', run.isSeen)}>{areaText(run.areaCm2, length)}</Figure>
        </dd>
      </div>
      <div>
        <dt>Pull, thump</dt>
        <dd>
          <Figure working={bladeRunWorking('Pull', run.isSeen)}>{numberText(run.pullN, 2)} N</Figure>,{' '}
          <Figure working={bladeRunWorking('Thump', run.isSeen)}>{lengthText(run.thumpMm, length)}</Figure>
        </dd>
      </div>
    </dl>
  );
}
