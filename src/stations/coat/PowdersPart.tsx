'use client';

import { Nothing } from '@/ui/frame/Nothing';
import { apart, stack, wrap } from '@/ui/layout/layout';
import { useInHand } from '@/station-kit/use-in-address';
import { Button } from 'antd';
import { useState } from 'react';
import type { HeadBin, PowderBin } from '@/records/bin';
import { massText, temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { Jar } from '@/ui/coat-drawing/Jar';
import { powderForWorking } from '@/station-kit/figures/powder-working';
import { Figure } from '@/ui/figure/Figure';
import { Yields } from '@/station-kit/coats/Yields';
import { PowderForm } from './PowderForm';
import { usedBy } from '@/model/coats/rack-facts';
import { WeighJar } from './WeighJar';
import styles from './powders.module.css';
import { stockStatus } from '@/model/stock/stock-status';

/** The jars: color, card, what is left, and how many heads that makes. */
export function PowdersPart() {
  const { view } = useBench();
  const { mass, temperature, coatWay } = usePreferences();
  const powders = view.bins.filter((bin): bin is PowderBin => bin.kind === 'powder');
  const [chosen, setChosen] = useInHand('powder');
  const [editing, setEditing] = useState<PowderBin | 'new' | null>(null);
  const [isWeighing, setWeighing] = useState(false);
  const hung = view.racks.filter(({ state }) => state === 'hanging').flatMap((rack) => rack.hung);
  const heads = [...view.toCoat, ...hung.map((head) => ({ ...head, count: 1 }))];
  const wanted = usedBy(heads, coatWay, view);
  const most = (bin: PowderBin) => wanted.get(bin.id) ?? 0;
  const powder =
    powders.find(({ id }) => id === chosen) ?? [...powders].sort((a, b) => most(b) - most(a))[0] ?? null;
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const level = (id: string) => view.levels.get(id) ?? 0;
  if (!powder) {
    return (
      <>
        <Nothing
          says="No powder stands on the shelf yet. Put a jar down with its color and its card."
          mend="A jar of powder"
          onMend={() => setEditing('new')}
        />
        {editing === 'new' ? (
          <PowderForm powder={null} onClose={() => setEditing(null)} onSaved={setChosen} />
        ) : null}
      </>
    );
  }
  const told = headsToTell(view.toCoat, view.bins);
  return (
    <div className={apart(28, styles.powders)}>
      <ul className={styles.shelf} aria-label="Jars">
        {powders.map((bin) => (
          <li key={bin.id}>
            <button
              type="button"
              className={stack(0, styles.jar)}
              aria-pressed={bin.id === powder.id}
              onClick={() => setChosen(bin.id)}
            >
              <Jar powder={bin} leftG={level(bin.id)} />
              <strong>{bin.name.replace(/^Powder, /, '')}</strong>
              <small data-low={level(bin.id) < (wanted.get(bin.id) ?? 0) || stockStatus(bin, view).isLow}>
                {massText(level(bin.id), mass)}
                {level(bin.id) < (wanted.get(bin.id) ?? 0)
                  ? ', short'
                  : stockStatus(bin, view).isLow
                    ? ', low'
                    : ''}
              </small>
            </button>
          </li>
        ))}
        <li>
          <button type="button" className={stack(0, styles.jar)} onClick={() => setEditing('new')}>
            <span className={styles.plus}>+</span>
            <strong>another jar</strong>
          </button>
        </li>
      </ul>
      <section className={styles.card} aria-label={powder.name}>
        <header>
          <h2>{powder.name}</h2>
          <p className="quiet">
            {powder.finish.replace('-', ' ')}
            {powder.place ? `, ${powder.place}` : ''}
          </p>
        </header>
        <dl>
          <div>
            <dt>cures, the part at</dt>
            <dd className={powder.cardBasis === 'guess' ? styles.guess : undefined}>
              {powder.cures.map(({ cureC, cureMin }) => `${text(cureC)} for ${cureMin} min`).join(', or ')}
            </dd>
          </div>
          <div>
            <dt>never over</dt>
            <dd className={powder.cardBasis === 'guess' ? styles.guess : undefined}>{text(powder.maxC)}</dd>
          </div>
          <div>
            <dt>sticks from</dt>
            <dd className={powder.cardBasis === 'guess' ? styles.guess : undefined}>{text(powder.fuseC)}</dd>
          </div>
          <div>
            <dt>density</dt>
            <dd>{powder.densityGcm3} g/cm³</dd>
          </div>
          <div>
            <dt>in the jar</dt>
            <dd>
              {massText(level(powder.id), mass)} of {massText(powder.jarG, mass)}
            </dd>
          </div>
          <div>
            <dt>wanted by what waits</dt>
            <dd>
              <Figure working={powderForWorking(powder, heads, coatWay, view, mass)}>
                {massText(wanted.get(powder.id) ?? 0, mass)}
              </Figure>
            </dd>
          </div>
        </dl>
        {told.length > 0 ? <Yields powder={powder} heads={told} leftG={level(powder.id)} /> : null}
        <p className="quiet">
          {powder.utilization === null
            ? 'How much stays on the head is the way’s usual share, a guess. Weigh the jar after an evening, and it is yours.'
            : `${Math.round(powder.utilization * 100)} % of what leaves this jar stays on heads, by your own weighings.`}
        </p>
        <div className={wrap(8, styles.hands)}>
          <Button type="primary" onClick={() => setWeighing(true)}>
            Weigh the jar
          </Button>
          <Button onClick={() => setEditing(powder)}>Change its card</Button>
        </div>
      </section>
      {editing !== null ? (
        <PowderForm
          powder={editing === 'new' ? null : editing}
          onClose={() => setEditing(null)}
          onSaved={setChosen}
        />
      ) : null}
      {isWeighing ? <WeighJar powder={powder} onClose={() => setWeighing(false)} /> : null}
    </div>
  );
}

const TOLD = 6;

/** The heads to tell a jar's yield for: what waits first, then what lies on the shelf. */
function headsToTell(
  waiting: readonly { readonly headBinId: string }[],
  bins: readonly { readonly id: string; readonly kind: string }[],
): HeadBin[] {
  const heads = bins.filter((bin): bin is HeadBin => bin.kind === 'head' && (bin as HeadBin).coatId === null);
  const first = new Set(waiting.map(({ headBinId }) => headBinId));
  return [...heads].sort((a, b) => Number(first.has(b.id)) - Number(first.has(a.id))).slice(0, TOLD);
}
