import { Segmented } from '@/ui/choice/Segmented';
import { useId } from 'react';
import type { Run } from '@/records/run';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { FieldShell } from '@/ui/unit-field/FieldShell';

/** What becomes of misfills, warm-ups and sprues as it is poured: with it go the pot's level and the books at the end. */
export function BackInPot({ run }: { readonly run: Run }) {
  const { workshop, carryOut } = useBench();
  const id = useId();
  return (
    <FieldShell id={id} label="Misfills and sprues">
      <Segmented<'aside' | 'back'>
        id={id}
        size="small"
        block
        value={run.backInPot === true ? 'back' : 'aside'}
        options={[
          { value: 'aside', label: 'laid aside' },
          { value: 'back', label: 'back into the pot' },
        ]}
        onChange={(next) => inBackground(carryOut(workshop.runs.putBack(run.id, next === 'back')))}
      />
    </FieldShell>
  );
}
