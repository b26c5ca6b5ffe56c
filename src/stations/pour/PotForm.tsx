'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { bench as benchSchema } from '@/records/bench';
import { PercentField } from '@/ui/unit-field/PercentField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { meltWorking } from '@/station-kit/figures/pot-working';
import { Figure } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { countText } from '@/text/count-text';
import { massText, durationText, minutesText } from '@/text/words';
import { heatOfPot } from '@/model/schedule/plan-evening';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { inBackground } from '@/station-kit/in-background';

/** The pot's own figures. */
export function PotForm({ onClose }: { onClose: () => void }) {
  const { workshop, view } = useBench();
  const { mass } = useUnits();
  const { pot } = view.bench;
  const heat = heatOfPot(view);
  const [capacityG, setCapacityG] = useState<number | null>(pot.capacityG);
  const [heelG, setHeelG] = useState<number | null>(pot.heelG);
  const [drossShare, setDrossShare] = useState<number | null>(pot.drossShare);
  const [scrapShare, setScrapShare] = useState<number | null>(pot.scrapShare);
  const write = (grams: number) => massText(grams, mass);
  const [meltMinutes, setMeltMinutes] = useState<number | null>(pot.meltMinutes);
  const [pourMinutes, setPourMinutes] = useState<number | null>(view.bench.pace.pourMinutes);
  const [restMinutes, setRestMinutes] = useState<number | null>(view.bench.pace.restMinutes);
  const next = benchSchema.safeParse({
    ...view.bench,
    pot: { capacityG, heelG, drossShare, scrapShare, meltMinutes },
    pace: { pourMinutes, restMinutes },
  });
  const minutes = (label: string, value: number | null, onChange: (minutes: number | null) => void) => (
    <UnitField
      label={label}
      quantity="duration"
      assume="min"
      value={value === null ? null : value * 60}
      write={durationText}
      onChange={(seconds) => onChange(seconds === null ? null : seconds / 60)}
    />
  );
  const save = async () => {
    if (!next.success) return;
    await workshop.bench.save(next.data);
    onClose();
  };
  return (
    <Dialog
      open
      title="The pot"
      width={380}
      okText="Save"
      onCancel={onClose}
      onOk={() => inBackground(save())}
      okButtonProps={{ disabled: !next.success }}
    >
      <div style={{ display: 'grid', gap: 10 }}>
        <MassField
          label="Holds"
          value={capacityG}
          write={write}
          onChange={setCapacityG}
          check={(grams) => (grams <= 0 ? 'A pot holds more than nothing.' : null)}
        />
        <MassField
          label="Heel no ladle reaches"
          value={heelG}
          write={write}
          onChange={setHeelG}
          problem={
            heelG !== null && capacityG !== null && heelG >= capacityG
              ? `A heel of ${write(heelG)} fills the pot of ${write(capacityG)}. Make it smaller.`
              : null
          }
        />
        {minutes('From cold to pourable, full', meltMinutes, setMeltMinutes)}
        {heat.melts > 0 ? (
          <p className="quiet">
            By {countText(heat.melts, 'melt')} of yours{' '}
            <Figure working={meltWorking(heat)}>{minutesText(60 * heat.fullMinutes)}</Figure> full,{' '}
            {minutesText(60 * heat.fullMinutes * heat.potShare)} of it the pot’s own.
          </p>
        ) : null}
        {minutes('I pour for', pourMinutes, setPourMinutes)}
        {minutes('then rest for', restMinutes, setRestMinutes)}
        <PercentField label="Skimmed off as dross" value={drossShare} most={0.9} onChange={setDrossShare} />
        <PercentField
          label={view.isScrapMeasured ? 'Misfills (your own runs count instead)' : 'Misfills expected'}
          value={scrapShare}
          most={0.9}
          onChange={setScrapShare}
        />
      </div>
    </Dialog>
  );
}
