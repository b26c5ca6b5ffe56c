'use client';

import { Slider } from 'antd';
import { startTransition, useMemo, useState } from 'react';
import type { CastDraft, CastSubject } from '@/model/molds/cast-question';
import { castQuestion, moldMaterial, usualHeat } from '@/model/molds/cast-question';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import { withChange, type CastChange } from '@/core/freezing/mend-casting';
import type { MetalBin } from '@/records/bin';
import { pouredThermal } from '@/reference/poured-thermal';
import { listedMetal } from '@/model/metals/listed-metal';
import { castPictureText } from '@/text/cast-words';
import { apart, column, stack } from '@/ui/layout/layout';
import { FreezeSection } from '@/ui/freeze-drawing/FreezeSection';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { JobFailure } from '../JobFailure';
import { Later } from '../Later';
import { CastFields } from './CastFields';
import { FlawList } from './FlawList';
import { FreezeFacts } from './FreezeFacts';
import styles from './freeze.module.css';
import { GateHandle } from './GateHandle';
import { JobBar } from './JobBar';
import { useFreeze } from './use-freeze';
import { WhatToChange } from './WhatToChange';

interface FreezeBoardProps {
  readonly name: string;
  readonly subject: CastSubject;
  readonly metal: MetalBin;
  readonly draft: CastDraft;
  readonly onDraft: (draft: CastDraft) => void;
  readonly onMetal?: (metalId: string) => void;
  /** The block is not cut yet: the gate may go anywhere. */
  readonly isUncut: boolean;
  readonly modulusMm: number | null;
  /** What stands over the fields. */
  readonly lead?: React.ReactNode;
  /** What else is said of this casting's block. */
  readonly children?: (picture: FrozenPicture) => React.ReactNode;
}

/** A head that was timed was poured of soft lead into a warm aluminum block, unless somebody says otherwise (typical). */
const [TIMED_METAL, TIMED_BLOCK_C] = ['listed:soft-lead', 120];

/** A casting followed from the pour until it is solid: where it freezes last, what goes wrong, what to change. */
export function FreezeBoard(props: FreezeBoardProps) {
  const { name, subject, metal, draft, onDraft, onMetal, isUncut, modulusMm, lead, children } = props;
  const { view } = useBench();
  const units = useUnits();
  const sentence = useSentence();
  const [atS, setAtS] = useState<number | null>(null);
  const trial = view.bench.freezeTrial;
  const task = useMemo(() => {
    const question = castQuestion(subject, draft, metal);
    if (!question) return null;
    const isMetalBlock = draft.of === 'aluminum' || draft.of === 'steel';
    const soft = pouredThermal(listedMetal(TIMED_METAL)?.composition ?? null);
    const timed =
      trial && soft && isMetalBlock
        ? {
            head: trial,
            setting: {
              ...question.setting,
              metal: soft,
              mold: moldMaterial('aluminum'),
              pouredC: usualHeat({ composition: { Pb: 1 } }, 'aluminum').pouredC,
              blockC: TIMED_BLOCK_C,
              spinPa: 0,
            },
          }
        : null;
    const { source, casting, setting } = question;
    return { source, casting, setting, timed };
  }, [subject, draft, metal, trial]);
  const key = useMemo(
    () => JSON.stringify([task, 'file' in subject.source ? subject.source.file.size : 0]),
    [task, subject],
  );
  const { frozen, isStale, refused, job, again } = useFreeze(task, key);
  const picture = frozen?.picture ?? null;

  if (!task) {
    return (
      <p role="alert">
        Nobody knows how {metal.name} melts, so its freezing cannot be followed. Say at Metal what it is made
        of, or choose another metal.
      </p>
    );
  }
  const apply = (changes: readonly CastChange[]) => {
    const after = changes.reduce(withChange, {
      casting: { ...task.casting, body: new Float32Array() },
      setting: task.setting,
    });
    const { vents, pouredC, blockC, gapMm } = after.setting;
    onDraft({ ...draft, gate: after.casting.gate, vents, pouredC, blockC, gapMm });
  };
  const wholeS = picture?.feed?.allSolidS ?? null;
  return (
    <div className={apart(20, styles.board)}>
      <div className={stack(8, styles.fields)}>
        {lead}
        <Later>
          <CastFields draft={draft} metal={metal} onDraft={onDraft} onMetal={onMetal} />
        </Later>
      </div>
      <div className={column(12)}>
        <JobBar job={job} says="Following the freezing" onAgain={again} isStale={isStale} />
        <JobFailure job={job} />
        {refused ? (
          <p role="alert" className="stop">
            {sentence(refused)}
          </p>
        ) : null}
        {frozen && picture ? (
          <div data-stale={isStale} className={styles.picture}>
            <div className={styles.seen}>
              <FreezeSection
                picture={picture}
                drawing={frozen.drawing}
                side={draft.gate.side}
                hook={task.casting.hook}
                atS={atS}
                flaws={picture.flaws}
                isWood={draft.of === 'wood'}
                says={castPictureText(name, picture, units)}
              >
                {(px) => (
                  <GateHandle
                    picture={picture}
                    gate={draft.gate}
                    px={px}
                    onMove={(at) => onDraft({ ...draft, gate: { ...draft.gate, at } })}
                  />
                )}
              </FreezeSection>
              <FlawList picture={picture} side={draft.gate.side} />
            </div>
            {wholeS === null ? null : (
              <div className={styles.moment}>
                <span>
                  {atS === null ? 'When each place is solid' : `${atS.toFixed(1)} s after the pour`}
                </span>
                <Slider
                  min={0}
                  max={wholeS}
                  step={wholeS / 100}
                  value={atS ?? wholeS}
                  tooltip={{ open: false }}
                  ariaLabelForHandle="Seconds after the pour"
                  // A key held down comes faster than a drawing: it waits for none of them.
                  onChange={(s) => startTransition(() => setAtS(s >= wholeS * 0.995 ? null : s))}
                />
              </div>
            )}
            <Later>
              <FreezeFacts {...{ picture, draft, trial, modulusMm }} spinPa={subject.spinPa} />
              <WhatToChange
                task={task}
                taskKey={key}
                picture={picture}
                of={draft.of}
                isUncut={isUncut}
                onTry={apply}
              />
              <Later>{children?.(picture)}</Later>
            </Later>
          </div>
        ) : null}
      </div>
    </div>
  );
}
