'use client';

import { wrap } from '@/ui/layout/layout';
import { Button, Checkbox, Modal, Segmented } from 'antd';
import { useState } from 'react';
import type { HeaterKind } from '@/core/coats/ways/definition';
import type { Heater } from '@/records/heater';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { minutesText, sizeText, temperatureText } from '@/text/words';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { NEW_HEATERS, type DraftHeater } from './new-heaters';
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
  const { temperature, length } = useUnits();
  const [draft, setDraft] = useState<DraftHeater>(
    heaters.find(({ kind }) => kind === 'oven') ?? NEW_HEATERS.oven,
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
    <Modal
      open
      width={620}
      title="Ovens and heat"
      okText={draft.id === null ? 'Add it' : 'Set it'}
      cancelText="Leave it"
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
        <Button type={draft.id === null ? 'primary' : 'default'} onClick={() => take(NEW_HEATERS.gun)}>
          + another
        </Button>
      </div>
      <div key={round} className={styles.formGrid}>
        {draft.id === null ? (
          <Segmented<HeaterKind>
            aria-label="What it is"
            value={draft.kind}
            options={[...KINDS]}
            onChange={(kind) => take(NEW_HEATERS[kind])}
          />
        ) : null}
        <TextField
          label="Name"
          value={draft.name}
          most={80}
          onChange={(name) => set({ name })}
          problem={draft.name.trim() === '' ? 'Give it a name, such as Shed oven.' : null}
        />
        <UnitField
          label={draft.kind === 'oven' ? 'Stands at, for preheating' : 'How hot where heads are held'}
          quantity="temperature"
          assume={temperature}
          value={draft.sourceC}
          write={(celsius) => temperatureText(celsius, temperature)}
          onChange={(sourceC) => sourceC !== null && set({ sourceC })}
          check={(celsius) =>
            celsius < 60 || celsius > 2000
              ? `Write what heats: ${temperatureText(60, temperature)} to ${temperatureText(2000, temperature)}.`
              : null
          }
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
            <UnitField
              label="From slot to slot"
              quantity="length"
              assume={length}
              value={oven.slotMm}
              write={(mm) => sizeText(mm, length)}
              onChange={(slotMm) => slotMm !== null && setOven({ slotMm })}
              check={(mm) =>
                mm < 3 || mm > 200
                  ? `Slots are ${sizeText(3, length)} to ${sizeText(200, length)} apart.`
                  : null
              }
            />
            <UnitField
              label="Free under a rod"
              quantity="length"
              assume={length}
              value={oven.dropMm}
              write={(mm) => sizeText(mm, length)}
              onChange={(dropMm) => dropMm !== null && setOven({ dropMm })}
              check={(mm) =>
                mm < 10 || mm > 500
                  ? `Heads hang free in ${sizeText(10, length)} to ${sizeText(500, length)}.`
                  : null
              }
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
              write={minutesText}
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
    </Modal>
  );
}
