'use client';

import { App, Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { countRun } from '@/core/pours/count-run';
import { isTally } from '@/data/repositories/runs';
import type { Mold } from '@/records/mold';
import type { Pour, Run } from '@/records/run';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { Station } from '@/ui/frame/Station';
import {
  drawMold,
  lotText,
  markText,
  minutesText,
  setPreferences,
  useBench,
  useKeys,
  usePreferences,
} from '../shared';
import { BookForm } from './BookForm';
import { cavityWords } from './PlanView';
import { Pot } from './Pot';
import { PourMarks } from './PourMarks';
import { RunSlip } from './RunSlip';
import { isOnControl, useFreeSpace } from './use-free-space';
import { useWakeLock } from './use-wake-lock';
import styles from './pour.module.css';

/** A run on the bench: the block, one control a pour, misfills tapped on it. All of it lives in the database. */
export function RunView({ run }: { run: Run }) {
  const { workshop, view, carryOut } = useBench();
  const { message, modal } = App.useApp();
  const preferences = usePreferences();
  const [chosenPour, setChosenPour] = useState<string | null>(null);
  const [isBooking, setIsBooking] = useState(false);
  const count = useMemo(() => countRun(run, view.pours), [run, view.pours]);
  useWakeLock(true);
  useFreeSpace();
  // On a phone the plan was read down to its button; the run begins at its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [run.id]);

  const block = run.blocks[run.moldIndex];
  const mold = view.moldById.get(block?.moldId ?? '');
  const state = count.blocks[run.moldIndex];
  const mine = view.pours.filter((pour) => pour.moldId === block?.moldId);
  const shown = mine.find((pour) => pour.id === chosenPour) ?? mine.at(-1) ?? null;
  const nextBlock = count.blocks.findIndex((each) => each.ahead.length > 0);
  const isBlockDone = (state?.next.length ?? 0) === 0;

  const pour = async () => {
    setChosenPour(null);
    if (isBlockDone && nextBlock >= 0) await carryOut(workshop.runs.turnTo(run.id, nextBlock));
    else if (isBlockDone) setIsBooking(true);
    else await carryOut(workshop.runs.pour(run.id));
  };
  const toggle = (cavity: number) => {
    if (shown?.castings.some((casting) => casting.cavity === cavity)) {
      void carryOut(workshop.runs.toggle(shown.id, cavity));
    }
  };
  const back = async () => {
    setChosenPour(null);
    const done = await carryOut(workshop.history.undo(isTally));
    if (done)
      void message.info(
        done.value === 'Pour' ? 'The last pour is taken back.' : 'The last mark is taken back.',
        1.5,
      );
  };
  const drop = () =>
    modal.confirm({
      title: `Drop run ${run.no}?`,
      content: `Its ${count.good} good castings are not booked; all counts as gone back into the pot. Undo brings the run back.`,
      okText: 'Drop the run',
      okButtonProps: { danger: true },
      cancelText: 'Go on pouring',
      onOk: () => carryOut(workshop.runs.drop(run.id)),
    });

  useKeys((event) => {
    if (isBooking || event.ctrlKey || event.metaKey || event.altKey) return;
    const digit = /^Digit([1-9])$/.exec(event.code)?.[1];
    if (event.key === ' ') {
      if (isOnControl(event.target)) return;
      event.preventDefault();
      void pour();
    } else if (event.key === 'Backspace') {
      event.preventDefault();
      void back();
    } else if (digit !== undefined) {
      event.preventDefault();
      toggle(Number(digit) - 1);
    }
  });

  if (!block || !mold || !state) {
    return (
      <Station
        title={`Run ${run.no}`}
        slip={<RunSlip run={run} count={count} />}
        isSlipFolded={preferences.isSlipFolded}
        onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      >
        <p>The block of this run is no longer on the bench. Undo brings it back; or drop the run.</p>
        <Button danger onClick={drop}>
          Drop the run
        </Button>
      </Station>
    );
  }

  const total = state.poured + state.ahead.length;
  const word = isBlockDone ? (nextBlock >= 0 ? 'Next block' : 'Book the run') : 'Pour';
  return (
    <Station
      title={isBlockDone ? `${mold.name} has cast its share` : `Pour ${state.poured + 1} of ${total}`}
      sub={`${mold.name}, ${lotText(view.binById.get(run.metalBinId)?.name ?? '')}${
        isBlockDone
          ? ''
          : ` · this pour: ${cavityWords(
              mold,
              state.next.map((slot) => slot.cavity),
              preferences.mass,
            )}`
      }`}
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      slip={<RunSlip run={run} count={count} />}
      actions={
        <>
          <Button onClick={() => void back()} disabled={mine.length === 0}>
            Take back
          </Button>
          <Button onClick={drop}>Drop</Button>
          <Button
            type={isBlockDone && nextBlock < 0 ? 'primary' : 'default'}
            onClick={() => setIsBooking(true)}
            disabled={view.pours.length === 0}
          >
            Book
          </Button>
        </>
      }
    >
      <div className={styles.run}>
        <div className={styles.hand}>
          <button
            type="button"
            className={styles.pourButton}
            data-done={isBlockDone}
            onClick={() => void pour()}
          >
            <span className={styles.pourWord}>{word}</span>
            <span className={styles.pourLeft}>
              {isBlockDone
                ? nextBlock >= 0
                  ? (view.moldById.get(run.blocks[nextBlock]?.moldId ?? '')?.name ?? '')
                  : `${count.good} good`
                : `${state.ahead.length} left`}
            </span>
            <span className={styles.pourKey}>space</span>
          </button>
          <Pot levelG={count.potG} capacityG={view.pot.capacityG} heelG={view.pot.heelG} label="In the pot" />
          <p className={styles.beat}>
            {minutesText(
              count.blocks.reduce(
                (seconds, each) =>
                  seconds + each.ahead.length * (view.moldById.get(each.moldId)?.secondsPerPour ?? 0),
                0,
              ),
            )}{' '}
            left at your beat
          </p>
        </div>
        <div className={styles.bench}>
          <p className="quiet">
            {shown
              ? shown === mine.at(-1)
                ? `Pour ${mine.length} stands open. Tap a cavity that did not fill.`
                : `Pour ${mine.indexOf(shown) + 1}, looked at again. Tap what did not fill.`
              : 'Lit cavities are filled on the first pour. Load their hooks.'}
          </p>
          <RunBlock run={run} mold={mold} shown={shown} state={state} onTap={toggle} />
          <PourMarks
            pours={mine}
            ahead={state.ahead.length}
            chosen={shown?.id ?? null}
            onChoose={setChosenPour}
          />
        </div>
      </div>
      {isBooking ? <BookForm run={run} count={count} onClose={() => setIsBooking(false)} /> : null}
    </Station>
  );
}

interface RunBlockProps {
  readonly run: Run;
  readonly mold: Mold;
  readonly shown: Pour | null;
  readonly state: ReturnType<typeof countRun>['blocks'][number];
  readonly onTap: (cavity: number) => void;
}

function RunBlock({ run, mold, shown, state, onTap }: RunBlockProps) {
  const { view } = useBench();
  const { mass } = usePreferences();
  const block = run.blocks[run.moldIndex];
  const hooks = useMemo(
    () =>
      mold.cavities.map((_, index) => {
        const key = run.cells.find((cell) => cell.moldId === mold.id && cell.cavity === index)?.key;
        const hookId = run.heads.find((head) => head.key === key)?.hookBinId;
        return hookId ? (view.hooks.get(hookId) ?? null) : null;
      }),
    [mold, run, view.hooks],
  );
  const layout = useMemo(() => drawMold(mold, hooks), [mold, hooks]);
  if (!layout) return null;
  const marks = mold.cavities.map((cavity, index): CavityMark => {
    const casting = shown?.castings.find((each) => each.cavity === index);
    const isNext = state.next.some((slot) => slot.cavity === index);
    const share = block?.fills.find((fill) => fill.cavities.includes(index));
    const asked = share?.filled.reduce((sum, { count }) => sum + count, 0) ?? 0;
    const good = state.cavities.get(index)?.good ?? 0;
    const isShared = (share?.cavities.length ?? 0) > 1;
    const mark = markText(cavity.nominalG, mass);
    const how = casting ? (casting.good ? 'cast' : 'misfilled') : isNext ? 'next' : 'stays empty';
    return {
      mark,
      state: casting
        ? casting.good
          ? 'lit'
          : 'misfilled'
        : !shown && isNext
          ? 'lit'
          : isNext
            ? 'idle'
            : 'empty',
      foot: asked > 0 ? (isShared ? `${good} good` : `${Math.min(good, asked)} of ${asked}`) : undefined,
      name: `Cavity ${index + 1}, ${mark}, ${how}`,
    };
  });
  return (
    <MoldBlock
      title={`${mold.name} on the bench`}
      layout={layout}
      marks={marks}
      onTap={onTap}
      isTappable={(index) => Boolean(shown?.castings.some((casting) => casting.cavity === index))}
      pressed={(index) => shown?.castings.find((casting) => casting.cavity === index)?.good === false}
      maxHeightPx={mold.kind === 'spun' ? 380 : 300}
    />
  );
}
