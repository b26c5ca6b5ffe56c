'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { MOST_CUPS, type Cup } from '@/records/bench';
import { weighedText } from '@/text/words';
import { row, stack } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { MassField } from '@/ui/unit-field/MassField';
import { TextField } from '@/ui/unit-field/TextField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';

interface CupFieldProps {
  readonly cupId: string | null;
  readonly onChoose: (cupId: string | null) => void;
}

/** The cup that pieces stand in on the scale: one that was weighed empty, none, or a new one. */
export function CupField({ cupId, onChoose }: CupFieldProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const [isNew, setNew] = useState(false);
  const [name, setName] = useState('');
  const [massG, setMassG] = useState<number | null>(null);
  const cups = view.bench.cups ?? [];
  const save = (next: readonly Cup[]) => workshop.bench.save({ ...view.bench, cups: [...next] });
  const isTaken = cups.some((cup) => cup.name === name.trim());
  const isReady = name.trim() !== '' && !isTaken && massG !== null && massG > 0;
  const keep = async () => {
    if (!isReady) return;
    const cup = { id: workshop.newId(), name: name.trim(), massG };
    await save([...cups, cup]);
    onChoose(cup.id);
    setNew(false);
    setName('');
    setMassG(null);
  };
  return (
    <div className={stack(8)}>
      <ChoiceField
        label="They stand in"
        value={cupId}
        none="nothing, or a cup that is zeroed off"
        options={cups.map((cup) => ({
          value: cup.id,
          label: `${cup.name}, ${weighedText(cup.massG, mass)}`,
        }))}
        onChange={onChoose}
      />
      {isNew ? (
        <>
          <TextField
            label="The cup is called"
            value={name}
            most={60}
            problem={isTaken ? 'There is a cup of that name. Call it otherwise.' : null}
            onChange={setName}
          />
          <MassField
            label="Empty, it weighs"
            value={massG}
            write={(value) => weighedText(value, mass)}
            onChange={setMassG}
            check={(value) => (value <= 0 ? 'A cup weighs more than nothing.' : null)}
          />
          <div className={row(8)}>
            <Button size="small" type="primary" disabled={!isReady} onClick={() => inBackground(keep())}>
              Keep the cup
            </Button>
            <Button size="small" onClick={() => setNew(false)}>
              Cancel
            </Button>
          </div>
        </>
      ) : (
        <div className={row(8)}>
          <Button size="small" disabled={cups.length >= MOST_CUPS} onClick={() => setNew(true)}>
            A cup of mine
          </Button>
          {cupId === null ? null : (
            <Button
              size="small"
              type="text"
              onClick={() => {
                onChoose(null);
                inBackground(save(cups.filter(({ id }) => id !== cupId)));
              }}
            >
              Forget this cup
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
