'use client';

import { useUnits } from '@/ui/units/use-units';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { inOwnOrder } from '@/core/card-runs/own-steps';
import { piecesDone } from '@/core/card-runs/turn-card';
import { versionText } from '@/model/versions/version-text';
import { useBench } from '../BenchProvider';
import { NextSteps } from '../NextSteps';
import { inBackground } from '../in-background';
import type { CardRunKind, CardRunRecord, MadeRecord } from './card-run-kind';
import { EndRun } from './EndRun';
import { OwnSteps } from './OwnSteps';
import { RunsSoFar, ShelfGives } from './RunLists';
import { RunSide } from './RunSide';
import { StepCard } from './StepCard';

interface CardRunPartProps<Item extends MadeRecord, Run extends CardRunRecord> {
  readonly kind: CardRunKind<Item, Run>;
  readonly onMake: (item: Item, count: number) => void;
  /** Where nothing is kept yet: to where the first is made. */
  readonly onFirst: () => void;
  /** Above what the shelf gives: what waits to be made. */
  readonly waiting?: ReactNode;
  /** Above the runs so far: what to mind with what was made. */
  readonly mind?: ReactNode;
}

/** A run that was ended here, and how many of it passed. */
interface Ended<Item, Run> {
  readonly item: Item;
  readonly run: Run;
  readonly passed: number;
}

/** The run under way with its card; else what the shelf gives now, and the runs so far. */
export function CardRunPart<Item extends MadeRecord, Run extends CardRunRecord>({
  kind,
  onMake,
  onFirst,
  waiting,
  mind,
}: CardRunPartProps<Item, Run>) {
  const { view } = useBench();
  const [ended, setEnded] = useState<Ended<Item, Run> | null>(null);
  const run = kind.underWay(view);
  const item = run ? kind.itemOf(run, view) : undefined;
  if (run && item) return <RunUnderWay kind={kind} run={run} item={item} onEnded={setEnded} />;
  return (
    <div className={stack(24)}>
      {ended ? (
        <div role="status" className="said">
          <p>{kind.saysEnded(ended.passed, ended.run)}</p>
          {ended.passed > 0 ? <NextSteps steps={kind.next(ended.item, ended.run, view)} /> : null}
        </div>
      ) : null}
      {waiting}
      <ShelfGives
        verb={kind.words.verb}
        none={
          <>
            <p>{kind.words.none}</p>
            <Button type="primary" onClick={onFirst}>
              {kind.words.first}
            </Button>
          </>
        }
        rows={kind.items(view).map((each) => {
          const gives = kind.gives(each, view);
          return {
            gives,
            id: each.id,
            name: versionText(each),
            lies: kind.lies?.(each, view) ?? null,
            picture: kind.thumb(each, view),
            onMake: () => onMake(each, Math.max(1, Math.min(kind.mostAtOnce, gives.count))),
          };
        })}
      />
      <RunsSoFar
        runs={kind.past(view)}
        nameOf={(each) => {
          const made = kind.itemOf(each, view);
          return made ? versionText(made) : kind.words.gone;
        }}
        actionsOf={(each) => {
          const made = kind.itemOf(each, view);
          return kind.Actions && made ? <kind.Actions run={each} item={made} /> : null;
        }}
      >
        {mind}
      </RunsSoFar>
    </div>
  );
}

interface RunUnderWayProps<Item extends MadeRecord, Run extends CardRunRecord> {
  readonly kind: CardRunKind<Item, Run>;
  readonly run: Run;
  readonly item: Item;
  readonly onEnded: (ended: Ended<Item, Run>) => void;
}

function RunUnderWay<Item extends MadeRecord, Run extends CardRunRecord>({
  kind,
  run,
  item,
  onEnded,
}: RunUnderWayProps<Item, Run>) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const [isEnding, setEnding] = useState(false);
  const [isOwn, setOwn] = useState(false);
  const doing = kind.doing(workshop);
  const usual = kind.steps(item, run, view, units);
  const steps = inOwnOrder(usual, item.ownSteps ?? []);
  const done = piecesDone(run, steps.length);
  const { piece, made, through, goOn } = kind.words;
  const capital = `${made.slice(0, 1).toUpperCase()}${made.slice(1)}`;
  const moveOn = (how: 'press' | 'pass') => {
    const times = steps.map(({ count }) => count?.times ?? 0);
    const drying = steps.map(({ dries }) => dries);
    inBackground(carryOut(doing[how](run.id, times, drying)));
  };
  return (
    <>
      <RunSide
        name={versionText(item)}
        word={made}
        run={run}
        done={done}
        amountText={kind.amountText}
        checks={kind.checks(item)}
        tools={kind.tools(item)}
        onEnd={() => setEnding(true)}
        more={<Button onClick={() => setOwn(true)}>My own steps</Button>}
        onRest={(isResting) => inBackground(carryOut(doing.rest(run.id, isResting)))}
      >
        {kind.before?.(run) ?? (
          <StepCard
            piece={piece}
            last={capital}
            run={run}
            steps={steps}
            through={through}
            onGo={() => moveOn('press')}
            onPass={() => moveOn('pass')}
            onBack={() => inBackground(carryOut(doing.pressBack(run.id, steps.length)))}
            onTurn={(to) => inBackground(carryOut(doing.turnTo(run.id, to)))}
            picture={(step, at, widthPx) => kind.picture({ item, run, step, at, widthPx })}
          />
        )}
      </RunSide>
      {isOwn ? (
        <OwnSteps
          usual={usual}
          own={item.ownSteps ?? []}
          isUnderWay={run.card.step > 0 || run.card.piece > 0 || run.isThrough}
          onClose={() => setOwn(false)}
          onKeep={(own) => {
            setOwn(false);
            inBackground(carryOut(kind.keepSteps(workshop, item.id, own)));
          }}
        />
      ) : null}
      {isEnding ? (
        <EndRun
          made={capital}
          goOn={goOn}
          count={run.count}
          done={done}
          checks={kind.checks(item)}
          reasons={kind.reasons(item)}
          canStrip={kind.canStrip}
          {...(kind.neverBack ? { note: kind.neverBack } : {})}
          backOf={(used) => kind.backOf(run, item, used, view)}
          amountText={kind.amountText}
          onClose={() => setEnding(false)}
          onEnd={async (end) => {
            const massG = kind.massOf(item, view);
            const gauge = kind.gaugeOf?.(item, view) ?? null;
            const done = await carryOut(doing.end(run.id, { ...end, massG, gauge }));
            if (done) onEnded({ run, item, passed: end.passed });
          }}
        />
      ) : null}
    </>
  );
}
