'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { MassField } from '@/ui/unit-field/MassField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { balanceWorking, stretchWorking } from '@/station-kit/figures/skirt-working';
import { Figure } from '@/ui/figure/Figure';
import { PercentField } from '@/ui/unit-field/PercentField';
import { Button } from 'antd';
import { tailBalance } from '@/core/skirts/tail-balance';
import { wrapSheet } from '@/core/skirts/wrap-sheet';
import { numberText } from '@/text/number-text';
import type { Skirt } from '@/records/skirt';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { withWrap } from '@/model/skirts/sheet-wrap';
import { useBench } from '@/station-kit/BenchProvider';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import { MaterialSelect } from './MaterialSelect';
import styles from './skirt.module.css';

type Tail = Skirt['tails'][number];

interface SheetFieldsProps {
  readonly draft: SkirtDraft;
  readonly wrap: NonNullable<Skirt['wrap']>;
  readonly onChange: (draft: SkirtDraft) => void;
}

/** A sheet wrapped round a head: how many legs go round, how far they stretch, whether the tails inside balance. */
export function SheetFields({ draft, wrap, onChange }: SheetFieldsProps) {
  const { legs, stretch, fits } = wrapSheet(wrap.headDiameterMm, wrap.legWidthMm, wrap.maxStretch);
  const { view } = useBench();
  const setWrap = (change: Partial<typeof wrap>) => onChange(withWrap(draft, { ...wrap, ...change }, view));
  const { tails } = draft;
  const setTails = (next: Skirt['tails']) => onChange({ ...draft, tails: next });
  const balance = tails.length > 0 ? tailBalance(tails) : null;
  const fields = [
    ['headDiameterMm', 'Round the head, across', 1, 200],
    ['legWidthMm', 'A leg, wide', 0.5, 50],
  ] as const;
  return (
    <div className={styles.sheet}>
      {fields.map(([field, label, min, max]) => (
        <QuantityField
          key={field}
          of="length"
          label={label}
          least={min}
          most={max}
          value={wrap[field]}
          onChange={(value) => value !== null && setWrap({ [field]: value })}
        />
      ))}
      {(
        [
          ['bandMm', 'Band, left whole'],
          ['saddleMm', 'Saddle behind it'],
        ] as const
      ).map(([field, label]) => (
        <QuantityField
          key={field}
          of="length"
          label={label}
          least={0}
          most={200}
          isOptional
          value={wrap[field] ?? null}
          onChange={(value) => setWrap({ [field]: value ?? undefined })}
        />
      ))}
      <PercentField
        label="Stretches at most"
        most={1}
        value={wrap.maxStretch}
        onChange={(maxStretch) => maxStretch !== null && setWrap({ maxStretch })}
      />
      <p role={fits ? 'status' : 'alert'} className={fits ? undefined : styles.short}>
        {legs === 0 ? (
          'No leg goes round: it is wider than the round. Cut the legs narrower.'
        ) : (
          <>
            {legs} {legs === 1 ? 'leg' : 'legs'}, stretched by{' '}
            <Figure working={stretchWorking(legs, stretch ?? 0, wrap.maxStretch)}>
              {numberText((stretch ?? 0) * 100, 2)} %
            </Figure>
            {fits
              ? null
              : `: over the ${numberText(wrap.maxStretch * 100, 3)} % it bears. Cut the legs narrower or wider until one more closes the round.`}
          </>
        )}
      </p>
      <div className={styles.tails}>
        <strong>Inner tails</strong>
        {tails.map((tail, index) => (
          <TailFields
            key={index}
            no={index + 1}
            tail={tail}
            onChange={(next) => setTails(tails.map((each, at) => (at === index ? next : each)))}
            onRemove={() => setTails(tails.filter((_, at) => at !== index))}
          />
        ))}
        <Button size="small" onClick={() => setTails([...tails, tailAfter(tails)])}>
          + tail
        </Button>
        {balance ? (
          <p
            role={balance.isBalanced ? 'status' : 'alert'}
            className={balance.isBalanced ? undefined : styles.short}
          >
            {balance.isBalanced ? (
              'Balanced round the axis.'
            ) : (
              <>
                Heavier toward {Math.round(balance.towardDeg ?? 0)}°,{' '}
                <Figure working={balanceWorking(balance.offShare)}>
                  {Math.round(balance.offShare * 100)} %
                </Figure>{' '}
                off the axis: it would spin. Set a tail opposite.
              </>
            )}
          </p>
        ) : null}
      </div>
    </div>
  );
}

interface TailFieldsProps {
  readonly no: number;
  readonly tail: Tail;
  readonly onChange: (tail: Tail) => void;
  readonly onRemove: () => void;
}

function TailFields({ no, tail, onChange, onRemove }: TailFieldsProps) {
  return (
    <span>
      <NumberField
        isBare
        label={`Angle of tail ${no}`}
        suffix="°"
        most={360}
        step={15}
        value={tail.angleDeg}
        onChange={(angleDeg) => angleDeg !== null && onChange({ ...tail, angleDeg })}
      />
      <MassField
        isBare
        label={`Weight of tail ${no}`}
        value={tail.massG}
        onChange={(massG) => massG !== null && massG > 0 && onChange({ ...tail, massG })}
      />
      <div style={{ width: 140 }}>
        <MaterialSelect
          label={`Tail ${no} is cut from`}
          value={tail.binId ?? null}
          onChange={(binId) => onChange({ ...tail, binId })}
        />
      </div>
      <CountField
        isBare
        label={`Legs of tail ${no}`}
        min={1}
        max={500}
        value={tail.legs ?? 1}
        onChange={(legs) => legs !== null && onChange({ ...tail, legs })}
      />
      <Button size="small" onClick={onRemove}>
        Take out
      </Button>
    </span>
  );
}

/** Every second tail goes opposite the one before it. */
function tailAfter(tails: readonly Tail[]): Tail {
  const last = tails.at(-1);
  return last && tails.length % 2 === 1
    ? { ...last, angleDeg: (last.angleDeg + 180) % 360 }
    : { angleDeg: (tails.length * 45 + 90) % 360, massG: 0.5 };
}
