'use client';

import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import type { CastChange, MakerCan } from '@/core/freezing/mend-casting';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { Gate } from '@/core/molds/gate-run';
import type { MoldKind } from '@/core/molds/made-of';
import { moldMaterial } from '@/model/molds/cast-question';
import { changeText, mendsText, RULES_OF_THUMB } from '@/text/cast-words';
import { wrap } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import type { CastTask } from '@/workers/protocol';
import { JobFailure } from '../JobFailure';
import styles from './freeze.module.css';
import { JobBar } from './JobBar';
import { useMends, type Mends } from './use-freeze';

interface WhatToChangeProps {
  readonly task: CastTask;
  readonly taskKey: string;
  readonly picture: FrozenPicture;
  readonly of: MoldKind;
  readonly isUncut: boolean;
  readonly onTry: (changes: readonly CastChange[]) => void;
}

/** Over all melted a pour is no cooler, and over that no hotter, K. */
const [LEAST_OVER_K, MOST_OVER_K] = [15, 130];
const ROOM_C = 20;

/** The best three changes within what the maker can do, each with what it mends; the trade's rules beside. */
export function WhatToChange({ task, taskKey, picture, of, isUncut, onTry }: WhatToChangeProps) {
  const [can, setCan] = useState({ moveGate: isUncut, cutGate: true, cutVents: true });
  const { mends, job, search } = useMends(`${taskKey}${JSON.stringify(can)}`);
  if (picture.flaws.length === 0 || picture.feed === null) return null;
  const { liquidusC } = task.setting.metal.melting;
  const whole: MakerCan = {
    ...can,
    pouredC: [liquidusC + LEAST_OVER_K, liquidusC + MOST_OVER_K],
    blockC: [ROOM_C, moldMaterial(of).mostC],
  };
  const levers = [
    ['moveGate', 'Move the gate'],
    ['cutGate', 'Drill the gate wider'],
    ['cutVents', 'Scratch vents'],
  ] as const;
  const kinds = new Set(picture.flaws.map(({ kind }) => kind));
  return (
    <section className={styles.mend} aria-label="What to change">
      <h2>What to change</h2>
      <div className={wrap(12)}>
        <span className="quiet">I can</span>
        {levers.map(([key, label]) => (
          <Checkbox
            key={key}
            checked={can[key]}
            onChange={(event) => setCan({ ...can, [key]: event.target.checked })}
          >
            {label}
          </Checkbox>
        ))}
        <span className="quiet">and pour or warm it otherwise.</span>
      </div>
      {job.is === 'working' || mends ? null : <Button onClick={() => search(task, whole)}>Find a fix</Button>}
      <JobBar job={job} says="Trying changes" />
      <JobFailure job={job} />
      {mends ? <Found mends={mends} gate={task.casting.gate} picture={picture} onTry={onTry} /> : null}
      <ul className={styles.rules} aria-label="What makers say">
        {RULES_OF_THUMB.filter(({ of: kind }) => kinds.has(kind)).map(({ says }) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
    </section>
  );
}

interface FoundProps {
  readonly mends: Mends;
  readonly gate: Gate;
  readonly picture: FrozenPicture;
  readonly onTry: (changes: readonly CastChange[]) => void;
}

function Found({ mends, gate, picture, onTry }: FoundProps) {
  const units = useUnits();
  if (mends.length === 0) {
    return <p role="status">None of these changes fixes it. Change the shape, or tick more above.</p>;
  }
  return (
    <ol className={styles.mends} aria-label="Changes that fix it">
      {mends.map(({ changes, told }) => {
        const says = changes.map(({ what }) => changeText(what, gate, picture.bounds, units)).join('. ');
        return (
          <li key={says}>
            <div>
              <strong>{says}</strong>
              <p>{mendsText(picture.flaws, told)}</p>
            </div>
            <Button onClick={() => onTry(changes.map(({ what }) => what))}>Try it</Button>
          </li>
        );
      })}
    </ol>
  );
}
