'use client';

import Link from 'next/link';
import { useId, useState } from 'react';
import { roundLength, roundMass, roundTemperature } from '@/core/units/round-figure';
import { usualAsked, type AnswerField, type QuickAnswer } from '@/model/answers/quick-answer';
import { useBench } from '@/station-kit/BenchProvider';
import type { ScreenUnits } from '@/text/written-in';
import { stack, wrap } from '@/ui/layout/layout';
import { MassField } from '@/ui/unit-field/MassField';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { useUnits } from '@/ui/units/use-units';
import styles from './answers.module.css';

type Measured = Exclude<AnswerField, { is: 'choice' }>;

const MM_PER_M = 1000;

/** What a field begins with, round in the maker's own units. */
function roundedIn({ mass, length, temperature }: ScreenUnits) {
  return ({ is, usual }: Measured): number => {
    if (is === 'mass') return roundMass(usual, mass);
    if (is === 'length') return roundLength(usual, length);
    if (is === 'depth') return roundLength(usual * MM_PER_M, length) / MM_PER_M;
    return is === 'temperature' ? roundTemperature(usual, temperature) : usual;
  };
}

/** One question: what it asks for, its answer as one types, where the figures are from, and its own tool. */
export function AnswerCard({ of }: { readonly of: QuickAnswer }) {
  const units = useUnits();
  const id = useId();
  const [asked, setAsked] = useState(() => usualAsked(of.fields, roundedIn(units)));
  // What was cleared or cannot be read has no answer until it is mended.
  const [open, setOpen] = useState<readonly string[]>([]);
  const said = open.length > 0 ? null : of.answer(asked, units);
  const set = (key: string) => (value: number | null) => {
    setOpen(
      value === null ? [...open.filter((each) => each !== key), key] : open.filter((each) => each !== key),
    );
    if (value !== null) setAsked({ ...asked, [key]: value });
  };
  return (
    <section className={styles.answer} aria-labelledby={id}>
      <h2 id={id}>{of.asks}</h2>
      <div className={wrap(10, styles.fields)}>
        {Object.entries(of.fields).map(([key, field]) =>
          field.is === 'choice' ? (
            <ChoiceField
              key={key}
              label={field.label}
              value={String(asked[key])}
              options={field.options}
              onChange={(value) => value !== null && setAsked({ ...asked, [key]: value })}
            />
          ) : (
            <AskedField
              key={key}
              of={field}
              value={open.includes(key) ? null : Number(asked[key])}
              onChange={set(key)}
            />
          ),
        )}
      </div>
      <div className={stack(2)} role="status">
        {said === null ? (
          <p>Write what is missing above.</p>
        ) : said.isKnown ? (
          <>
            <strong>{said.says}</strong>
            {said.more.map((each) => (
              <p key={each}>{each}</p>
            ))}
          </>
        ) : (
          <p className="wrong">{said.why}</p>
        )}
      </div>
      <footer className="quiet">
        {of.source}{' '}
        <Link href={of.opens.href(asked)} prefetch={false}>
          Open it at {of.opens.at}
        </Link>
      </footer>
    </section>
  );
}

function AskedField({
  of: { is, label, least, most },
  value,
  onChange,
}: {
  readonly of: Measured;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}) {
  const { sign } = useBench().view.bench.money;
  if (is === 'mass') return <MassField label={label} value={value} onChange={onChange} />;
  if (is === 'number' || is === 'money') {
    const said = is === 'money' ? `${label}, ${sign}` : label;
    return <NumberField label={said} least={least} most={most} value={value} onChange={onChange} />;
  }
  return <QuantityField of={is} label={label} least={least} most={most} value={value} onChange={onChange} />;
}
