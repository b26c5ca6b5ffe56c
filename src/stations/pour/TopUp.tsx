'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import type { Run } from '@/records/run';
import { lotText, massText } from '@/text/words';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { potDevice } from '@/station-kit/device/watches';
import { inBackground } from '@/station-kit/in-background';

/** More metal of the same lot into the pot. */
export function TopUp({ run, potG }: { run: Run; potG: number }) {
  const { workshop, view, carryOut } = useBench();
  const { mass } = useUnits();
  const [isOpen, setIsOpen] = useState(false);
  const [grams, setGrams] = useState<number | null>(null);
  const roomG = Math.max(0, view.pot.capacityG - potG);
  const added = run.topUps.reduce((total, { g }) => total + g, 0);
  const onHand = Math.max(0, (view.levels.get(run.metalBinId) ?? 0) - run.chargedG - added);
  const lot = lotText(view.binById.get(run.metalBinId)?.name ?? '');
  const check = (g: number) => {
    if (g > roomG) return `The pot has room for ${massText(roomG, mass)}.`;
    return g > onHand ? `${lot} has ${massText(onHand, mass)} left on the shelf.` : null;
  };
  const add = async () => {
    if (grams === null || grams <= 0 || check(grams)) return;
    const done = await carryOut(workshop.runs.topUp(run.id, grams));
    if (!done) return;
    potDevice.standIn()?.charge(grams);
    setIsOpen(false);
  };
  return (
    <>
      <Button onClick={() => setIsOpen(true)}>Top up</Button>
      <Dialog
        open={isOpen}
        title="Top the pot up"
        width={360}
        okText="It is in"
        okButtonProps={{ disabled: grams === null || grams <= 0 || check(grams) !== null }}
        onOk={() => inBackground(add())}
        onCancel={() => setIsOpen(false)}
      >
        <p>Dry and warmed at the rim first. Wait until the pot stands at its heat again.</p>
        <MassField label={`Of ${lot}`} value={grams} onChange={setGrams} check={check} />
      </Dialog>
    </>
  );
}
