'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { useMemo, useState } from 'react';
import { judgeRig } from '@/core/rigs/judge-rig';
import { rigSentence } from '@/text/rig-sentence';
import type { Rigging, RigRecord } from '@/records/rig';
import { BeginRun } from '@/station-kit/card-runs/BeginRun';
import { KitTable } from '@/station-kit/card-runs/KitTable';
import { matchLines } from '@/model/rigs/match-lines';
import { rigOf } from '@/model/bills/rig-uses';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { LacksNote } from '@/station-kit/put-down/LacksNote';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { CutBars } from '@/ui/rig-drawing/CutBars';
import { rigShelf } from '@/model/rigs/rig-facts';
import { cutLengths, cutQuestions, rigKit } from '@/model/rigs/run-plan';
import { paceOf } from '@/model/pace/pace-of';
import { useCuts } from './use-cuts';
import styles from './run.module.css';
import { versionText } from '@/model/versions/version-text';
import { JobFailure } from '@/station-kit/JobFailure';

interface BeginRiggingProps {
  readonly rig: RigRecord;
  readonly count: number;
  readonly onClose: () => void;
  readonly onBegun: () => void;
}

/** A run before it begins: its parts by where they lie, its lengths cut from the rolls that waste least. */
export function BeginRigging({ rig, count: first, onClose, onBegun }: BeginRiggingProps) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const { length, leastOffcutMm } = usePreferences();
  const [count, setCount] = useState(first);
  const [way, setWay] = useState<Rigging['way']>('by-station');
  const questions = useMemo(() => cutQuestions(rig, count, view), [rig, count, view]);
  const { isPlanning, planned, job } = useCuts(questions);
  const nameOf = (binId: string) => view.binById.get(binId)?.name ?? 'a bin gone';
  const kit = rigKit(rig, count, view);
  const stops = judgeRig(rigOf(rig, view), rigShelf(view), matchLines(view)).findings.filter(
    ({ weight }) => weight === 'stop',
  );
  const cut = planned.flatMap(({ question, plan }) =>
    plan ? cutLengths(question, plan, nameOf(question.binId), leastOffcutMm) : [],
  );
  const isShort = kit.some(({ needed, onHand }) => onHand < needed - 1e-9);
  const problems = planned.flatMap(({ question, problem }) =>
    problem ? [`${nameOf(question.binId)}: ${problem}`] : [],
  );
  const canBegin = !isPlanning && problems.length === 0 && stops.length === 0 && !isShort;
  const isProven = planned.every(({ plan }) => plan?.optimal);
  return (
    <BeginRun
      title={`Make ${count} × ${versionText(rig)}`}
      okText={questions.length > 0 ? 'Cut and begin' : 'Take them and begin'}
      widthPx={760}
      {...{ count, onCount: setCount, way, onWay: setWay, one: 'One at a time', onClose, onBegun }}
      fields={
        <QuantityField
          label="Keep offcuts from"
          of="length"
          least={0}
          most={5000}
          value={leastOffcutMm}
          onChange={(mm) => mm !== null && setPreferences({ leastOffcutMm: mm })}
        />
      }
      problems={[...stops.map((stop) => rigSentence(stop, units)), ...problems]}
      canBegin={canBegin}
      pace={paceOf({ stage: 'rig', family: rig.family, kind: rig.kind }, view)}
      onBegin={() => {
        const taken = kit.map(({ binId, needed }) => ({ binId, qty: needed }));
        return carryOut(workshop.riggings.begin({ rigId: rig.id, count, way, taken, cut }));
      }}
    >
      {questions.length > 0 ? (
        <section aria-label="Cut list" className={styles.cutList}>
          <h3>Cut list</h3>
          <p className="quiet" role="status">
            {job.failure !== null
              ? 'No cuts are planned.'
              : isPlanning
                ? 'Looking for the cuts that waste least.'
                : problems.length > 0
                  ? 'Not all of it can be cut from what lies there.'
                  : isProven
                    ? 'Proven: no other way opens less.'
                    : 'The best found in the time; not proven.'}
          </p>
          <JobFailure job={job} />
          <CutBars cut={cut} nameOf={nameOf} unit={length} />
        </section>
      ) : null}
      <LacksNote
        lacks={planned.flatMap(({ question, problem }) => {
          const bin = view.binById.get(question.binId);
          return problem && bin ? [{ bin, needed: 0 }] : [];
        })}
      />
      <KitTable lines={kit} />
    </BeginRun>
  );
}
