'use client';

import { roundLength } from '@/core/units/round-figure';
import { oneOf } from '@/text/one-of';
import { useUnits } from '@/ui/units/use-units';
import { AmountField } from '@/station-kit/put-down/AmountField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { CountField } from '@/ui/unit-field/CountField';
import { line } from '@/ui/layout/layout';
import { ColorPicker, Slider } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useId, useState } from 'react';
import type { StrandBin } from '@/records/bin';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField } from '@/ui/unit-field/MassField';
import { TextField } from '@/ui/unit-field/TextField';
import { PLAIN_BIN } from '@/records/plain-bin';
import { useBench } from '@/station-kit/BenchProvider';
import { MaterialFlakes } from '@/ui/skirt-drawing/MaterialFlakes';
import { StrandSwatch } from '@/ui/skirt-drawing/StrandSwatch';
import styles from './materials.module.css';
import { inBackground } from '@/station-kit/in-background';

interface MaterialFormProps {
  /** To change; null for a new one. */
  readonly material: StrandBin | null;
  readonly onSaved: (id: string) => void;
  readonly onClose: () => void;
}

const USUAL: Record<
  StrandBin['form'],
  Pick<StrandBin, 'strandWidthMm' | 'strandsPerTab' | 'longMm' | 'unit'>
> = {
  tab: { strandWidthMm: 1, strandsPerTab: 20, longMm: 130, unit: 'pieces' },
  hair: { strandWidthMm: 0.12, strandsPerTab: null, longMm: 110, unit: 'g' },
  fur: { strandWidthMm: 0.06, strandsPerTab: 900, longMm: 55, unit: 'pieces' },
  sheet: { strandWidthMm: 3, strandsPerTab: 24, longMm: 120, unit: 'pieces' },
};
/** What such a material usually is, round in the maker's own unit. */
const usual = (form: StrandBin['form'], length: 'mm' | 'in') => ({
  ...USUAL[form],
  longMm: roundLength(USUAL[form].longMm, length),
});
const PER: Record<StrandBin['form'], string> = {
  tab: 'Strands a tab',
  hair: '',
  fur: 'Strands a bunch',
  sheet: 'Legs a sheet',
};

/** A material put down with its color, its flakes, its strands and how much of it there is. */
export function MaterialForm({ material, onSaved, onClose }: MaterialFormProps) {
  const { view, workshop } = useBench();
  const units = useUnits();
  const id = useId();
  const [bin, setBin] = useState<Omit<StrandBin, 'id' | 'retired'>>(
    () =>
      material ?? {
        ...PLAIN_BIN,
        kind: 'strand',
        form: 'tab',
        ...usual('tab', units.length),
        name: '',
        place: '',
        lowAt: null,
        note: '',
        hex: '#5f6f35',
        flakes: [],
        translucency: 0,
        massG: null,
        costEach: null,
      },
  );
  const [qty, setQty] = useState<number | null>(null);
  const set = (change: Partial<typeof bin>) => setBin({ ...bin, ...change });
  const name = bin.name.trim();
  const problem =
    name === ''
      ? 'Give it a name, such as Tab, reed green.'
      : view.bins.some((each) => each.id !== material?.id && each.name === name)
        ? `There is a bin ${name} already. Call this one otherwise.`
        : null;
  const save = async () => {
    if (problem !== null) return;
    if (material) {
      await workshop.shelf.edit({ ...material, ...bin, name });
      onSaved(material.id);
    } else onSaved(await workshop.shelf.add({ ...bin, name }, qty ?? 0));
    onClose();
  };
  const unit = { unit: bin.unit, isDivided: true } as const;
  const price = oneOf(bin.unit, units);
  return (
    <Dialog
      open
      width={560}
      title={material ? material.name : 'A material for skirts'}
      okText={material ? 'Change it' : 'Put it on the shelf'}
      okButtonProps={{ disabled: problem !== null }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={line(16, styles.formHead)}>
        <StrandSwatch material={{ ...bin, id: '', retired: false }} size={72} />
        <Segmented<StrandBin['form']>
          aria-label="What it is"
          value={bin.form}
          disabled={material !== null}
          options={[
            { value: 'tab', label: 'Tab' },
            { value: 'hair', label: 'Hair' },
            { value: 'fur', label: 'Fur' },
            { value: 'sheet', label: 'Sheet' },
          ]}
          onChange={(form) => set({ form, ...usual(form, units.length) })}
        />
      </div>
      <div className={styles.formGrid}>
        <TextField
          label="Called"
          value={bin.name}
          most={80}
          placeholder="Tab, reed green"
          problem={problem}
          onChange={(next) => set({ name: next })}
        />
        <TextField label="Where it lies" value={bin.place} onChange={(place) => set({ place })} />
        <FieldShell id={`${id}hex`} label="Color">
          <ColorPicker
            value={bin.hex}
            disabledAlpha
            showText
            onChangeComplete={(color) => set({ hex: color.toHexString().slice(0, 7) })}
          />
        </FieldShell>
        <FieldShell id={`${id}clear`} label={`Lets light through, ${Math.round(bin.translucency * 100)} %`}>
          <Slider
            ariaLabelForHandle="Lets light through"
            value={Math.round(bin.translucency * 100)}
            onChange={(value) => set({ translucency: value / 100 })}
          />
        </FieldShell>
        <QuantityField
          key={`${bin.form} wide`}
          of="length"
          label="Strand, wide"
          least={0.02}
          most={20}
          value={bin.strandWidthMm}
          onChange={(strandWidthMm) => strandWidthMm !== null && set({ strandWidthMm })}
        />
        <QuantityField
          key={`${bin.form} long`}
          of="length"
          label="Strand, long"
          least={5}
          most={2000}
          value={bin.longMm}
          onChange={(longMm) => longMm !== null && set({ longMm })}
        />
        {PER[bin.form] === '' ? null : (
          <CountField
            label={PER[bin.form]}
            min={1}
            max={2000}
            value={bin.strandsPerTab}
            onChange={(strandsPerTab) => strandsPerTab !== null && set({ strandsPerTab })}
          />
        )}
        <NumberField
          label={`Price ${price.word === 'piece' ? 'each' : `for one ${price.word}`}`}
          most={1e6}
          step={0.05}
          value={bin.costEach === null ? null : bin.costEach * price.holds}
          onChange={(paid) => set({ costEach: paid === null ? null : paid / price.holds })}
        />
        {bin.unit === 'pieces' ? (
          <MassField label="Weighs each" isOptional value={bin.massG} onChange={(massG) => set({ massG })} />
        ) : null}
        <AmountField
          {...unit}
          isOptional
          label="Low at"
          value={bin.lowAt}
          onChange={(lowAt) => set({ lowAt })}
        />
        {material !== null ? null : (
          <AmountField
            {...unit}
            label={bin.unit === 'g' ? 'How much' : 'How many'}
            value={qty}
            onChange={setQty}
          />
        )}
      </div>
      <MaterialFlakes flakes={bin.flakes} onChange={(flakes) => set({ flakes })} />
    </Dialog>
  );
}
