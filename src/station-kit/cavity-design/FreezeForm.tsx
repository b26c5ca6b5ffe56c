'use client';

import { sizeText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { numberText as n } from '@/text/number-text';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';

/** The one head the maker timed from pour to frozen; every other follows from it. */
export function FreezeForm({ modulusMm: first, onClose }: { modulusMm: number | null; onClose: () => void }) {
  const { view, workshop } = useBench();
  const trial = view.bench.freezeTrial;
  const [modulusMm, setModulusMm] = useState<number | null>(first ?? trial?.modulusMm ?? null);
  const [seconds, setSeconds] = useState<number | null>(trial?.seconds ?? null);
  const save = async () => {
    if (modulusMm === null || seconds === null) return;
    const freezeTrial = { modulusMm, seconds, exponent: trial?.exponent ?? 1.4 };
    await workshop.bench.save({ ...view.bench, freezeTrial });
    onClose();
  };
  const { length } = useUnits();
  const over = (what: string) => (value: number) => (value <= 0 ? what : null);
  return (
    <Dialog
      open
      title="A head I timed"
      width={380}
      okText="Keep it"
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div style={{ display: 'grid', gap: 10 }}>
        <p>Pour this head in a warm metal mold and time it until the sprue breaks dry.</p>
        <UnitField
          label="Its modulus, volume over area"
          quantity="length"
          assume={length}
          value={modulusMm}
          write={(mm) => sizeText(mm, length)}
          onChange={setModulusMm}
          check={over('A casting has some thickness, such as 2 mm or 1/16 in.')}
        />
        <UnitField
          label="Froze in"
          quantity="duration"
          assume="s"
          value={seconds}
          write={(s) => `${n(s, 3)} s`}
          onChange={setSeconds}
          check={over('Freezing takes some time, such as 8 s.')}
        />
      </div>
    </Dialog>
  );
}
