'use client';

import { apart, stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { Session } from '@/core/tickets/lay-out-session';
import type { MetalBin } from '@/records/bin';
import { Figure } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { amountText, lotText, massText } from '@/text/words';
import { chargeWorking } from '@/station-kit/workings';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import type { Takes } from '@/model/tickets/session-takes';
import { isSafetyKept } from '@/core/pours/safety';
import { isPressedCold } from '@/core/metals/judge-charge';
import { composeRun } from '@/model/schedule/compose-run';
import { Pot } from '@/ui/pour-drawing/Pot';
import { LightPot } from './LightPot';
import { SafetyCheck } from './SafetyCheck';
import styles from './pour.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ChargeFormProps {
  readonly metal: MetalBin;
  readonly session: Session;
  readonly plan: PourPlan;
  readonly takes: Takes;
}

/** Nobody weighs a charge finer than this, g. */
const STEP_G = 10;

/** What goes into the pot, and the run begins. */
export function ChargeForm({ metal, session, plan, takes }: ChargeFormProps) {
  const { workshop, view, carryOut } = useBench();
  const { mass, blocksInHand } = usePreferences();
  const [isChecking, setIsChecking] = useState(false);
  const proposed = Math.ceil(takes.budget.chargeG / STEP_G) * STEP_G;
  const [typed, setTyped] = useState<number | null | 'proposed'>('proposed');
  const chargedG = typed === 'proposed' ? proposed : typed;
  const onHand = view.levels.get(metal.id) ?? 0;
  const leastG = takes.budget.castG + takes.budget.sprueG;
  const check = (grams: number) => {
    if (grams > onHand) {
      return `${lotText(metal.name)} has ${massText(onHand, mass)}. Charge less, or put metal on the shelf first.`;
    }
    return grams < leastG
      ? `The castings and sprues alone take ${massText(leastG, mass)}. Charge more.`
      : null;
  };
  const begin = () => {
    if (chargedG === null || check(chargedG)) return;
    inBackground(
      carryOut(
        workshop.runs.start(
          composeRun(session, plan, view.moldById, {
            metalBinId: metal.id,
            chargedG,
            drossShare: view.pot.drossShare,
            // As it was done the last time, until the maker says otherwise.
            ...(view.runs.at(-1)?.backInPot === true ? { backInPot: true } : {}),
          }),
          blocksInHand,
        ),
      ),
    );
  };
  const press = () => {
    if (isSafetyKept(view.bench.safety, workshop.now())) begin();
    else setIsChecking(true);
  };
  const shortHooks = takes.short.filter((short) => short.item !== metal.id);
  return (
    <section className={apart(20, styles.charge)} aria-label="Charge the pot">
      <Pot
        levelG={Math.min(view.pot.capacityG, chargedG ?? 0)}
        capacityG={view.pot.capacityG}
        heelG={view.pot.heelG}
        label={takes.budget.potFills > 1 ? `Pot, first of ${takes.budget.potFills} fills` : 'Pot, one fill'}
      />
      <div className={stack(8)}>
        <p>
          Charge at least{' '}
          <Figure working={chargeWorking(view, metal, takes.budget, mass)}>
            {massText(takes.budget.chargeG, mass)}
          </Figure>{' '}
          of {metal.name}; {massText(onHand, mass)} on the shelf.
        </p>
        <MassField label="Into the pot" value={chargedG} onChange={setTyped} check={check} width={190} />
        {isPressedCold(metal) ? null : <LightPot chargedG={chargedG ?? proposed} />}
        {shortHooks.map((short) => {
          const bin = view.binById.get(short.item);
          return bin ? (
            <p key={short.item} className={styles.warn}>
              {bin.name}: {amountText(short.short, bin, mass)} short. Pour what there is, and book the run
              early.
            </p>
          ) : null;
        })}
      </div>
      <Button
        type="primary"
        size="large"
        className={styles.begin}
        disabled={chargedG === null || check(chargedG) !== null}
        onClick={press}
      >
        Begin the run
      </Button>
      {isChecking ? (
        <SafetyCheck
          onClose={() => setIsChecking(false)}
          onAnswered={() => {
            setIsChecking(false);
            begin();
          }}
        />
      ) : null}
    </section>
  );
}
