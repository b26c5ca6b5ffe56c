'use client';

import { Button, Select } from 'antd';
import { useId, useMemo } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import { hookRank } from '@/core/units/hook-rank';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import {
  jigOf,
  MassField,
  markText,
  refusalsOf,
  skirtText,
  temperatureText,
  useBench,
  usePreferences,
} from '../shared';
import { newestOf } from './board';
import type { OrderLine } from './order';
import styles from './order.module.css';

interface OrderLineFieldsProps {
  readonly line: OrderLine;
  readonly no: number;
  readonly onChange: (line: OrderLine) => void;
  readonly onRemove: () => void;
}

const NONE = 'none';

/** One piece as the customer chooses it, drawn large at rest and on a stop to show. */
export function OrderLineFields({ line, no, onChange, onRemove }: OrderLineFieldsProps) {
  const { view } = useBench();
  const { mass, temperature } = usePreferences();
  const id = useId();
  const set = (change: Partial<OrderLine>) => onChange({ ...line, ...change });
  const skirt = view.skirtById.get(line.skirtId ?? '');
  const coat = view.coatById.get(line.coatId ?? '');
  const jig = useMemo(() => (skirt ? jigOf(skirt, view, line) : null), [skirt, line, view]);
  const refusals = coat
    ? refusalsOf(coat, line.metalBinId, view, (celsius) => temperatureText(celsius, temperature))
    : [];
  const parts = (sort: string) =>
    view.bins
      .filter((bin) => bin.kind === 'part' && bin.sort === sort)
      .map((bin) => ({ value: bin.id, label: bin.name }));
  const pick = (
    label: string,
    value: string | null,
    options: { value: string; label: string }[],
    onPick: (value: string | null) => void,
    canBeNone = true,
  ) => (
    <FieldShell id={`${id}${label}`} label={label}>
      <Select
        id={`${id}${label}`}
        value={value ?? NONE}
        style={{ width: '100%' }}
        popupMatchSelectWidth={false}
        showSearch={{ optionFilterProp: 'label' }}
        options={[...(canBeNone ? [{ value: NONE, label: 'none' }] : []), ...options]}
        onChange={(next) => onPick(next === NONE ? null : next)}
      />
    </FieldShell>
  );
  return (
    <section className={styles.fields} aria-label={`Piece ${no}`}>
      {jig ? (
        <div className={styles.show}>
          <SkirtDrawing
            name={`Piece ${no} at rest`}
            jig={jig}
            state={{ is: 'rest' }}
            view="side"
            pxPerMm={3.2}
            maxWidthPx={222}
          />
          <SkirtDrawing
            name={`Piece ${no} on a stop`}
            jig={jig}
            state={{ is: 'open', open: 1, pulse: 0 }}
            view="side"
            pxPerMm={1.8}
            maxWidthPx={138}
          />
        </div>
      ) : null}
      <div className={styles.grid}>
        {pick(
          'Skirt',
          line.skirtId,
          newestOf(view.skirts).map((each) => ({ value: each.id, label: skirtText(each) })),
          (skirtId) => set({ skirtId, collarBinId: view.skirtById.get(skirtId ?? '')?.collar.binId ?? null }),
        )}
        {pick(
          'Head color',
          line.coatId,
          view.coats.filter(({ retired }) => !retired).map((each) => ({ value: each.id, label: each.name })),
          (coatId) => set({ coatId }),
        )}
        {pick('Guard', line.guardBinId, parts('weed guards'), (guardBinId) => set({ guardBinId }))}
        {pick('Collar', line.collarBinId, parts('collars'), (collarBinId) => set({ collarBinId }))}
        {pick(
          'Head',
          line.style,
          HEAD_STYLES.filter(({ isHooked }) => isHooked).map(({ key, name }) => ({
            value: key,
            label: name,
          })),
          (style) => style && set({ style, hookBinId: findStyle(style)?.isHooked ? line.hookBinId : null }),
          false,
        )}
        <MassField
          label="Weight"
          value={line.nominalG}
          write={(grams) => markText(grams, mass)}
          onChange={(nominalG) => nominalG !== null && nominalG > 0 && set({ nominalG })}
        />
        {pick(
          'Hook',
          line.hookBinId,
          [...view.hooks.values()]
            .sort((a, b) => (hookRank(a.size)?.rank ?? 0) - (hookRank(b.size)?.rank ?? 0))
            .map((hook) => ({ value: hook.id, label: hook.name })),
          (hookBinId) => set({ hookBinId }),
        )}
        {pick(
          'Metal',
          line.metalBinId,
          view.metals.map((metal) => ({ value: metal.id, label: metal.name })),
          (metalBinId) => metalBinId && set({ metalBinId }),
          false,
        )}
        <CountField
          label="Pieces"
          value={line.count}
          min={1}
          onChange={(count) => count !== null && set({ count })}
        />
      </div>
      {refusals.map((why) => (
        <p key={why} role="alert" className={styles.refusal}>
          {coat?.name}: {why}
        </p>
      ))}
      <Button onClick={onRemove}>Take this piece out</Button>
    </section>
  );
}
