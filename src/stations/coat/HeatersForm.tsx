'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { wrap } from '@/ui/layout/layout';
import { Button, Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { HeaterKind } from '@/core/coats/ways/definition';
import type { Heater } from '@/records/heater';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { durationText } from '@/text/words';
import { MassField } from '@/ui/unit-field/MassField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { newHeater, type DraftHeater } from '@/model/coats/new-heaters';
import styles from './coat.module.css';
import { inBackground } from '@/station-kit/in-background';

interface HeatersFormProps {
  readonly heaters: readonly Heater[];
  readonly onClose: () => void;
}

const KINDS: readonly { readonly value: HeaterKind; readonly label: string }[] = [
  { value: 'gun', label: 'Heat gun' },
  { value: 'flame', label: 'Flame' },
  { value: 'oven', label: 'Oven' },
];

/** What heats heads at this bench, and what the oven's rack holds. */
export function HeatersForm({ heaters, onClose }: HeatersFormProps) {
  const { workshop } = useBench();
  const { temperature } = useUnits();
  const [draft, setDraft] = useState<DraftHeater>(
    heaters.find(({ kind }) => kind === 'oven') ?? newHeater('oven', temperature),
  );
  const [round, setRound] = useState(0);
  const take = (next: DraftHeater) => {
    setDraft(next);
    setRound(round + 1);
  };
  const set = (change: Partial<DraftHeater>) => setDraft({ ...draft, ...change });
  const setOven = (change: Partial<NonNullable<Heater['oven']>>) =>
    draft.oven && set({ oven: { ...draft.oven, ...change } });
  const isReady = draft.name.trim() !== '' && draft.sourceC > 0;
  const save = async () => {
    await workshop.coats.saveHeater({ ...draft, name: draft.name.trim() });
    onClose();
  };
  const { oven } = draft;
  return (
    <Dialog
      open
      width={620}
      title="Ovens and heat"
      okText={draft.id === null ? 'Add it' : 'Set it'}
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={wrap(8, styles.pickRow)}>
        {heaters.map((heater) => (
          <Button
            key={heater.id}
            type={heater.id === draft.id ? 'primary' : 'default'}
            onClick={() => take(heater)}
          >
            {heater.name}
          </Button>
        ))}
        <Button
          type={draft.id === null ? 'primary' : 'default'}
          onClick={() => take(newHeater('gun', temperature))}
        >
          + another
        </Button>
      </div>
      <div key={round} className={styles.formGrid}>
        {draft.id === null ? (
          <Segmented<HeaterKind>
            aria-label="What it is"
            value={draft.kind}
            options={[...KINDS]}
            onChange={(kind) => take(newHeater(kind, temperature))}
          />
        ) : null}
        <TextField
          label="Name"
          value={draft.name}
          most={80}
          onChange={(name) => set({ name })}
          asks="Give it a name, such as Shed oven."
        />
        <QuantityField
          label={draft.kind === 'oven' ? 'Stands at, for preheating' : 'How hot where heads are held'}
          of="temperature"
          least={60}
          most={2000}
          value={draft.sourceC}
          onChange={(sourceC) => sourceC !== null && set({ sourceC })}
        />
        {oven ? (
          <>
            <CountField
              label="Rods on the rack"
              value={oven.rods}
              min={1}
              max={12}
              onChange={(rods) => rods !== null && setOven({ rods })}
            />
            <CountField
              label="Slots on a rod"
              value={oven.slots}
              min={1}
              max={60}
              onChange={(slots) => slots !== null && setOven({ slots })}
            />
            <QuantityField
              label="From slot to slot"
              of="length"
              least={3}
              most={200}
              value={oven.slotMm}
              onChange={(slotMm) => slotMm !== null && setOven({ slotMm })}
            />
            <QuantityField
              label="Free under a rod"
              of="length"
              least={10}
              most={500}
              value={oven.dropMm}
              onChange={(dropMm) => dropMm !== null && setOven({ dropMm })}
            />
            <MassField
              label="The empty rack weighs"
              value={oven.rackG}
              onChange={(rackG) => rackG !== null && setOven({ rackG })}
            />
            <CountField
              label="Its element, watts"
              value={oven.powerW}
              min={50}
              max={20_000}
              onChange={(powerW) => powerW !== null && setOven({ powerW })}
            />
            <UnitField
              label="Hot, empty, after"
              quantity="duration"
              assume="min"
              value={oven.heatUpMin * 60}
              write={durationText}
              onChange={(seconds) => seconds !== null && setOven({ heatUpMin: Math.min(240, seconds / 60) })}
            />
            <Checkbox
              checked={oven.isForFood}
              onChange={({ target }) => setOven({ isForFood: target.checked })}
              className={styles.wide}
            >
              Food is made in it. Then no head goes in: coating and lead stay in an oven.
            </Checkbox>
          </>
        ) : null}
      </div>
    </Dialog>
  );
}
