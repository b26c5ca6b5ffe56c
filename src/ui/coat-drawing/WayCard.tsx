'use client';

import { column } from '../layout/layout';
import { Select } from 'antd';
import type { CoatWay } from '@/core/coats/ways/definition';
import type { Heater } from '@/records/heater';
import { useSentence, useUnits } from '../units/use-units';
import { temperatureText } from '@/text/words';
import type { HeatPlan } from '@/core/coats/plan-heat';
import { NumberField } from '../unit-field/NumberField';
import { Figure } from '../figure/Figure';
import {
  dipWorking,
  edgeWorking,
  handText,
  heatBandText,
  heatWorking,
  type heatPlanOf,
  type HeatQuestion,
} from './heat-facts';
import styles from './heat-chart.module.css';

/** A way to coat with what heats for it, and what it asks of a head. */
export interface WayToCoat {
  readonly way: CoatWay;
  readonly usable: readonly Heater[];
  readonly heater: Heater | null;
  readonly question: HeatQuestion | null;
  readonly plan: ReturnType<typeof heatPlanOf> | null;
}

interface WayCardProps extends WayToCoat {
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly onHeater: (heaterId: string) => void;
  /** What the maker is used to, s; null where nothing was said. */
  readonly ownS: number | null;
  readonly onOwn: (seconds: number | null) => void;
}

/** What a habit comes to beside what is reckoned. */
function habitText(ownS: number, { stickS, softenS, heatS }: HeatPlan): string {
  if (ownS < stickS) return 'Powder would not stick yet by this sum.';
  if (softenS !== null && ownS > softenS)
    return 'By this sum the metal would be soft: try it on one head first.';
  const off = Math.round((ownS / heatS - 1) * 100);
  return off === 0
    ? 'As worked out.'
    : `${Math.abs(off)} % ${off > 0 ? 'longer' : 'shorter'} than worked out, and within what works.`;
}

const HEATER_WORDS = { flame: 'a flame', gun: 'a heat gun', oven: 'an oven' } as const;

/** One way: how long in the heat, how long to dip, what too short and too long do. */
export function WayCard(props: WayCardProps) {
  const { way, usable, heater, question, plan, isChosen, onChoose, onHeater, ownS, onOwn } = props;
  const sentence = useSentence();
  const units = useUnits();
  const { temperature } = units;
  const text = (celsius: number) => temperatureText(celsius, temperature);
  return (
    <article className={column(6, styles.way)} data-chosen={isChosen}>
      <button
        type="button"
        role="radio"
        aria-checked={isChosen}
        className={styles.wayName}
        onClick={onChoose}
      >
        {way.name}
      </button>
      <p className={styles.how}>{way.how}</p>
      {heater ? (
        <Select
          aria-label={`Heat for ${way.name}`}
          size="small"
          value={heater.id}
          options={usable.map((each) => ({ value: each.id, label: `${each.name}, ${text(each.sourceC)}` }))}
          onChange={onHeater}
        />
      ) : (
        <p className="quiet">Wants {way.heaters.map((kind) => HEATER_WORDS[kind]).join(' or ')}.</p>
      )}
      {plan && question ? (
        plan.ok ? (
          <>
            <dl className={styles.figures}>
              <div>
                <dt>in the heat, {heatBandText(question, plan.value.heatS)}</dt>
                <dd>
                  <Figure size="large" tone="ember" working={heatWorking(question, plan.value, units)}>
                    {handText(plan.value.heatS)}
                  </Figure>
                </dd>
              </div>
              <div>
                <dt>then dip within</dt>
                <dd>
                  <Figure working={dipWorking(question, plan.value, units)}>
                    {handText(plan.value.windowS)}
                  </Figure>
                </dd>
              </div>
            </dl>
            <NumberField
              label="I am used to, seconds"
              least={1}
              most={36_000}
              value={ownS}
              hint={ownS === null ? undefined : habitText(ownS, plan.value)}
              onChange={onOwn}
            />
            <p className={styles.bounds}>
              <b>
                Under{' '}
                <Figure working={edgeWorking(question, 'stick', plan.value, units)}>
                  {handText(plan.value.stickS)}
                </Figure>
                :
              </b>{' '}
              {way.tooShort}
            </p>
            <p className={styles.bounds}>
              <b>
                {plan.value.softenS === null ? (
                  'Too long:'
                ) : (
                  <>
                    Over{' '}
                    <Figure working={edgeWorking(question, 'soften', plan.value, units)}>
                      {handText(plan.value.softenS)}
                    </Figure>{' '}
                    the metal goes soft.
                  </>
                )}
              </b>{' '}
              {way.tooLong}
            </p>
            {plan.value.isThick ? (
              <p className={styles.bounds}>
                So thick a head is hotter outside than in: give it half the time again, off the hottest spot.
              </p>
            ) : null}
          </>
        ) : (
          <p role="alert" className="wrong">
            {sentence(plan.problem)}
          </p>
        )
      ) : null}
    </article>
  );
}
