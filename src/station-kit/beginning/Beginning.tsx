'use client';

import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState, type ReactNode } from 'react';
import { roundMass } from '@/core/units/round-figure';
import { INCH_UNITS, METRIC_UNITS } from '@/core/units/unit-choices';
import { layOutBench } from '@/model/beginnings/lay-out-bench';
import { findThingKind, findTypicalSize } from '@/reference/typical';
import type { Practice } from '@/reference/typical/practice';
import { PRACTICES } from '@/reference/typical/practices';
import { row, stack, wrap } from '@/ui/layout/layout';
import { ThingDrawing } from '@/ui/thing-drawing/ThingDrawing';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { setPreferences, usePreferences } from '../preferences-store';
import styles from './beginning.module.css';

interface BeginningProps {
  /** What else one can begin with. */
  readonly others: ReactNode;
  /** The bench is laid out: where its maker goes on. */
  readonly onBegun: (next: string) => void;
}

/** The one thing that an empty bench asks: what one makes, and in which units. Then it lays that bench out. */
export function Beginning({ others, onBegun }: BeginningProps) {
  const { view, workshop } = useBench();
  const { length, mass, temperature } = usePreferences();
  const [sign, setSign] = useState(view.bench.money.sign);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const practices = PRACTICES.filter(({ id }) => chosen.includes(id));
  const toggle = (id: string) =>
    setChosen(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id]);
  const begin = async () => {
    const { newId, now } = workshop;
    const { money, pot } = view.bench;
    await workshop.beginnings.layOut({
      bench: {
        ...view.bench,
        money: { ...money, sign },
        pot: { ...pot, capacityG: roundMass(pot.capacityG, mass), heelG: roundMass(pot.heelG, mass) },
      },
      ...layOutBench(practices, { length, temperature, newId, now: now() }),
    });
    const [first] = practices;
    if (first) onBegun(first.next);
  };
  return (
    <section className={stack(16, styles.beginning)} aria-label="What do you make?">
      <h2>What do you make?</h2>
      <p className="quiet">
        Choose all that you do. Its typical parts are laid out, none of them counted yet, with a block to set
        right and a ticket to change. One undo takes all of it away again.
      </p>
      <ul className={styles.practices}>
        {PRACTICES.map((practice) => (
          <li key={practice.id}>
            <PracticeCard
              practice={practice}
              isChosen={chosen.includes(practice.id)}
              onToggle={() => toggle(practice.id)}
            />
          </li>
        ))}
      </ul>
      <UnitsChoice sign={sign} onSign={setSign} />
      <div className={row(10, styles.foot)}>
        <Button
          type="primary"
          size="large"
          disabled={practices.length === 0}
          onClick={() => inBackground(begin())}
        >
          Lay out my bench
        </Button>
        {others}
      </div>
    </section>
  );
}

interface PracticeCardProps {
  readonly practice: Practice;
  readonly isChosen: boolean;
  readonly onToggle: () => void;
}

function PracticeCard({ practice: { name, says, drawn }, isChosen, onToggle }: PracticeCardProps) {
  return (
    <button type="button" className={styles.practice} aria-pressed={isChosen} onClick={onToggle}>
      <span className={styles.drawn}>
        {drawn.map(([kindId, key]) => {
          const kind = findThingKind(kindId);
          const size = findTypicalSize(kind, key);
          return (
            <ThingDrawing key={kindId} kind={kind} size={size} width={92} height={46} mostPxPerMm={3.4} />
          );
        })}
      </span>
      <strong>{name}</strong>
      <span className="quiet">{says}</span>
    </button>
  );
}

const SYSTEMS = { inch: INCH_UNITS, metric: METRIC_UNITS } as const;

/** How money is written most often; the browser's own besides. */
const SIGNS = ['$', '€', '£', 'kr'];

interface UnitsChoiceProps {
  readonly sign: string;
  readonly onSign: (sign: string) => void;
}

/** Ounces, inches and Fahrenheit, or grams, millimeters and Celsius; what money is paid, what paper is in the printer. */
function UnitsChoice({ sign, onSign }: UnitsChoiceProps) {
  const { view } = useBench();
  const { length, paper } = usePreferences();
  return (
    <div className={wrap(12)}>
      <Segmented<'inch' | 'metric'>
        aria-label="Units"
        value={length === 'in' ? 'inch' : 'metric'}
        options={[
          { value: 'inch', label: 'oz, in, lb, °F' },
          { value: 'metric', label: 'g, mm, kg, °C' },
        ]}
        onChange={(system) => setPreferences(SYSTEMS[system])}
      />
      <Segmented<string>
        aria-label="Money"
        value={sign}
        options={[...new Set([view.bench.money.sign, ...SIGNS])]}
        onChange={onSign}
      />
      <Segmented<'letter' | 'a4'>
        aria-label="Paper"
        value={paper}
        options={[
          { value: 'letter', label: 'Letter' },
          { value: 'a4', label: 'A4' },
        ]}
        onChange={(next) => setPreferences({ paper: next })}
      />
    </div>
  );
}
