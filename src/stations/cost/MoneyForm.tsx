'use client';

import { NumberField } from '@/ui/unit-field/NumberField';
import { stack } from '@/ui/layout/layout';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import type { Money } from '@/records/outlay';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';

const FIELDS: readonly (readonly [
  key: Exclude<keyof Money, 'sign' | 'marginShare'>,
  label: string,
  step: number,
])[] = [
  ['ratePerHour', 'An hour of your hands', 1],
  ['pricePerKWh', 'A kWh of power', 0.01],
  ['potKW', 'The pot draws, kW', 0.1],
  ['ovenKW', 'The oven draws, kW', 0.1],
];

/** What an hour, power and trouble cost. */
export function MoneyForm({ onClose }: { readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const [money, setMoney] = useState<Money>(view.bench.money);
  const [unread, setUnread] = useState<readonly string[]>([]);
  const save = async () => {
    await workshop.bench.save({
      ...view.bench,
      money: { ...money, sign: money.sign.trim() || view.bench.money.sign },
    });
    onClose();
  };
  return (
    <Dialog
      open
      title="Hours and power"
      okText="Keep"
      okButtonProps={{ disabled: unread.length > 0 }}
      onOk={() => inBackground(save())}
      onCancel={onClose}
    >
      <div className={stack(10)}>
        <TextField
          label="Money is written"
          value={money.sign}
          most={4}
          onChange={(sign) => setMoney({ ...money, sign })}
        />
        {FIELDS.map(([key, label, step]) => (
          <NumberField
            key={key}
            label={label}
            most={100}
            step={step}
            value={money[key]}
            problem={unread.includes(key) ? 'Write a number: 0 where it costs nothing.' : null}
            onChange={(next) => {
              setUnread([...unread.filter((each) => each !== key), ...(next === null ? [key] : [])]);
              if (next !== null) setMoney({ ...money, [key]: next });
            }}
          />
        ))}
        <p className="quiet">An hour at 0: you make it for love, and only money counts.</p>
      </div>
    </Dialog>
  );
}
