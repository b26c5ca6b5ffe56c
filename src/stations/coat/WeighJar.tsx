'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { findCoatWay } from '@/core/coats/ways';
import type { PowderBin } from '@/records/bin';
import { massText } from '@/text/words';
import { ScalePanel } from '@/station-kit/scale/ScalePanel';
import { staysWorking } from '@/station-kit/figures/powder-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { learnUtilization, reckonedSince } from '@/model/coats/powder-facts';
import { inBackground } from '@/station-kit/in-background';

/** What the empty jar weighs is taken off on the scale itself: put an empty one on and zero it. */
export function WeighJar({ powder, onClose }: { powder: PowderBin; onClose: () => void }) {
  const { workshop, view, carryOut } = useBench();
  const { mass, coatWay } = usePreferences();
  const [leftG, setLeftG] = useState<number | null>(null);
  const entries = useLiveQuery(() => workshop.shelf.entriesOf(powder.id), [workshop, powder.id]) ?? [];
  const since = entries.filter(({ kind }) => kind === 'counted' || kind === 'received').at(-1)?.at ?? 0;
  const believed = powder.utilization ?? findCoatWay(coatWay).utilization;
  const onBooksG = view.levels.get(powder.id) ?? 0;
  const reckonedG = reckonedSince(view.racks, powder.id, since);
  const trulyG = leftG === null ? null : reckonedG + onBooksG - leftG;
  const learned = trulyG === null ? null : learnUtilization(believed, reckonedG, trulyG);
  const save = async () => {
    if (leftG === null) return;
    if (!(await carryOut(workshop.shelf.count(powder.id, leftG)))) return;
    if (learned !== null) await workshop.shelf.edit({ ...powder, utilization: learned });
    onClose();
  };
  return (
    <Dialog
      open
      title={`Weigh ${powder.name}`}
      okText="Set the jar by it"
      okButtonProps={{ disabled: leftG === null }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <p>Zero the scale with an empty jar like it, then lay this one on: only the powder counts.</p>
      <ScalePanel
        count={1}
        label="Powder in the jar"
        what="the jar"
        said={leftG === null ? '' : `Took ${massText(leftG, mass)}.`}
        onWeighed={setLeftG}
      />
      {leftG !== null ? (
        <p role="status">
          The books say {massText(onBooksG, mass)}.
          {learned === null ? (
            ' Too little was used since the last weighing to tell how much stays on heads.'
          ) : (
            <>
              {` Since the last weighing racks should have taken ${massText(reckonedG, mass)}, and ${massText(trulyG ?? 0, mass)} left the jar: `}
              <Figure working={staysWorking(believed, reckonedG, trulyG ?? 0, learned, mass)}>
                {Math.round(learned * 100)} %
              </Figure>{' '}
              stays on heads.
            </>
          )}
        </p>
      ) : null}
    </Dialog>
  );
}
