'use client';

import { column } from '@/ui/layout/layout';
import { weighRig } from '@/core/rigs/weigh-rig';
import type { RigCut } from '@/core/rigs/cuts-of-rig';
import { floatBalance } from '@/core/rigs/float-balance';
import type { RigStrength } from '@/core/rigs/rate-strength';
import type { Rig } from '@/core/rigs/rig';
import { strengthText } from '@/text/quantity-text';
import { holdsWorking } from '@/station-kit/figures/holds-working';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { rigWeightWorking } from '@/station-kit/figures/weight-working';
import { cutWorking } from '@/station-kit/figures/roll-working';
import { floatWorking } from '@/station-kit/figures/float-working';
import { Figure } from '@/ui/figure/Figure';
import { cutsOf } from '@/model/bills/rig-uses';
import { lengthText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { RigDraft } from '@/model/rigs/rig-draft';
import { riggable } from '@/model/rigs/rig-facts';
import styles from './rig.module.css';

interface SumsPanelProps {
  readonly draft: RigDraft;
  readonly rig: Rig;
  readonly strength: RigStrength | null;
}

/** What it holds, what it weighs, what is cut for one, how many the shelf gives. */
export function SumsPanel({ draft, rig, strength }: SumsPanelProps) {
  const { view } = useBench();
  const { mass, length, strength: inUnit } = useUnits();
  const { massG, unweighed } = weighRig(rig);
  const float = floatBalance(rig);
  const cuts = alike(cutsOf(draft, view));
  const gives = riggable(draft, view);
  const loadKgf = rig.wants.loadKgf;
  const isWeak = strength !== null && loadKgf !== undefined && strength.kgf < loadKgf;
  return (
    <section className={column(12, styles.sums)} aria-label="Its sums">
      <dl>
        <div>
          <dt>holds</dt>
          <dd>
            {strength ? (
              <Figure
                size="large"
                tone={isWeak ? 'alarm' : 'ink'}
                working={holdsWorking(rig, strength, inUnit)}
              >
                {strengthText(strength.kgf, inUnit)}
              </Figure>
            ) : (
              'not known'
            )}
            {strength ? <small>weakest: {strength.weakest}</small> : null}
          </dd>
        </div>
        <div>
          <dt>weighs</dt>
          <dd>
            <Figure size="large" working={rigWeightWorking(rig, massG, mass)}>
              {massText(massG, mass)}
            </Figure>
            {unweighed.length > 0 ? <small>without {unweighed.slice(0, 2).join(', ')}</small> : null}
          </dd>
        </div>
        {float ? (
          <div>
            <dt>float takes</dt>
            <dd>
              <Figure size="large" working={floatWorking(float, { mass, length })}>
                {massText(float.wantsG, mass)}
              </Figure>
              <small>of shot; {massText(float.hasG, mass)} on it. Try it in a glass.</small>
            </dd>
          </div>
        ) : null}
        <div>
          <dt>shelf gives</dt>
          <dd>
            <GivesFigure gives={gives} size="large" />
            {gives.limiting[0] ? <small>{gives.limiting[0]} runs out first</small> : null}
          </dd>
        </div>
      </dl>
      {cuts.length > 0 ? (
        <>
          <h3>Cut for one</h3>
          <ul className={styles.cuts}>
            {cuts.map(({ itemId, name, cutMm, finishedMm, endsMm, times }) => (
              <li key={itemId}>
                <span>
                  {times > 1 ? `${times} × ` : ''}
                  {name}
                </span>
                <Figure working={cutWorking(name, finishedMm, endsMm, length)}>
                  {lengthText(cutMm, length)}
                </Figure>
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}

/** Cuts of one material and length together. */
function alike(cuts: readonly RigCut[]): (RigCut & { readonly times: number })[] {
  const groups = new Map<string, RigCut & { readonly times: number }>();
  for (const cut of cuts) {
    const key = `${cut.binId} ${cut.cutMm}`;
    groups.set(key, { ...cut, times: (groups.get(key)?.times ?? 0) + 1 });
  }
  return [...groups.values()];
}
