'use client';

import { proseIn } from '@/text/prose-in';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { findCause } from '@/core/quality/causes/causes';
import { findFlaw } from '@/core/quality/flaws';
import { changePour, posePour } from '@/core/quality/practice/pose-casting';
import { CHANGES, type ChangeId } from '@/core/quality/practice/trouble';
import type { HookBin } from '@/records/bin';
import { markText, temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { CastingPicture } from '@/ui/dress-drawing/CastingPicture';
import { practiceCavities, practiceMetal } from '@/model/quality/practice-castings';
import styles from './practice.module.css';

interface Score {
  readonly right: number;
  readonly of: number;
}

/** Castings posed from a simulated pour: what would you change? No hot metal, and nothing is written to the bench. */
export function Practice({ firstSeed }: { firstSeed: number }) {
  const { view } = useBench();
  const units = useUnits();
  const { mass, temperature } = units;
  const [seed, setSeed] = useState(firstSeed);
  const [tried, setTried] = useState<readonly ChangeId[]>([]);
  const [isTold, setTold] = useState(false);
  const [score, setScore] = useState<Score>({ right: 0, of: 0 });
  const cavities = useMemo(() => practiceCavities(view.molds), [view.molds]);
  const posed = useMemo(() => posePour(seed, cavities, practiceMetal), [seed, cavities]);
  const last = tried.at(-1) ?? null;
  const isMended = last !== null && posed.mends.includes(last);
  const after = last === null ? null : changePour(posed, practiceMetal(posed.cavity), last);
  const { cavity, state, trouble } = posed;
  const hook: HookBin | null = cavity.isHooked
    ? ([...view.hooks.values()].find(({ size }) => size === '2/0') ?? [...view.hooks.values()][0] ?? null)
    : null;
  const aimC = practiceMetal(cavity).aimC;

  const attempt = (id: ChangeId) => {
    if (isMended) return;
    setTried([...tried, id]);
    if (tried.length === 0)
      setScore({ right: score.right + (posed.mends.includes(id) ? 1 : 0), of: score.of + 1 });
  };
  const next = () => {
    setSeed(seed + 1);
    setTried([]);
    setTold(false);
  };
  const style = findStyle(cavity.style);
  const shown = after?.castings ?? posed.castings;
  return (
    <section className={stack(14, styles.practice)} aria-label="Practice">
      <header>
        <h2>
          {style?.name ?? cavity.style} {markText(cavity.nominalG, mass)}, lead with 4 % antimony
        </h2>
        <p className="quiet">
          Three castings in a row came out like this. What do you change before the next?
        </p>
        <p className={styles.score} role="status">
          {score.of > 0 ? `${score.right} of ${score.of} at the first try` : 'No pour tried yet'}
        </p>
      </header>
      <div
        className={stack(12, styles.castings)}
        aria-label={after ? 'After the change' : 'As they came'}
        role="group"
      >
        {shown.map((casting, index) => (
          <CastingPicture
            key={`${seed}-${tried.length}-${index}`}
            cavity={cavity}
            casting={casting}
            hook={hook}
            seed={seed * 31 + index + tried.length * 7}
            isNamed={isMended}
          />
        ))}
      </div>
      <div className={styles.readings}>
        {isTold ? (
          <p>
            Pot <b>{temperatureText(state.potC, temperature)}</b>, this head needs{' '}
            {temperatureText(aimC, temperature)}; block <b>{temperatureText(state.moldC, temperature)}</b>,
            warm is about {temperatureText(130, temperature)}.
          </p>
        ) : (
          <Button size="small" onClick={() => setTold(true)}>
            Read pot and block
          </Button>
        )}
      </div>
      <div className={stack(8, styles.changes)} role="group" aria-label="What to change">
        {CHANGES.map(({ id, name }) => {
          const isTried = tried.includes(id);
          return (
            <button
              key={id}
              type="button"
              disabled={isTried || isMended}
              data-right={isTried && posed.mends.includes(id)}
              data-wrong={isTried && !posed.mends.includes(id)}
              onClick={() => attempt(id)}
            >
              {name}
              {isTried ? (posed.mends.includes(id) ? ' ✓' : ' ✗') : ''}
            </button>
          );
        })}
      </div>
      <div className={styles.verdict} role="status">
        {after === null ? null : isMended ? (
          <>
            <h3>
              Clean{after.turns > 1 ? ` after ${after.turns} turns of that` : ''}. It was:{' '}
              {findCause(trouble).name.toLowerCase()}
            </h3>
            <p>
              {posed.castings[0]?.flaws
                .map((kind) => `${findFlaw(kind).name}: ${findFlaw(kind).looks}`)
                .join('. ')}
              . {proseIn(findCause(trouble).mend, units)}
            </p>
            <Button type="primary" onClick={next}>
              Next pour
            </Button>
          </>
        ) : (
          <p>
            Still not right: what is above came of it. Look again, or read pot and block.{' '}
            <Button type="link" size="small" onClick={next}>
              Skip to the next pour
            </Button>
          </p>
        )}
      </div>
    </section>
  );
}
