'use client';

import { headText } from '@/text/words';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { Batch } from '@/records/batch';
import { Station } from '@/ui/frame/Station';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { useBench } from '@/station-kit/BenchProvider';
import { BatchRail } from './BatchRail';
import { batchCavities } from '@/model/quality/batch-facts';
import { BeginBatch } from './BeginBatch';
import { DressSlip } from './DressSlip';
import { FlawsPart } from './FlawsPart';
import { Practice } from './Practice';
import { PracticeSlip } from '@/ui/quality-drawing/PracticeSlip';
import { StepsPart } from './StepsPart';
import { useLearned } from './use-learned';
import { WeighPart } from './WeighPart';
import { inBackground } from '@/station-kit/in-background';
import { useCastHeads } from '@/station-kit/use-cast-heads';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

type Part = 'steps' | 'weigh' | 'flaws';

const PARTS: { value: Part; label: string }[] = [
  { value: 'steps', label: 'Steps' },
  { value: 'weigh', label: 'Weigh' },
  { value: 'flaws', label: 'Flaws' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

/** A head's volume where its cavity is not known, from its weight: lead, about. */
const ABOUT_GCM3 = 11;

/** Fresh castings made clean: steps counted, weights charted, flaws counted and learned from. */
export function DressStation() {
  const { view, workshop } = useBench();
  const preferences = usePreferences();
  const learned = useLearned();
  const [chosen, setChosen] = useInHand('batch');
  const [part, setPart] = useInAddress<Part>('part', PART_NAMES, 'steps');
  const [isBeginning, setBeginning] = useState(false);
  const [practiceSeed, setPracticeSeed] = useState<number | null>(null);
  const batch = pick(view.batches, chosen);
  const volumeCm3 = batch
    ? (batchCavities(batch, view)[0]?.cavity.volumeCm3 ?? batch.nominalG / ABOUT_GCM3)
    : 1;
  const {
    waiting: [first],
    begin,
  } = useCastHeads();
  const isPracticing = practiceSeed !== null;
  const practice = () => setPracticeSeed(Math.floor(workshop.now() / 1000));
  return (
    <Station
      title={isPracticing ? 'Practice' : batch ? headText(batch, view.binById, preferences.mass) : 'Dress'}
      part={PARTS.find(({ value }) => value === part)?.label}
      sub={
        isPracticing
          ? 'castings from a simulated pour, no hot metal'
          : batch
            ? `${batch.count} on the dressing bench`
            : undefined
      }
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        isPracticing ? (
          <Button onClick={() => setPracticeSeed(null)}>Back to the bench</Button>
        ) : (
          <>
            {batch ? (
              <Segmented<Part> aria-label="What to do" value={part} options={PARTS} onChange={setPart} />
            ) : null}
            <Button onClick={practice}>Practice</Button>
            <Button onClick={() => setBeginning(true)}>Heads from the shelf</Button>
          </>
        )
      }
      slip={isPracticing ? <PracticeSlip /> : <DressSlip batch={batch} />}
    >
      {practiceSeed === null ? (
        <>
          <BatchRail chosen={batch?.id ?? null} onChoose={setChosen} />
          {batch === null ? (
            <EmptyStation
              of="dress"
              says={
                first
                  ? `${first.count} × ${first.name} of run ${first.runNo} wait to be dressed.`
                  : 'Nothing lies on the dressing bench. Castings of a booked run wait here; bought heads come from the shelf.'
              }
              mend={
                first ? (
                  <Button type="primary" onClick={() => inBackground(begin(first).then(setChosen))}>
                    Lay them on the bench
                  </Button>
                ) : (
                  <Button type="primary" onClick={() => setBeginning(true)}>
                    Heads from the shelf
                  </Button>
                )
              }
              other={<Button onClick={practice}>Practice on castings that are drawn</Button>}
            />
          ) : part === 'steps' ? (
            <StepsPart key={batch.id} batch={batch} volumeCm3={volumeCm3} />
          ) : part === 'weigh' ? (
            <WeighPart key={batch.id} batch={batch} table={learned.table} />
          ) : (
            <FlawsPart key={batch.id} batch={batch} learned={learned} />
          )}
        </>
      ) : (
        <Practice firstSeed={practiceSeed} />
      )}
      {isBeginning ? <BeginBatch onClose={() => setBeginning(false)} onBegun={setChosen} /> : null}
    </Station>
  );
}

/** The batch chosen, else the one in hand, else the newest on the bench. */
function pick(batches: readonly Batch[], chosen: string | null): Batch | null {
  const open = batches.filter(({ endedAt }) => endedAt === null).sort((a, b) => b.startedAt - a.startedAt);
  return (
    batches.find(({ id }) => id === chosen) ?? open.find(({ inHand }) => inHand !== null) ?? open[0] ?? null
  );
}
