'use client';

import { roundMass } from '@/core/units/round-figure';
import { meltsText } from '@/text/quantity-text';
import { apart, stack, wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { numberText as n } from '@/text/number-text';
import { REFERENCE_METALS } from '@/reference/metals';
import { bulkOf } from '@/text/one-of';
import { NumberField } from '@/ui/unit-field/NumberField';
import { PercentField } from '@/ui/unit-field/PercentField';
import { rangeOf } from '@/reference/range-of';
import {
  blendCostWorking,
  blendWorking,
  hardnessWorking,
  meltsWorking,
} from '@/station-kit/figures/metal-working';
import { Figure } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { lotText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { compositionText, ELEMENT_NAMES, hardnessOf, traceText } from '@/model/metals/alloys';
import { blendInput, lotsFor, whyOutOfReach, type Family } from '@/model/metals/blend-request';
import type { Charge } from '@/model/metals/charge';
import { JobFailure } from '@/station-kit/JobFailure';
import { useBlend } from './use-blend';
import styles from './metal.module.css';

/** The hardnesses that makers ask for, by antimony. */
const HARDNESSES = REFERENCE_METALS.filter(({ isLead, key }) => isLead && key !== 'type-metal').map(
  (metal) => ({
    sb: metal.composition.Sb ?? 0,
    label: `${metal.composition.Sb ? `${(metal.composition.Sb * 100).toFixed(0)} % antimony` : 'soft'}, ${metal.brinell.value} HB`,
  }),
);

const SPREAD = 0.005;

/** Asks for a blend: how hard, of what, how dear; the cheapest there is, or the nearest and why. */
export function BlendForm({ onClose, onTake }: { onClose: () => void; onTake: (charge: Charge) => void }) {
  const { view } = useBench();
  const { mass, temperature } = useUnits();
  const [family, setFamily] = useState<Family>('lead');
  const [amountG, setAmountG] = useState<number | null>(() => roundMass(2000, mass));
  const [min, setMin] = useState<number | null>(0.035);
  const [max, setMax] = useState<number | null>(0.045);
  const [element, setElement] = useState<string | null>(null);
  const [otherMin, setOtherMin] = useState<number | null>(null);
  const [otherMax, setOtherMax] = useState<number | null>(null);
  const [most, setMost] = useState<number | null>(null);
  // Counts what was set by a press, so that the fields show it over what was typed.
  const [round, setRound] = useState(0);
  const bulk = bulkOf(mass);

  const lots = lotsFor(family, view.metals, view.levels);
  const request = {
    family,
    amountG,
    antimony: { min: min ?? undefined, max: max ?? undefined },
    other: element ? { element, band: { min: otherMin ?? undefined, max: otherMax ?? undefined } } : null,
    mostPerKg: most === null ? null : most / bulk.holds,
  };
  const input = blendInput(request, lots, view.levels);
  const { blend, problem, job } = useBlend(amountG !== null && amountG > 0 ? input : null);
  const each = blend && amountG ? (blend.cost / amountG) * 1000 * bulk.holds : null;
  const isDear = each !== null && most !== null && each > most;
  const m = (massG: number) => massText(massG, mass);
  const range = blend ? rangeOf(blend.composition) : null;
  const hardness = blend ? hardnessOf(blend.composition) : null;

  const take = () => {
    if (!blend) return;
    onTake(blend.picks.map(({ id, g }) => ({ binId: id, g })));
    onClose();
  };

  return (
    <Dialog
      open
      title="Ask for a blend"
      width={620}
      onCancel={onClose}
      onOk={take}
      okText={blend && !blend.feasible ? 'Put the nearest into the pot' : 'Put it into the pot'}
      okButtonProps={{ disabled: !blend }}
    >
      <div className={stack(10)}>
        <Segmented<Family>
          aria-label="Of which metals"
          value={family}
          options={[
            { value: 'lead', label: 'Lead lots' },
            { value: 'lead-free', label: 'Lead-free lots' },
          ]}
          onChange={(next) => {
            setFamily(next);
            setRound(round + 1);
            if (next === 'lead-free') {
              setMin(null);
              setMax(null);
            }
          }}
        />
        <MassField
          label="How much"
          value={amountG}
          write={m}
          onChange={setAmountG}
          check={(grams) => (grams <= 0 ? 'Ask for more than nothing, such as 2 kg or 5 lb.' : null)}
        />
        {family === 'lead' ? (
          <div className={wrap(6)} role="group" aria-label="As hard as">
            {HARDNESSES.map(({ sb, label }) => (
              <Button
                key={label}
                size="small"
                onClick={() => {
                  setRound(round + 1);
                  setMin(sb === 0 ? null : sb - SPREAD);
                  setMax(sb + SPREAD);
                }}
              >
                {label}
              </Button>
            ))}
          </div>
        ) : null}
        <div className={apart(10, styles.bandRow)}>
          <PercentField key={`min ${round}`} label="Antimony from" value={min} most={1} onChange={setMin} />
          <PercentField key={`max ${round}`} label="to" value={max} most={1} onChange={setMax} />
          <NumberField
            label={`At most, ${view.bench.money.sign} a ${bulk.word}`}
            value={most}
            onChange={setMost}
          />
        </div>
        <div className={apart(10, styles.bandRow)}>
          <Select
            aria-label="Another element"
            allowClear
            placeholder="and another element"
            value={element}
            options={['Sn', 'Pb', 'Bi', 'Cu'].map((value) => ({ value, label: ELEMENT_NAMES[value] }))}
            onChange={(next?: string) => setElement(next ?? null)}
          />
          {element ? (
            <>
              <PercentField label="From" value={otherMin} most={1} onChange={setOtherMin} />
              <PercentField label="to" value={otherMax} most={1} onChange={setOtherMax} />
            </>
          ) : null}
        </div>
      </div>
      <section aria-label="The blend" aria-live="polite" className={stack(6, styles.blendAnswer)}>
        <JobFailure job={job} />
        {problem ? <p className="stop">{problem}</p> : null}
        {blend ? (
          <>
            {blend.feasible ? null : (
              <p className="stop">
                Not to be reached: the nearest misses by {n(blend.worstMissShare * 100, 2)} %.{' '}
                {whyOutOfReach(input.target, lots, ELEMENT_NAMES)}
              </p>
            )}
            <p className={wrap(0, styles.blendPicks)}>
              {blend.picks.map(({ id, g }) => (
                <span key={id}>
                  <Figure size="large" working={blendWorking(blend.picks, view.binById, mass)}>
                    {m(g)}
                  </Figure>{' '}
                  {lotText(view.binById.get(id)?.name ?? id)}
                </span>
              ))}
            </p>
            <p>
              {compositionText(blend.composition)}
              {range ? (
                <>
                  ; melts{' '}
                  <Figure working={meltsWorking(range, compositionText(blend.composition), temperature)}>
                    {meltsText(range, temperature)}
                  </Figure>
                  {traceText(range)}
                </>
              ) : null}
              {hardness === null ? null : (
                <>
                  ; about{' '}
                  <Figure working={hardnessWorking(compositionText(blend.composition))}>
                    {n(hardness, 2)} Brinell
                  </Figure>
                </>
              )}
            </p>
            {each !== null && lots.every(({ costPerKg }) => costPerKg !== null) ? (
              <p className={isDear ? 'stop' : undefined}>
                <Figure working={blendCostWorking(blend.picks, view.binById, mass, view.bench.money.sign)}>
                  {each.toFixed(2)}
                </Figure>{' '}
                a {bulk.word}, the cheapest there is
                {isDear
                  ? `: over ${n(most ?? 0)} by ${(each - (most ?? 0)).toFixed(2)}. Allow more, or a softer metal.`
                  : '.'}
              </p>
            ) : (
              <p className="quiet">Some lots have no price; write it on them to see the cost.</p>
            )}
          </>
        ) : null}
      </section>
    </Dialog>
  );
}
