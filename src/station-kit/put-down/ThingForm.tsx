'use client';

import { oneOf } from '@/text/one-of';
import { AutoComplete, Button, ColorPicker } from 'antd';
import { useId } from 'react';
import { numberText } from '@/text/number-text';
import { amountText } from '@/text/words';
import { findTypicalSize } from '@/reference/typical';
import { sizeText } from '@/reference/typical/thing-name';
import { fields, line, stack, wrap } from '@/ui/layout/layout';
import { ThingDrawing } from '@/ui/thing-drawing/ThingDrawing';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { NumberField } from '@/ui/unit-field/NumberField';
import { TextField } from '@/ui/unit-field/TextField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { AmountField } from './AmountField';
import { MeasuredFields } from './MeasuredFields';
import { HeadFields } from './HeadFields';
import { headOf, withSize } from './thing-draft';
import type { usePutDown } from './use-put-down';
import styles from './put-down.module.css';

interface ThingFormProps {
  readonly form: ReturnType<typeof usePutDown>;
  /** Goes back to the kinds; null where only this one would do. */
  readonly onOtherKind: (() => void) | null;
}

/** Roles of which one asks for the color. */
const COLORED = ['trailer', 'lure', 'bead', 'collar', 'float', 'blade', 'line'];
const QTY_LABELS = { pieces: 'How many', g: 'How much', mm: 'How long, each' } as const;

/** What a kind needs to be put down: its size, how much, where, at what price; what it measures is known until measured. */
export function ThingForm({ form, onOtherKind }: ThingFormProps) {
  const { view } = useBench();
  const units = useUnits();
  const { mass, length } = units;
  const id = useId();
  const { draft, read, change } = form;
  const { kind, size, unit } = read;
  const one = oneOf(unit, units);
  const { sign } = view.bench.money;
  const isColored =
    kind.makes === 'strand' ||
    kind.makes === 'powder' ||
    kind.makes === 'head' ||
    (kind.makes === 'part' && COLORED.includes(kind.as));
  const hex = draft.hex ?? ('hex' in read.bin ? read.bin.hex : null);
  return (
    <div className={stack(12)}>
      <div className={line(16)}>
        <ThingDrawing kind={kind} size={size} width={132} height={64} hex={draft.hex ?? undefined} />
        <div>
          <h3>{kind.many}</h3>
          {onOtherKind ? (
            <Button size="small" onClick={onOtherKind}>
              Another kind
            </Button>
          ) : null}
        </div>
      </div>
      {kind.sizes.length > 1 ? (
        <div className={wrap(4, styles.sizes)} role="group" aria-label="Size">
          {kind.sizes.map((each) => (
            <button
              key={each.key}
              type="button"
              aria-pressed={each.key === findTypicalSize(kind, draft.size).key}
              onClick={() => form.setDraft(withSize(draft, each.key))}
            >
              {sizeText(each, length)}
            </button>
          ))}
        </div>
      ) : null}
      <div className={fields(10, styles.fields)}>
        <AmountField
          key={`${kind.id} ${draft.size} qty`}
          label={QTY_LABELS[unit]}
          unit={unit}
          value={draft.qty}
          hint="empty where nobody counted yet"
          onChange={(qty) => change({ qty })}
        />
        {unit === 'mm' ? (
          <CountField
            label="Rolls or sticks"
            value={draft.rolls}
            min={1}
            max={200}
            onChange={(rolls) => change({ rolls: rolls ?? 1 })}
          />
        ) : null}
        <NumberField
          label={`Price, ${sign}`}
          value={draft.price}
          problem={form.priceProblem}
          onChange={(price) => change({ price })}
        />
        <AmountField
          key={`${kind.id} per`}
          label="That price is for"
          unit={unit}
          value={draft.per}
          onChange={(per) => change({ per })}
        />
      </div>
      {form.odd ? (
        <div role="alert" className={styles.odd}>
          <p>
            That makes one {one.word} cost {sign} {numberText((read.costEach ?? 0) * one.holds, 3)}: some{' '}
            {numberText(form.odd.times, 2)} times what such things cost. Is it the price of a whole pack?
          </p>
          <Button size="small" onClick={form.meanPrice}>
            It is the price, as I wrote it
          </Button>
        </div>
      ) : null}
      {kind.makes === 'head' ? (
        <HeadFields head={headOf(draft, kind, length)} onChange={(head) => change({ head })} />
      ) : null}
      <MeasuredFields kind={kind} size={size} draft={draft} onChange={change} />
      <div className={fields(10, styles.fields)}>
        <TextField
          label="Called"
          value={read.name}
          problem={form.nameProblem}
          hint={
            form.into
              ? `Lies there already, ${amountText(view.levels.get(form.into.id) ?? 0, form.into, mass)}: this goes with it.`
              : undefined
          }
          onChange={(name) => change({ name })}
        />
        <TextField label="Where it lies" value={draft.place} onChange={(place) => change({ place })} />
        <FieldShell id={`${id}seller`} label="Who sells it">
          <AutoComplete
            id={`${id}seller`}
            value={draft.seller}
            style={{ width: '100%' }}
            options={view.sellers.filter(({ retired }) => !retired).map(({ name }) => ({ value: name }))}
            onChange={(seller) => change({ seller })}
          />
        </FieldShell>
        {isColored ? (
          <FieldShell id={`${id}hex`} label="Color">
            <ColorPicker
              value={hex ?? '#9aa1a6'}
              disabledAlpha
              showText
              onChangeComplete={(color) => change({ hex: color.toHexString().slice(0, 7) })}
            />
          </FieldShell>
        ) : null}
      </div>
    </div>
  );
}
