'use client';

import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo } from 'react';
import { findHold } from '@/core/skirts/holds';
import { MISTAKES } from '@/core/skirts/holds/mistakes';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { useWidth } from '@/ui/use-width';
import { HandSwitch } from '@/station-kit/craft/HandSwitch';
import { jigOf } from '@/station-kit/looks/jig-look';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { COUNT_WORDS } from './HoldFields';
import { stepsOf } from './tying-card';
import styles from './card.module.css';
import { useKeyMap } from '@/station-kit/key-map';
import { TYING_KEYS } from './keys';
import { inBackground } from '@/station-kit/in-background';

interface BenchCardProps {
  readonly tying: Tying;
  /** With this run's other materials in it. */
  readonly recipe: Skirt;
}

/** One step at a time, large, drawn from this recipe; one key or a knuckle counts and goes on. */
export function BenchCard({ tying, recipe }: BenchCardProps) {
  const { view, workshop, carryOut } = useBench();
  const { hand } = usePreferences();
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const steps = useMemo(() => stepsOf(recipe, view), [recipe, view]);
  const head = tying.headBinId === null ? undefined : view.binById.get(tying.headBinId);
  const jig = useMemo(
    () =>
      jigOf(
        recipe,
        view,
        head?.kind === 'head'
          ? { style: head.style, nominalG: head.nominalG, hookBinId: head.hookBinId, coatId: head.coatId }
          : {},
      ),
    [recipe, view, head],
  );
  const at = Math.min(tying.card.step, steps.length - 1);
  const step = steps[at];
  const isAllTied = tying.done >= tying.count;
  const go = () => {
    if (isAllTied) return;
    const times = steps.map(({ count }) => count?.times ?? 0);
    inBackground(carryOut(workshop.tyings.press(tying.id, times, findHold(recipe.hold).drying)));
  };
  const turn = (to: number) => {
    if (!isAllTied && to >= 0 && to < steps.length)
      inBackground(carryOut(workshop.tyings.turnCard(tying.id, { step: to, counted: 0 })));
  };
  const back = () => inBackground(carryOut(workshop.tyings.pressBack(tying.id)));
  useKeyMap(TYING_KEYS, {
    count: go,
    on: () => turn(at + 1),
    turnBack: () => turn(at - 1),
    back,
  });
  if (!step || !jig) return null;
  const times = step.count?.times ?? 0;
  return (
    <section className={styles.card} aria-label="Bench card">
      <header>
        <p>
          Skirt {Math.min(tying.done + 1, tying.count)} of {tying.count}, step {at + 1} of {steps.length}
        </p>
        <HandSwitch />
      </header>
      <ol className={styles.track} aria-label="Steps">
        {steps.map((each, index) => (
          <li key={each.id} data-now={index === at} data-done={index < at}>
            <button
              type="button"
              onClick={() => turn(index)}
              aria-label={`Step ${index + 1}: ${each.title}`}
            />
          </li>
        ))}
      </ol>
      <div className={styles.body}>
        <div ref={ref} className={styles.picture}>
          <SkirtDrawing
            name={`Step ${at + 1}, drawn`}
            jig={jig}
            state={
              step.shows.as === 'tied'
                ? { is: 'tying', layers: step.shows.layers }
                : step.shows.as === 'rest'
                  ? { is: 'rest' }
                  : { is: 'open', open: 1, pulse: 0 }
            }
            view="side"
            pxPerMm={5}
            maxWidthPx={width}
            maxHeightPx={330}
            isMirrored={hand === 'left'}
          />
        </div>
        <div className={styles.words}>
          <h2 aria-live="polite">{isAllTied ? 'All tied' : step.title}</h2>
          <p>{isAllTied ? 'End the run: what is over goes back on the shelf.' : step.how}</p>
          {times > 0 && step.count && !isAllTied ? (
            <p className={styles.count} aria-live="polite">
              <strong>{tying.card.counted}</strong> of {times}{' '}
              <span>{COUNT_WORDS[step.count.of].toLowerCase()}</span>
              <i aria-hidden="true">
                {Array.from({ length: times }, (_, nth) => (
                  <b key={nth} data-done={nth < tying.card.counted} />
                ))}
              </i>
            </p>
          ) : null}
          {step.mistakes.length > 0 && !isAllTied ? (
            <ul className={styles.mistakes} aria-label="What goes wrong here">
              {step.mistakes.map((id) => (
                <li key={id}>
                  <strong>{MISTAKES[id].name}.</strong> {MISTAKES[id].mend}
                </li>
              ))}
            </ul>
          ) : null}
        </div>
      </div>
      <div className={styles.hands}>
        <Button
          icon={<LeftOutlined />}
          onClick={back}
          disabled={isAllTied || (at === 0 && tying.card.counted === 0)}
          aria-label="One back"
        />
        <button type="button" className={styles.go} onClick={go} disabled={isAllTied}>
          {times > 0
            ? `Count ${Math.min(times, tying.card.counted + 1)}`
            : at + 1 < steps.length
              ? 'Done, next'
              : 'Tied'}
        </button>
        <Button
          icon={<RightOutlined />}
          onClick={() => turn(at + 1)}
          disabled={isAllTied || at + 1 >= steps.length}
          aria-label="Next step"
        />
      </div>
      <p className="quiet">Space counts and goes on · arrows turn the card · Backspace takes one back</p>
    </section>
  );
}
