'use client';

import { useNotice } from '@/station-kit/use-notice';
import { App } from 'antd';
import type { FlawKind } from '@/core/quality/flaws';
import { isTally } from '@/data/repositories/runs';
import { sum } from '@/core/numeric/sum';
import type { Pour, Run } from '@/records/run';
import { deedSentence } from '@/text/deed-sentence';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { potDevice } from '@/station-kit/device/watches';
import type { RunHands } from '@/ui/pour-drawing/hand-block';
import { inBackground } from '@/station-kit/in-background';

interface PressTold {
  /** Another pour than the latest is looked at, or the latest again. */
  readonly chose: (pourId: string | null) => void;
  readonly book: () => void;
}

/** Everything that can be pressed in a run, carried out. */
export function useRunPresses(run: Run, hands: RunHands, { chose, book }: PressTold) {
  const { workshop, carryOut } = useBench();
  const { beat: liked } = usePreferences();
  const { modal } = App.useApp();
  const notice = useNotice();
  const takeIn = (index: number, isIn: boolean) =>
    inBackground(carryOut(workshop.runs.takeIn(run.id, index, isIn)));
  const press = (early: boolean) => {
    const { now } = hands;
    if (!now) return;
    chose(null);
    const move = workshop.runs.moveOn(run.id, now.index, { liked, early, potC: potDevice.nowC() });
    inBackground(
      carryOut(move).then((done) => {
        if (done?.value.pour) potDevice.standIn()?.ladle(metalOf(run, done.value.pour));
      }),
    );
  };
  return {
    takeIn,
    /** Does what the bench asks for now; a wait is waited out, but for those who count pours only. */
    moveOn: () => {
      if (!hands.now) {
        if (hands.waiting) takeIn(hands.waiting.index, true);
        else book();
      } else if (hands.now.stand.isDue || hands.now.school.id === 'tally') press(true);
    },
    openEarly: () => press(true),
    back: async () => {
      chose(null);
      const done = await carryOut(workshop.history.undo(isTally));
      if (done) notice.info(`Taken back: ${deedSentence(done.value)}.`, 1.5);
    },
    toggle: (pourId: string, cavity: number) => inBackground(carryOut(workshop.runs.toggle(pourId, cavity))),
    setFlaw: (pourId: string, cavity: number, flaw: FlawKind | null) =>
      inBackground(carryOut(workshop.runs.setFlaw(pourId, cavity, flaw))),
    setWarmUp: (pourId: string, isWarmUp: boolean) =>
      inBackground(carryOut(workshop.runs.setWarmUp(pourId, isWarmUp))),
    drop: (good: number) =>
      modal.confirm({
        title: `Drop run ${run.no}?`,
        content: `Its ${good} good castings are not booked; all counts as gone back into the pot. Undo brings the run back.`,
        okText: 'Drop the run',
        okButtonProps: { danger: true },
        cancelText: 'Go on pouring',
        onOk: () => carryOut(workshop.runs.drop(run.id)),
      }),
  };
}

/** What a pour takes out of the pot, g. */
function metalOf(run: Run, pour: Pour): number {
  const block = run.blocks.find(({ moldId }) => moldId === pour.moldId);
  const cast = pour.castings.map(
    ({ cavity, key }) =>
      run.cells.find((cell) => cell.moldId === pour.moldId && cell.cavity === cavity && cell.key === key)
        ?.metalG ?? 0,
  );
  return sum([...cast, (block?.spruePerPourG ?? 0) * (block?.copies ?? 1)]);
}
