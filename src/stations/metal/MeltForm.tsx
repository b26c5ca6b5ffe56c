'use client';

import { stack } from '@/ui/layout/layout';
import { nearestMetal } from '@/reference/nearest-metal';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { TextField } from '@/ui/unit-field/TextField';
import { ingotsWorking } from '@/station-kit/figures/pot-working';
import { Figure } from '@/ui/figure/Figure';
import { PercentField } from '@/ui/unit-field/PercentField';
import { massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { compositionText } from '@/model/metals/alloys';
import type { ReadCharge } from '@/model/metals/charge';
import { inBackground } from '@/station-kit/in-background';

interface MeltFormProps {
  readonly charge: ReadCharge;
  /** A name for the new lot to begin with. */
  readonly name: string;
  readonly onClose: () => void;
  readonly onMelted: (binId: string) => void;
}

/** The charge becomes ingots of a new lot: what it is called, what was skimmed off. */
export function MeltForm({ charge, name: firstName, onClose, onMelted }: MeltFormProps) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const near = nearestMetal(charge.mix?.composition ?? null);
  const [name, setName] = useState(near ? `${firstName}, ${near.name.toLowerCase()}` : `${firstName}, blend`);
  const [place, setPlace] = useState(charge.lots[0]?.lot.place ?? '');
  const [drossShare, setDrossShare] = useState<number | null>(view.bench.pot.drossShare);
  const melt = async () => {
    if (name.trim() === '' || drossShare === null) return;
    const picks = charge.lots.map(({ lot, g }) => ({ binId: lot.id, g }));
    const done = await carryOut(
      workshop.metals.melt({ name: name.trim(), place: place.trim(), picks, drossShare }),
    );
    if (!done) return;
    onMelted(done.value);
    onClose();
  };
  return (
    <Dialog
      open
      title="Melt into ingots"
      width={440}
      okText="It is melted and cast"
      onCancel={onClose}
      onOk={() => inBackground(melt())}
    >
      <div className={stack(10)}>
        <p>
          {massText(charge.totalG, mass)} of {compositionText(charge.mix?.composition ?? null)}. Stir, skim,
          and cast bars in a warm, dry mold.
        </p>
        <TextField label="Call it" asks="Give the lot a name." value={name} onChange={setName} />
        <TextField label="Where it lies" value={place} onChange={setPlace} />
        <PercentField label="Skimmed off as dross" value={drossShare} most={0.5} onChange={setDrossShare} />
        <p className="quiet">
          Makes{' '}
          <Figure working={ingotsWorking(charge.totalG, drossShare ?? 0, mass)}>
            {massText(charge.totalG * (1 - (drossShare ?? 0)), mass)}
          </Figure>{' '}
          of ingots. Vent on, goggles, no damp: follow the makers&apos; sheets and your local rules.
        </p>
      </div>
    </Dialog>
  );
}
