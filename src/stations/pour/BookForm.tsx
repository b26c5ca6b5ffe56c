'use client';

import { countText } from '@/text/count-text';
import { useNotice } from '@/station-kit/use-notice';
import { Dialog } from '@/ui/dialog/Dialog';
import { useCallback, useMemo, useState } from 'react';
import { sum } from '@/core/numeric/sum';
import { castInOf, type CastIn } from '@/core/pours/cast-in';
import type { RunCount } from '@/core/pours/count-run';
import type { GapFacts } from '@/core/pours/explain-gap';
import { settleRun, type SettledFigures } from '@/core/pours/settle-run';
import type { NameHead } from '@/data/repositories/head-bin';
import { findStyle } from '@/core/cavities/styles';
import type { Run } from '@/records/run';
import { SlipRow } from '@/ui/frame/Slip';
import { bookWorking, goesDownWorking } from '@/station-kit/figures/book-working';
import { Figure } from '@/ui/figure/Figure';
import { MassField } from '@/ui/unit-field/MassField';
import { headText, lotText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { BenchView } from '@/model/bench/bench-view';
import { BackInPot } from './BackInPot';
import { EndWeights, metalOf, NOTHING_ON_SCALE } from './EndWeights';
import { GapNote } from '@/ui/pour-drawing/GapNote';
import styles from './pour.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Books a run: what goes where is shown first, then all of it is written at once. */
export function BookForm({ run, count, onClose }: { run: Run; count: RunCount; onClose: () => void }) {
  const { workshop, view, carryOut } = useBench();
  const notice = useNotice();
  const { mass } = useUnits();
  const meltG = count.pouredG;
  const [onScale, setOnScale] = useState(NOTHING_ON_SCALE);
  const [drossG, setDrossG] = useState<number | null>(() =>
    Math.round((meltG * run.drossShare) / (1 - run.drossShare)),
  );
  const hooksG = useMemo(() => {
    const hookOf = new Map(run.heads.map(({ key, hookBinId }) => [key, hookBinId]));
    const good = view.pours.flatMap(({ moldId, castings }) =>
      castings.filter((casting) => casting.good).map((casting) => ({ ...casting, moldId })),
    );
    const steelOf = ({ key, moldId, cavity }: (typeof good)[number]) => [
      view.hooks.get(hookOf.get(key) ?? '')?.massG ?? 0,
      ...(view.moldById.get(moldId)?.cavities[cavity]?.inserts ?? []).map((insert) =>
        insert.removed ? 0 : insert.massG * insert.count,
      ),
    ];
    return sum(good.flatMap(steelOf));
  }, [run, view]);
  const weighed = useMemo(() => metalOf(onScale, hooksG), [onScale, hooksG]);
  const castIn: CastIn = useCallback(
    (moldId, cavity) => castInOf(view.moldById.get(moldId)?.cavities[cavity]?.inserts ?? []),
    [view.moldById],
  );
  const settled = useMemo(
    () => (drossG === null ? null : settleRun(run, view.pours, drossG, weighed, castIn)),
    [run, view.pours, drossG, weighed, castIn],
  );
  const metal = view.binById.get(run.metalBinId);
  const nameHead: NameHead = (head) => ({
    name: [
      headText(head, view.binById, 'g'),
      ...(head.frameBinId ? [view.binById.get(head.frameBinId)?.name ?? 'a wire gone'] : []),
      lotText(metal?.name ?? ''),
    ].join(', '),
    place: `Head rack, ${(findStyle(head.style)?.name ?? head.style).toLowerCase()}`,
  });
  const check = (grams: number) => {
    return count.potG - grams < 0 && onScale.potEndG === null
      ? `Only ${massText(Math.max(0, count.potG), mass)} could be left to skim.`
      : null;
  };
  const book = async () => {
    if (drossG === null || check(drossG)) return;
    const booked = await carryOut(workshop.runs.book(run.id, drossG, nameHead, weighed));
    if (!booked) return;
    onClose();
    notice.success(`Run ${run.no} is booked: ${countText(booked.value.good, 'head')} on the shelf.`, 4);
  };
  const figures = settled?.figures;
  const booked = (of: Parameters<typeof bookWorking>[0], weighedG: number | null, text: string) =>
    figures ? <Figure working={bookWorking(of, run, figures, weighedG, mass)}>{text}</Figure> : null;
  const backText = (grams: number) =>
    run.backInPot === true && grams === 0 ? 'in the pot' : massText(grams, mass);
  return (
    <Dialog
      open
      title={`Book run ${run.no}`}
      width={420}
      okText="Book it"
      cancelText="Go on pouring"
      onCancel={onClose}
      onOk={() => inBackground(book())}
      okButtonProps={{ disabled: drossG === null || check(drossG) !== null }}
    >
      {count.ahead > 0 ? (
        <p className={styles.warn}>
          {count.ahead} {count.ahead === 1 ? 'pour is' : 'pours are'} still to come. What is missing stays on
          the ticket.
        </p>
      ) : null}
      <MassField
        label="Skimmed off"
        value={drossG}
        onChange={setDrossG}
        check={check}
        hint="weigh the skimmings when cold; until then this is your usual share"
      />
      <BackInPot run={run} />
      <EndWeights weighed={onScale} onChange={setOnScale} onSkimmed={setDrossG} />
      {figures && onScale.potEndG !== null ? (
        <GapNote facts={gapFacts(run, view, count, figures, hooksG)} />
      ) : null}
      {settled && figures ? (
        <div className={styles.books}>
          {run.heads
            .filter((head) => settled.heads.some(({ key }) => key === head.key))
            .map((head) => (
              <SlipRow key={head.key} name={headText(head, view.binById, mass)}>
                +
                {settled.heads.filter(({ key }) => key === head.key).reduce((so, part) => so + part.count, 0)}
              </SlipRow>
            ))}
          {figures.surplus > 0 ? <SlipRow name="of these over, for stock">{figures.surplus}</SlipRow> : null}
          {[...settled.hooks].map(([binId, hooks]) => (
            <SlipRow key={binId} name={view.binById.get(binId)?.name ?? 'a hook gone'}>
              −{hooks}
            </SlipRow>
          ))}
          <SlipRow name="Metal in good heads">
            {booked('goodG', weighed.goodG, massText(figures.goodG, mass))}
          </SlipRow>
          <SlipRow name={`Misfills back to the lot (${figures.misfilled})`}>
            {booked('rejectedG', weighed.rejectedG, backText(figures.rejectedG))}
          </SlipRow>
          <SlipRow name="Sprues back to the lot">
            {booked('sprueG', weighed.sprueG, backText(figures.sprueG))}
          </SlipRow>
          <SlipRow name="Left in the pot, back to the lot">
            {booked('potLeftG', weighed.potEndG, massText(Math.max(0, figures.potLeftG), mass))}
          </SlipRow>
          <SlipRow name={`${lotText(metal?.name ?? '')} goes down by`}>
            <Figure working={goesDownWorking(figures, mass)}>
              {massText(figures.goodG + figures.drossG + figures.unaccountedG, mass)}
            </Figure>
          </SlipRow>
        </div>
      ) : null}
    </Dialog>
  );
}

/** The step of a common bench scale, g: what an end weight can be off by. */
const SCALE_STEP_G = 1;

function gapFacts(
  run: Run,
  view: BenchView,
  count: RunCount,
  figures: SettledFigures,
  hooksG: number,
): GapFacts {
  return {
    unaccountedG: figures.unaccountedG,
    pouredG: count.pouredG,
    drossG: figures.drossG,
    usualDrossShare: view.pot.drossShare,
    spruePerPourG: count.sprueG / Math.max(1, count.poured),
    castingG: Math.max(0, ...run.cells.map(({ metalG }) => metalG)),
    hooksG,
    heelG: view.pot.heelG,
    pours: count.poured,
    scaleStepG: SCALE_STEP_G,
    // The charge and the end of the pot, the heads, the rejects, the sprues and the dross.
    weighings: 6 + run.topUps.length,
  };
}
