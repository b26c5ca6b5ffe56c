'use client';

import { countText } from '@/text/count-text';
import type { Evening, Leg } from '@/core/pours/lay-out-evening';
import { minutesText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { eveningWorking } from '@/station-kit/figures/evening-working';
import { Figure } from '@/ui/figure/Figure';
import styles from './session-strip.module.css';

interface SessionStripProps {
  readonly evening: Evening;
  readonly chosen: string | null;
  readonly onChoose: (moldId: string) => void;
}

const WORDS: Record<Leg['kind'], string> = {
  melt: 'Melt',
  'warm-up': 'Warm',
  pours: '',
  refill: 'Refill',
  rest: 'Rest',
};

/** The evening along a time line, as wide as it takes: melting, warming, pours, refills and rests. */
export function SessionStrip({ evening, chosen, onChoose }: SessionStripProps) {
  const { view } = useBench();
  const { legs, totalS, firstGoodS, spreadS } = evening;
  const working = eveningWorking(evening, (moldId) => view.moldById.get(moldId)?.name ?? 'a block gone');
  return (
    <section aria-label="Session">
      <ol className={styles.legs}>
        {legs.map((leg, index) => {
          const name = view.moldById.get(leg.moldId ?? '')?.name;
          const seconds = leg.endS - leg.startS;
          const words =
            leg.kind === 'pours'
              ? `${name ?? ''}, ${countText(leg.pours, 'pour')}`
              : `${WORDS[leg.kind]} ${name ?? ''}`;
          return (
            <li key={index} style={{ flexGrow: seconds }} data-kind={leg.kind}>
              <button
                type="button"
                aria-pressed={leg.moldId !== null && leg.moldId === chosen}
                disabled={leg.moldId === null}
                title={`${words}: ${minutesText(seconds)}`}
                onClick={() => leg.moldId && onChoose(leg.moldId)}
              >
                <i aria-hidden="true" />
                <strong>{leg.kind === 'pours' ? name : WORDS[leg.kind]}</strong>
                <small>
                  {leg.kind === 'pours' ? `${countText(leg.pours, 'pour')}` : minutesText(seconds)}
                </small>
              </button>
            </li>
          );
        })}
      </ol>
      <p className={styles.says}>
        {firstGoodS === null ? null : (
          <>
            First good pour after <Figure working={working}>{minutesText(firstGoodS)}</Figure>, all done after{' '}
            <Figure working={working}>{minutesText(totalS)}</Figure>
            {spreadS === null ? '' : ` ± ${minutesText(2 * spreadS)}`}
            {spreadS === null
              ? '; at the times set for the blocks until your own runs show your pace'
              : ', at your pace, 95 % sure'}
            .
          </>
        )}
      </p>
    </section>
  );
}
