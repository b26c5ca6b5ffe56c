'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { CastDraft } from '@/model/molds/cast-question';
import { numberText as n } from '@/text/number-text';
import { pressureText } from '@/text/quantity-text';
import { temperatureText } from '@/text/words';
import type { Bench } from '@/records/bench';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { FreezeForm } from '../cavity-design/FreezeForm';
import { freezingWorking } from '../figures/freezing-working';
import styles from './freeze.module.css';

const PASCAL_PER_BAR = 100_000;

interface FreezeFactsProps {
  readonly picture: FrozenPicture;
  readonly draft: CastDraft;
  readonly trial: Bench['freezeTrial'];
  readonly modulusMm: number | null;
  /** What a disc's turning presses with, Pa. */
  readonly spinPa: number;
}

/** When gate and body are solid and it can be opened, and how sure that is. */
export function FreezeFacts({ picture, draft, trial, modulusMm, spinPa }: FreezeFactsProps) {
  const { temperature, length } = useUnits();
  const [isTiming, setTiming] = useState(false);
  const { feed } = picture;
  const isTold = trial !== null && picture.slower !== 1;
  const working = freezingWorking(picture, draft, trial, temperature);
  const facts: readonly (readonly [string, number])[] = feed
    ? [
        ['Full after', picture.fill.fullS],
        ...(draft.gate.side === 'open' ? [] : [['Gate solid', feed.gateShutS] as const]),
        ['Body solid', feed.bodySolidS],
        ['Open after', feed.allSolidS],
      ]
    : [];
  return (
    <>
      <dl className={styles.facts}>
        {facts.map(([name, s]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>
              <Figure working={working} tone={isTold ? 'ink' : 'brass'}>
                {s < 10 ? s.toFixed(1) : s.toFixed(0)} s
              </Figure>
            </dd>
          </div>
        ))}
      </dl>
      <p className="quiet">
        {isTold
          ? `Times are set by the head you timed: ${n(trial.seconds, 2)} s. Which place freezes first is surer than how soon.`
          : draft.of === 'aluminum' || draft.of === 'steel'
            ? 'Nobody timed a head here yet, so the seconds are typical and may be off by half. Which place freezes first is surer.'
            : 'The seconds are typical for such molds and may be off by half. Which place freezes first is surer.'}{' '}
        Metal at {temperatureText(draft.pouredC, temperature)}, mold at{' '}
        {temperatureText(draft.blockC, temperature)}.
        {spinPa > 0
          ? ` Turning, the metal is pressed in with ${pressureText(spinPa / PASCAL_PER_BAR, length)}.`
          : ''}{' '}
        <Button size="small" type="link" onClick={() => setTiming(true)}>
          {trial ? 'The head I timed' : 'Time one head'}
        </Button>
      </p>
      {isTiming ? <FreezeForm modulusMm={modulusMm} onClose={() => setTiming(false)} /> : null}
    </>
  );
}
