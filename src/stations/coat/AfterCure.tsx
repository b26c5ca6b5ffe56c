'use client';

import { useUnits } from '@/ui/units/use-units';
import { proseIn } from '@/text/prose-in';
import { fields, stack, wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import {
  COAT_CAUSES,
  COAT_FAULTS,
  findCoatCause,
  findCoatFault,
  type CoatFaultId,
} from '@/core/coats/faults';
import { likelyCauses } from '@/core/coats/learn-faults';
import { adhesionTrials, TRAY_CHECKS } from '@/core/coats/tray-checks';
import type { Rack } from '@/records/rack';
import { CountField } from '@/ui/unit-field/CountField';
import { afterCoating } from '@/model/next/next-steps';
import { NextSteps } from '@/station-kit/NextSteps';
import { useBench } from '@/station-kit/BenchProvider';
import { Checks } from './Checks';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

const AFTER = TRAY_CHECKS.filter(({ when }) => when === 'after');
const SHOWN = 3;

/** A rack that came out: gloss and adhesion, what is wrong and of what it came, what is coated again. */
export function AfterCure({ rack }: { rack: Rack }) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const coats = [...new Set(rack.hung.map(({ coatId }) => coatId))];
  const rods = [...new Set(rack.hung.map(({ rod }) => rod))].sort((a, b) => a - b);
  const [fault, setFault] = useState<CoatFaultId | null>(null);
  const [coatId, setCoatId] = useState(coats[0] ?? '');
  const [count, setCount] = useState<number | null>(1);
  const [fate, setFate] = useState<'again' | 'kept'>('again');
  const own = view.coatFaults.filter(({ rackId }) => rackId === rack.id);
  const onRack = rack.hung.filter((head) => head.coatId === coatId).length;
  const problem = count !== null && count > onRack ? `Only ${onRack} of this color hung there.` : null;
  const causes = fault ? likelyCauses(fault, view.coatFaults).slice(0, SHOWN) : [];
  const note = async () => {
    if (!fault || count === null || problem) return;
    const noted = { coatId, fault, count, cause: null, isRecoated: fate === 'again' };
    if (await carryOut(workshop.racks.note(rack.id, noted))) {
      setFault(null);
      setCount(1);
    }
  };
  return (
    <section className={stack(10, styles.panel)} aria-label={`Rack ${rack.no}`}>
      <header>
        <h2>
          Rack {rack.no}{' '}
          <small>
            {rack.ovenId === null ? 'hung, not baked' : 'out'}, {rack.hung.length} heads
          </small>
        </h2>
      </header>
      <NextSteps steps={afterCoating(rack, view)} />
      <p className="quiet">
        Look once they are cold. Try {adhesionTrials(rack.hung.length)}{' '}
        {adhesionTrials(rack.hung.length) === 1 ? 'head' : 'heads'} for hold: a small cross cut and taped, or
        a tap on the bench.
      </p>
      <Checks rack={rack} checks={AFTER} rods={rods} />
      <h3>What is wrong</h3>
      <div className={wrap(4, styles.faults)} role="group" aria-label="What is wrong">
        {COAT_FAULTS.map(({ id, name, looks }) => (
          <button
            key={id}
            type="button"
            title={looks}
            aria-pressed={fault === id}
            onClick={() => setFault(fault === id ? null : id)}
          >
            {name}
          </button>
        ))}
      </div>
      {fault ? (
        <div className={stack(8)}>
          <p className="quiet">
            {capital(findCoatFault(fault).looks)}. Mostly of:{' '}
            {causes
              .map(
                ({ cause, share }) =>
                  `${findCoatCause(cause).name.toLowerCase()} ${Math.round(share * 100)} %`,
              )
              .join(', ')}
            . {proseIn(findCoatCause(causes[0]?.cause ?? 'too-hot').mend, units)}
          </p>
          {coats.length > 1 ? (
            <Select
              aria-label="In which color"
              value={coatId}
              options={coats.map((id) => ({
                value: id,
                label: view.coatById.get(id)?.name ?? 'a color gone',
              }))}
              onChange={setCoatId}
            />
          ) : null}
          <span className={fields(8)}>
            <CountField
              label="How many"
              value={count}
              min={1}
              onChange={setCount}
              problem={problem}
              width={90}
            />
            <Segmented<'again' | 'kept'>
              aria-label="What becomes of them"
              value={fate}
              options={[
                { value: 'again', label: 'coat again' },
                { value: 'kept', label: 'stay so' },
              ]}
              onChange={setFate}
            />
            <Button
              type="primary"
              disabled={problem !== null || count === null}
              onClick={() => inBackground(note())}
            >
              Note {findCoatFault(fault).name.toLowerCase()}
            </Button>
          </span>
        </div>
      ) : null}
      {own.length > 0 ? (
        <ul className={styles.noted} aria-label="Noted of this rack">
          {own.map((each) => (
            <li key={each.id}>
              <span>
                <b>{each.count}</b> {findCoatFault(each.fault).name.toLowerCase()},{' '}
                {view.coatById.get(each.coatId)?.name ?? ''}
              </span>
              <Select
                size="small"
                allowClear
                aria-label={`What ${findCoatFault(each.fault).name.toLowerCase()} came of`}
                placeholder="came of"
                popupMatchSelectWidth={false}
                value={each.cause}
                options={COAT_CAUSES.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={(cause) => inBackground(workshop.racks.setCause(each, cause ?? null))}
              />
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
