'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { findEnd, RIG_ENDS, type RigEndId } from '@/core/rigs/ends';
import { pulledEnds } from '@/model/bills/rig-uses';
import { rigShelf } from '@/model/rigs/rig-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { strengthText } from '@/text/quantity-text';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { endWorking } from '@/station-kit/figures/end-working';
import { Figure } from '@/ui/figure/Figure';
import { column } from '@/ui/layout/layout';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { useUnits } from '@/ui/units/use-units';
import styles from './matches.module.css';

const LOADED = RIG_ENDS.filter(({ id, leaves }) => leaves !== null && id !== 'plain' && id !== 'through');

/** What knots, snells and crimps leave of a line: typical for what it is made of, until the maker pulled some of his own. */
export function PullsPart() {
  const { view, workshop } = useBench();
  const { strength } = useUnits();
  const lines = rigShelf(view).filter(
    ({ gauge }) => gauge.as === 'line' && gauge.sizes.breakKgf !== undefined,
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const [end, setEnd] = useState<RigEndId>('knot');
  const [brokeKgf, setBroke] = useState<number | null>(null);
  const line = lines.find(({ binId }) => binId === chosen) ?? lines[0];
  const bin = line && view.binById.get(line.binId);
  if (!line || !bin) return null;
  const breakKgf = line.gauge.sizes.breakKgf ?? 0;
  const pulled = pulledEnds(bin, view);
  const keep = async () => {
    if (brokeKgf === null) return;
    await workshop.rigs.pulled({ end, binId: line.binId, brokeKgf });
    setBroke(null);
  };
  return (
    <section className={column(12, styles.ends)} aria-label="What a knot or crimp holds">
      <h3>What a knot or crimp holds</h3>
      <p className="quiet">
        Typical for what the line is made of. Tie one, hang a spring scale on it, pull steadily until it
        breaks: your own pulls go before it, on every line of that make. Goggles on, face away.
      </p>
      <div className={styles.learn}>
        <ChoiceField
          label="Line"
          value={line.binId}
          options={lines.map(({ binId, name }) => ({ value: binId, label: name }))}
          onChange={setChosen}
        />
        <ChoiceField
          label="Tied or crimped"
          value={end}
          options={LOADED.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(next) => setEnd(LOADED.find(({ id }) => id === next)?.id ?? end)}
        />
        <QuantityField
          of="strength"
          label="Broke at"
          least={0.05}
          most={5000}
          isOptional
          value={brokeKgf}
          onChange={setBroke}
        />
        <Button type="primary" disabled={brokeKgf === null} onClick={() => inBackground(keep())}>
          Keep this pull
        </Button>
      </div>
      <ul aria-label={`On ${line.name}`}>
        {LOADED.map(({ id, name, leaves }) => {
          const typical = leaves?.[line.gauge.line ?? 'strand'] ?? 1;
          const own = pulled[id];
          const share = own?.share ?? typical;
          return (
            <li key={id}>
              <strong>{name}</strong>
              <span>
                <Figure
                  working={endWorking({ end: name, line: line.name, breakKgf, typical, own }, strength)}
                >
                  {strengthText(breakKgf * share, strength)}
                </Figure>
              </span>
              <small>
                {own
                  ? `${Math.round(share * 100)} % by ${own.pulls === 1 ? 'a pull' : `${own.pulls} pulls`} of yours${
                      own.between
                        ? `, ${Math.round(own.between[0] * 100)} to ${Math.round(own.between[1] * 100)} %`
                        : ''
                    }`
                  : `${Math.round(share * 100)} %, typical`}
              </small>
            </li>
          );
        })}
      </ul>
      {view.pulls.length > 0 ? (
        <ul aria-label="Pulls">
          {view.pulls.map((pull) => (
            <li key={pull.id}>
              <strong>{findEnd(pull.end).name}</strong>
              <span>{view.binById.get(pull.binId)?.name ?? 'a line gone'}</span>
              <small>broke at {strengthText(pull.brokeKgf, strength)}</small>
              <Button size="small" onClick={() => inBackground(workshop.rigs.unpulled(pull.id))}>
                Forget
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}
