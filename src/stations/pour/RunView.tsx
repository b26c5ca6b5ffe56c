'use client';

import { apart, line } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useEffect, useMemo, useState } from 'react';
import { countRun, type RunCount } from '@/core/pours/count-run';
import type { Run } from '@/records/run';
import { Station } from '@/ui/frame/Station';
import { markText, minutesText } from '@/text/words';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { beatWorking } from '@/station-kit/figures/pours-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { PourHints } from '@/station-kit/freeze/PourHints';
import { BeatControl } from '@/ui/pour-drawing/BeatControl';
import { BookForm } from './BookForm';
import { FlawPicker } from '@/ui/pour-drawing/FlawPicker';
import { HandBlocks } from '@/ui/pour-drawing/HandBlocks';
import { Pot } from '@/ui/pour-drawing/Pot';
import { PotTemperature } from './PotTemperature';
import { PourMarks } from '@/ui/pour-drawing/PourMarks';
import { Replan } from './Replan';
import { wantsSince } from '@/model/schedule/replan-run';
import { RunBlock } from './RunBlock';
import { RunSlip } from './RunSlip';
import { TopUp } from './TopUp';
import { isPotLow, useLowPot } from './use-low-pot';
import { useFreeSpace } from '@/station-kit/use-free-space';
import { useRunHands } from './use-run-hands';
import { subOf, titleOf, underOf } from '@/ui/pour-drawing/hand-words';
import { useRunPresses } from './use-run-presses';
import { useSteadyNow } from './use-steady-now';
import { useWakeLock } from './use-wake-lock';
import styles from './pour.module.css';
import { useKeyMap } from '@/station-kit/key-map';
import { RUN_KEYS } from './keys';
import { inBackground } from '@/station-kit/in-background';

/** A run on the bench: the block in hand, its beat, misfills tapped on it. All of it lives in the database. */
export function RunView({ run }: { run: Run }) {
  const { workshop, view } = useBench();
  const preferences = usePreferences();
  const [chosenPour, setChosenPour] = useState<string | null>(null);
  const [isBooking, setIsBooking] = useState(false);
  const [isReplanning, setIsReplanning] = useState(false);
  const [jump, setJump] = useState<number | null>(null);
  const count = useMemo(() => countRun(run, view.pours), [run, view.pours]);
  const now = useSteadyNow(workshop.now, (jumpMs) => {
    setJump(jumpMs);
    return workshop.runs.mendClock(run.id, jumpMs);
  });
  const hands = useRunHands(run, count, now);
  const hand = hands.now ?? hands.blocks.find(({ index }) => index === view.beat?.held) ?? null;
  const isLow = isPotLow(run, count, hand?.mold.id ?? null, view.pot.heelG);
  useLowPot(isLow && !isBooking);
  useWakeLock(true);
  useFreeSpace();
  useFutureSteps(run, now);
  // On a phone the plan was read down to its button; the run begins at its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [run.id]);

  const since = useMemo(() => wantsSince(run, view), [run, view]);
  const mine = view.pours.filter((pour) => pour.moldId === hand?.mold.id);
  const shown = mine.find((pour) => pour.id === chosenPour) ?? mine.at(-1) ?? null;
  const presses = useRunPresses(run, hands, { chose: setChosenPour, book: () => setIsBooking(true) });
  const toggle = (cavity: number) => {
    if (shown?.castings.some((casting) => casting.cavity === cavity)) presses.toggle(shown.id, cavity);
  };

  const mayPress = !isBooking && !isReplanning;
  useKeyMap(RUN_KEYS, {
    next: mayPress ? () => presses.moveOn() : null,
    misfill: mayPress ? (press) => toggle(Number(press.slice(-1)) - 1) : null,
    back: mayPress ? () => presses.back() : null,
  });

  const folding = {
    isSlipFolded: preferences.isSlipFolded,
    onFold: (isSlipFolded: boolean) => setPreferences({ isSlipFolded }),
    slip: <RunSlip run={run} count={count} />,
  };
  if (!hand) {
    return (
      <Station title={`Run ${run.no}`} {...folding}>
        <p>The blocks of this run are no longer on the bench. Undo brings them back; or drop the run.</p>
        <Button danger onClick={() => presses.drop(count.good)}>
          Drop the run
        </Button>
      </Station>
    );
  }
  const metal = view.metals.find(({ id }) => id === run.metalBinId);
  const markOf = (cavity: number) => markText(hand.mold.cavities[cavity]?.nominalG ?? 0, preferences.mass);
  return (
    <Station
      title={titleOf(hand, hands)}
      sub={subOf(hand, hands, view.binById.get(run.metalBinId)?.name ?? '', preferences.mass)}
      {...folding}
      actions={
        <>
          <BeatChoice />
          <Button onClick={presses.back} disabled={view.pours.length === 0}>
            Take back
          </Button>
          <Button onClick={() => setIsReplanning(true)}>Plan anew</Button>
          <Button onClick={() => presses.drop(count.good)}>Drop</Button>
          <Button
            type={hands.now === null && !hands.waiting ? 'primary' : 'default'}
            onClick={() => setIsBooking(true)}
            disabled={view.pours.length === 0}
          >
            Book
          </Button>
        </>
      }
    >
      <HandBlocks hands={hands} onTakeIn={presses.takeIn} />
      <WantedSince count={since} onPlan={() => setIsReplanning(true)} />
      {jump === null ? null : <JumpNote jumpMs={jump} onSeen={() => setJump(null)} />}
      <div className={apart(24, styles.run)}>
        <div className={line(16, styles.hand)}>
          {hands.now === null ? (
            <button type="button" className={line(0, styles.pourButton)} onClick={presses.moveOn}>
              <span className={styles.pourWord}>{hands.waiting ? 'Next block' : 'Book the run'}</span>
              <span className={styles.pourLeft}>{hands.waiting?.mold.name ?? `${count.good} good`}</span>
              <span className={styles.pourKey}>space</span>
            </button>
          ) : (
            <BeatControl
              hand={hand}
              under={underOf(hand, preferences.length)}
              onPress={presses.moveOn}
              onEarly={presses.openEarly}
            />
          )}
          <Pot levelG={count.potG} capacityG={view.pot.capacityG} heelG={view.pot.heelG} label="In the pot" />
          {isLow ? (
            <p role="alert" className={styles.low}>
              Low: the next pour would draw the pot under its heel. Top it up.
            </p>
          ) : null}
          <TopUp run={run} potG={count.potG} />
          <TimeLeft count={count} />
        </div>
        <div className={styles.bench}>
          <p className="quiet">
            {shown
              ? shown === mine.at(-1)
                ? `Pour ${mine.length} is in the block. Tap a cavity that did not fill.`
                : `Pour ${mine.indexOf(shown) + 1}, looked at again. Tap what did not fill.`
              : 'Lit cavities are filled on the first pour. Load their hooks.'}
          </p>
          {metal && mine.length === 0 ? (
            <PourHints mold={hand.mold} metal={metal} beatS={hand.mold.secondsPerPour} />
          ) : null}
          <RunBlock run={run} mold={hand.mold} shown={shown} state={hand.count} onTap={toggle} />
          {shown ? (
            <>
              <FlawPicker
                pour={shown}
                markOf={markOf}
                onChoose={(cavity, flaw) => presses.setFlaw(shown.id, cavity, flaw)}
              />
              <WarmUpNote
                isWarmUp={shown.isWarmUp}
                onChange={(isWarmUp) => presses.setWarmUp(shown.id, isWarmUp)}
              />
            </>
          ) : null}
          <PourMarks
            pours={mine}
            ahead={hand.count.ahead.length}
            chosen={shown?.id ?? null}
            onChoose={setChosenPour}
          />
          <PotTemperature
            metalId={run.metalBinId}
            molds={hands.blocks.filter(({ isIn }) => isIn).map(({ mold }) => mold)}
            massG={count.potG}
            now={now}
          />
        </div>
      </div>
      {isReplanning ? <Replan run={run} count={count} onClose={() => setIsReplanning(false)} /> : null}
      {isBooking ? <BookForm run={run} count={count} onClose={() => setIsBooking(false)} /> : null}
    </Station>
  );
}

/** A step that begins in the future was written before the clock was set back: it begins anew. */
function useFutureSteps(run: Run, now: number): void {
  const { workshop, view } = useBench();
  const isAhead = view.beat?.blocks.some(({ since }) => since > now + 1000) ?? false;
  useEffect(() => {
    if (isAhead) inBackground(workshop.runs.mendClock(run.id, 0));
  }, [isAhead, workshop, run.id]);
}

function TimeLeft({ count }: { count: RunCount }) {
  const { view } = useBench();
  const seconds = count.blocks.reduce(
    (total, each) => total + each.ahead.length * (view.moldById.get(each.moldId)?.secondsPerPour ?? 0),
    0,
  );
  return (
    <p className={styles.beat}>
      <Figure working={beatWorking(count.blocks, view, seconds)}>{minutesText(seconds)}</Figure> left at your
      pace
    </p>
  );
}

function JumpNote({ jumpMs, onSeen }: { jumpMs: number; onSeen: () => void }) {
  return (
    <p role="status" className={styles.jump}>
      The clock jumped {minutesText(Math.abs(jumpMs) / 1000)} {jumpMs > 0 ? 'ahead' : 'back'}. Waits go on as
      if it had not. If the machine slept, what was poured is long frozen.{' '}
      <button type="button" onClick={onSeen}>
        I see
      </button>
    </p>
  );
}

/** Whether every step is pressed, or each pour once. */
function BeatChoice() {
  const { beat } = usePreferences();
  return (
    <Segmented<'hand' | 'tally'>
      aria-label="How the pace is kept"
      value={beat}
      options={[
        { value: 'hand', label: 'Every step' },
        { value: 'tally', label: 'Pours only' },
      ]}
      onChange={(next) => setPreferences({ beat: next })}
    />
  );
}

/** Says so where more or fewer are wanted than when the run was planned. */
function WantedSince({ count, onPlan }: { readonly count: number; readonly onPlan: () => void }) {
  if (count === 0) return null;
  return (
    <p role="status" className={styles.jump}>
      {count > 0 ? `${count} more are wanted` : `${-count} fewer are wanted`} since the run began.{' '}
      <button type="button" onClick={onPlan}>
        Plan anew
      </button>
    </p>
  );
}

interface WarmUpNoteProps {
  readonly isWarmUp: boolean;
  readonly onChange: (isWarmUp: boolean) => void;
}

/** Whether a pour counts, or only warmed the block. */
function WarmUpNote({ isWarmUp, onChange }: WarmUpNoteProps) {
  return (
    <p className={styles.warmUp}>
      {isWarmUp ? 'A warm-up pour: all of it goes back into the pot.' : 'This pour counts.'}{' '}
      <button type="button" onClick={() => onChange(!isWarmUp)}>
        {isWarmUp ? 'It filled: count it' : 'It was warm-up'}
      </button>
    </p>
  );
}
