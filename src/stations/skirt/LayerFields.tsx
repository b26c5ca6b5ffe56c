'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { CountField } from '@/ui/unit-field/CountField';
import { stack, wrap } from '@/ui/layout/layout';
import { Button, Checkbox } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useId } from 'react';
import type { SkirtLayerRecord } from '@/records/skirt';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { lengthText } from '@/text/words';
import { longSideMm } from '@/model/skirts/held-at';
import { materialOf } from '@/model/skirts/skirt-facts';
import { tabsText } from '@/text/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { longOf, withMaterial, withShort } from '@/model/skirts/skirt-draft';
import { MaterialSelect } from './MaterialSelect';
import { MovingSlider } from '@/ui/skirt-drawing/MovingSlider';
import styles from './skirt.module.css';

interface LayerFieldsProps {
  readonly layer: SkirtLayerRecord;
  readonly place: number;
  /** Where along its strands the skirt is held: what lies behind is no longer than that leaves. */
  readonly atShare: number;
  readonly layers: readonly SkirtLayerRecord[];
  readonly onChange: (layer: SkirtLayerRecord) => void;
  readonly onMove: (layer: SkirtLayerRecord) => void;
  readonly onRemove: (() => void) | null;
}

const TABS = [0.25, 0.5, 0.75, 1, 1.5, 2, 2.5, 3] as const;
const PLACES = [
  { value: 'round', label: 'Round' },
  { value: 'top', label: 'Top' },
  { value: 'below', label: 'Below' },
  { value: 'left', label: 'Left' },
  { value: 'right', label: 'Right' },
  { value: 'angles', label: 'Angles' },
] as const;

/** What a layer is made of, how much of it, where, how long, how it is tied. */
export function LayerFields(props: LayerFieldsProps) {
  const { layer, place, atShare, layers, onChange, onMove, onRemove } = props;
  const { view } = useBench();
  const { length } = useUnits();
  const id = useId();
  const material = materialOf(layer, view);
  const set = (change: Partial<SkirtLayerRecord>) => onChange({ ...layer, ...change });
  const { place: where } = layer;
  return (
    <div className={stack(6, styles.layerFields)}>
      <FieldShell id={`${id}material`} label="Material">
        <MaterialSelect
          label={`Material of layer ${place}`}
          value={layer.binId}
          onChange={(binId) => {
            const next = view.binById.get(binId);
            if (next?.kind === 'strand') onChange(withMaterial(layer, material, next));
          }}
        />
      </FieldShell>
      <AmountField layer={layer} place={place} form={material?.form ?? 'tab'} onChange={set} />
      <FieldShell id={`${id}place`} label="Place">
        <Segmented
          size="small"
          aria-label={`Place of layer ${place}`}
          value={where.at}
          options={[...PLACES]}
          onChange={(at) =>
            set({ place: at === 'angles' ? { at, fromDeg: 300, toDeg: 60 } : { at: at as 'round' } })
          }
        />
      </FieldShell>
      {where.at === 'angles' ? (
        <div className={wrap(6)}>
          {(['fromDeg', 'toDeg'] as const).map((end) => (
            <NumberField
              key={end}
              label={end === 'fromDeg' ? 'From, ° clockwise' : 'To, °'}
              hint={end === 'fromDeg' ? '0 on top, seen from behind' : ''}
              most={360}
              step={5}
              value={where[end]}
              onChange={(deg) => deg !== null && set({ place: { ...where, [end]: deg } })}
            />
          ))}
        </div>
      ) : null}
      <MovingSlider
        name={`Length of layer ${place}`}
        label={(lengthMm) => `Length from the collar, ${lengthText(lengthMm, length)}`}
        min={5}
        max={material ? Math.max(10, longSideMm(material.longMm, atShare)) : 120}
        value={layer.lengthMm}
        onMove={(lengthMm) => onMove({ ...layer, lengthMm })}
        onDone={(lengthMm) => set({ lengthMm })}
      />
      <div className={stack(2)}>
        <Checkbox
          checked={layer.isShort}
          onChange={({ target }) => onChange(withShort(layer, target.checked, longOf(layers)))}
        >
          Cut short at the collar
        </Checkbox>
        <Checkbox checked={layer.isForward} onChange={({ target }) => set({ isForward: target.checked })}>
          Tied forward, folded back
        </Checkbox>
      </div>
      {onRemove ? (
        <Button size="small" onClick={onRemove}>
          Take the layer out
        </Button>
      ) : null}
    </div>
  );
}

interface AmountFieldProps {
  readonly layer: SkirtLayerRecord;
  readonly place: number;
  readonly form: 'tab' | 'hair' | 'fur' | 'sheet';
  readonly onChange: (change: Partial<SkirtLayerRecord>) => void;
}

function AmountField({ layer, place, form, onChange }: AmountFieldProps) {
  const id = useId();
  const { amount } = layer;
  if (form === 'hair') {
    return (
      <QuantityField
        label="Bundle, pinched, thick"
        of="length"
        least={0.3}
        most={30}
        value={amount.by === 'bundle' ? amount.diameterMm : null}
        onChange={(diameterMm) => diameterMm !== null && onChange({ amount: { by: 'bundle', diameterMm } })}
      />
    );
  }
  if (form === 'fur') {
    return (
      <NumberField
        label="Bunches"
        least={0.25}
        most={20}
        step={0.25}
        value={amount.by === 'bunches' ? amount.bunches : null}
        onChange={(bunches) => bunches !== null && onChange({ amount: { by: 'bunches', bunches } })}
      />
    );
  }
  const known = amount.by === 'tabs' && TABS.some((tabs) => tabs === amount.tabs);
  return (
    <FieldShell id={`${id}amount`} label={form === 'sheet' ? 'Sheets' : 'Tabs'}>
      <div className={wrap(6, styles.amounts)}>
        <Segmented<number>
          size="small"
          aria-label={`Amount of layer ${place}`}
          value={known ? amount.tabs : 0}
          options={[
            ...TABS.map((tabs) => ({ value: tabs as number, label: tabsText(tabs) })),
            ...(known ? [] : [{ value: 0, label: form === 'sheet' ? 'legs' : 'strands' }]),
          ]}
          onChange={(tabs) => tabs > 0 && onChange({ amount: { by: 'tabs', tabs } })}
        />
        <CountField
          isBare
          isOptional
          label={`Strands of layer ${place}`}
          placeholder="strands"
          min={1}
          max={2000}
          value={amount.by === 'strands' ? amount.strands : null}
          onChange={(strands) => strands !== null && onChange({ amount: { by: 'strands', strands } })}
        />
      </div>
    </FieldShell>
  );
}
