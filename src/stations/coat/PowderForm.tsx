'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { stack, wrap } from '@/ui/layout/layout';
import { Button, ColorPicker } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useId, useState } from 'react';
import type { NewBin } from '@/records/plain-bin';
import type { PowderBin } from '@/records/bin';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { MassField } from '@/ui/unit-field/MassField';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './coat.module.css';
import { inBackground } from '@/station-kit/in-background';

type NewPowder = Extract<NewBin, { kind: 'powder' }>;

/** What most cards state; a guess until the jar's own was read. */
const USUAL: NewPowder = {
  kind: 'powder',
  costEach: null,
  unit: 'g',
  name: '',
  place: '',
  lowAt: 40,
  note: '',
  hex: '#7d8f8c',
  finish: 'solid',
  secondHex: null,
  cures: [{ cureC: 177, cureMin: 15 }],
  maxC: 205,
  fuseC: 115,
  cardBasis: 'guess',
  densityGcm3: 1.5,
  utilization: null,
  jarG: 250,
};

const FINISHES: readonly { readonly value: PowderBin['finish']; readonly label: string }[] = [
  { value: 'solid', label: 'Solid' },
  { value: 'flake', label: 'Flake' },
  { value: 'clear', label: 'Clear' },
  { value: 'glow', label: 'Glow' },
  { value: 'two-tone', label: 'Two-tone' },
];

interface PowderFormProps {
  /** The jar that is changed; null for a new one. */
  readonly powder: PowderBin | null;
  readonly onClose: () => void;
  readonly onSaved: (binId: string) => void;
}

/** A jar of powder: its color and what its card says. */
export function PowderForm({ powder, onClose, onSaved }: PowderFormProps) {
  const { workshop } = useBench();
  const { temperature } = useUnits();
  const id = useId();
  const [draft, setDraft] = useState<NewPowder | PowderBin>(powder ?? USUAL);
  const [qtyG, setQtyG] = useState<number | null>(USUAL.jarG);
  const set = (change: Partial<NewPowder>) => setDraft({ ...draft, ...change });
  const setCard = (change: Partial<NewPowder>) => set({ ...change, cardBasis: 'card' });
  const write = (celsius: number) => temperatureText(celsius, temperature);
  const hottest = Math.max(...draft.cures.map(({ cureC }) => cureC));
  const problem =
    draft.maxC < hottest
      ? `Never over ${write(draft.maxC)} lies under its own cure of ${write(hottest)}. One of the two is off.`
      : draft.fuseC >= hottest
        ? `It would stick only from ${write(draft.fuseC)}, over its cure of ${write(hottest)}. One of the two is off.`
        : null;
  const hasSecond = draft.finish === 'flake' || draft.finish === 'two-tone';
  const isReady = draft.name.trim() !== '' && problem === null && (powder !== null || qtyG !== null);
  const save = async () => {
    const kept = {
      ...draft,
      name: draft.name.trim(),
      secondHex: hasSecond ? (draft.secondHex ?? draft.hex) : null,
    };
    if (powder) await workshop.shelf.edit({ ...powder, ...kept });
    else onSaved(await workshop.shelf.add(kept as NewPowder, qtyG ?? 0));
    onClose();
  };
  return (
    <Dialog
      open
      width={600}
      title={powder ? powder.name : 'A jar of powder'}
      okText={powder ? 'Set it' : 'Put it on the shelf'}
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={styles.formGrid}>
        <TextField
          label="Name"
          isFirst
          value={draft.name}
          most={100}
          placeholder="Powder, reed green"
          onChange={(name) => set({ name })}
        />
        <TextField
          label="Where it stands"
          value={draft.place}
          most={100}
          onChange={(place) => set({ place })}
        />
        <FieldShell id={`${id}finish`} label="Finish">
          <Segmented<PowderBin['finish']>
            id={`${id}finish`}
            value={draft.finish}
            options={[...FINISHES]}
            onChange={(finish) => set({ finish })}
          />
        </FieldShell>
        <FieldShell id={`${id}hex`} label="Color">
          <span className={wrap(8)}>
            <ColorPicker
              value={draft.hex}
              disabledAlpha
              showText
              onChangeComplete={(color) => set({ hex: color.toHexString().slice(0, 7) })}
            />
            {hasSecond ? (
              <ColorPicker
                value={draft.secondHex ?? draft.hex}
                disabledAlpha
                showText
                onChangeComplete={(color) => set({ secondHex: color.toHexString().slice(0, 7) })}
              />
            ) : null}
          </span>
        </FieldShell>
        <CureLines cures={draft.cures} onChange={(cures) => setCard({ cures })} />
        <QuantityField
          label="Never over"
          of="temperature"
          least={60}
          most={400}
          value={draft.maxC}
          onChange={(maxC) => maxC !== null && setCard({ maxC })}
          problem={problem}
        />
        <QuantityField
          label="Sticks from"
          of="temperature"
          least={40}
          most={300}
          value={draft.fuseC}
          onChange={(fuseC) => fuseC !== null && setCard({ fuseC })}
        />
        <NumberField
          label="Density, g/cm³"
          value={draft.densityGcm3}
          least={0.5}
          most={5}
          step={0.05}
          onChange={(densityGcm3) => densityGcm3 !== null && set({ densityGcm3 })}
        />
        <MassField
          label="A full jar holds"
          value={draft.jarG}
          onChange={(jarG) => jarG !== null && jarG > 0 && set({ jarG })}
        />
        {powder ? null : <MassField label="In it now" value={qtyG} onChange={setQtyG} />}
      </div>
    </Dialog>
  );
}

interface CureLinesProps {
  readonly cures: PowderBin['cures'];
  readonly onChange: (cures: PowderBin['cures']) => void;
}

/** What the card says of curing: so hot for so long, a line for each. */
function CureLines({ cures, onChange }: CureLinesProps) {
  const set = (index: number, change: Partial<PowderBin['cures'][number]>) =>
    onChange(cures.map((each, at) => (at === index ? { ...each, ...change } : each)));
  return (
    <>
      {cures.map(({ cureC, cureMin }, index) => (
        <div key={index} className={stack(16, styles.cureLine)}>
          <QuantityField
            label={index === 0 ? 'Cures, the part at' : 'or at'}
            of="temperature"
            least={60}
            most={300}
            value={cureC}
            onChange={(next) => next !== null && set(index, { cureC: next })}
          />
          <UnitField
            label="for"
            quantity="duration"
            assume="min"
            value={cureMin * 60}
            write={(seconds) => `${Math.round(seconds / 6) / 10} min`}
            onChange={(seconds) => seconds !== null && set(index, { cureMin: seconds / 60 })}
            check={(seconds) =>
              seconds < 30 || seconds > 14_400 ? 'A cure takes half a minute to 4 hours.' : null
            }
          />
        </div>
      ))}
      <span className={styles.wide}>
        {cures.length < 4 ? (
          <Button
            size="small"
            onClick={() => onChange([...cures, cures.at(-1) ?? { cureC: 177, cureMin: 15 }])}
          >
            + line of the card
          </Button>
        ) : null}{' '}
        {cures.length > 1 ? (
          <Button size="small" onClick={() => onChange(cures.slice(0, -1))}>
            − last line
          </Button>
        ) : null}
      </span>
    </>
  );
}
