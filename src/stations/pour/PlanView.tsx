'use client';

import { countText } from '@/text/count-text';
import { row } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { orderMetals } from '@/core/metals/order-metals';
import type { Evening } from '@/core/pours/lay-out-evening';
import type { PourPlan } from '@/core/pours/pour-plan';
import { calendarFile } from '@/data/exchange/calendar';
import { jobSheetPdf } from '@/data/exchange/sheet/job-sheet';
import { useSentence } from '@/ui/units/use-units';
import { Station } from '@/ui/frame/Station';
import { SlipTitle } from '@/ui/frame/Slip';
import { lotText, minutesText } from '@/text/words';
import { PourCautions } from '@/station-kit/TicketSlip';
import { promiseOf } from '@/model/bills/cast-promises';
import { saveFile } from '@/station-kit/save-file';
import { usePrint } from '@/station-kit/use-print';
import { sessionOf, takesOf } from '@/model/tickets/session-takes';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { TicketInHandSlip } from '@/station-kit/TicketInHandSlip';
import { useBench } from '@/station-kit/BenchProvider';
import { JobFailure } from '@/station-kit/JobFailure';
import { usePlan } from '@/station-kit/use-plan';
import { useTicketInHand } from '@/station-kit/use-ticket-in-hand';
import { BlocksInHand } from './BlocksInHand';
import { ChargeForm } from './ChargeForm';
import { composeSheet } from '@/station-kit/print/pour-sheet';
import { allPoursWorking } from '@/station-kit/figures/pours-working';
import { Figure } from '@/ui/figure/Figure';
import { FreeHeadsNote } from './FreeHeadsNote';
import { MetalOrder } from '@/ui/pour-drawing/MetalOrder';
import { NothingToPour } from './NothingToPour';
import { PlannedBlock } from './PlannedBlock';
import { PlanSearch } from '@/ui/pour-drawing/PlanSearch';
import { eveningOf, inOrder, learnBeats, pullFor } from '@/model/schedule/plan-evening';
import { PotForm } from './PotForm';
import { PullList } from './PullList';
import { RunsBook } from './RunsBook';
import { SessionStrip } from './SessionStrip';
import { isPressedCold } from '@/core/metals/judge-charge';
import { useInAddress } from '@/station-kit/use-in-address';
import search from '@/ui/pour-drawing/pour-drawing.module.css';
import styles from './pour.module.css';
import { inBackground } from '@/station-kit/in-background';

type Scope = 'ticket' | 'all';

/** The plan of a session: which blocks, how many pours, which cavities on each. */
export function PlanView() {
  const { view, workshop } = useBench();
  const preferences = usePreferences();
  const sentence = useSentence();
  const ticket = useTicketInHand();
  const [scope, setScope] = useInAddress<Scope>('scope', ['ticket', 'all'], 'ticket');
  const [chosen, setChosen] = useState<string | null>(null);
  const print = usePrint();
  const [isPotOpen, setIsPotOpen] = useState(false);

  const scoped = useMemo(
    () => (scope === 'all' ? view.wants : view.wants.filter((want) => want.ticketId === ticket?.id)),
    [view.wants, scope, ticket],
  );
  const metals = orderMetals(
    view.metals.filter((metal) => scoped.some((want) => want.metalBinId === metal.id)),
  );
  const metal = metals.find((each) => each.id === preferences.metalInHand) ?? metals[0] ?? null;
  const wants = useMemo(() => scoped.filter((want) => want.metalBinId === metal?.id), [scoped, metal]);
  const session = useMemo(() => (metal ? sessionOf(view, wants, metal) : null), [view, wants, metal]);
  const planned = usePlan(session);
  const takes = useMemo(
    () =>
      session && planned.plan && metal && planned.state === 'done'
        ? takesOf(view, session, planned.plan, metal, promiseOf(view, wants))
        : null,
    [view, session, planned.plan, planned.state, metal, wants],
  );
  const heads = wants.reduce((total, want) => total + want.left, 0);
  const ready = useMemo(
    () =>
      session && planned.state === 'done' && planned.plan && planned.plan.runs.length > 0
        ? inOrder(planned.plan, session)
        : null,
    [session, planned.state, planned.plan],
  );
  const beats = useBeats();
  const evening = useMemo(
    () => (ready && takes ? eveningOf(view, ready, takes, beats) : null),
    [view, ready, takes, beats],
  );
  const pull = useMemo(
    () => (ready && takes ? pullFor(view, ready, takes, promiseOf(view, wants)) : []),
    [view, ready, takes, wants],
  );
  const saveSheet = () => {
    if (!metal || !session || !ready || !takes || !evening) return;
    const sheet = composeSheet({ metal, session, plan: ready, takes, evening, pull }, view, preferences);
    inBackground(print({ file: 'ruvek-job-sheet', make: (fonts) => jobSheetPdf(sheet, fonts) }));
  };
  const shownRun = ready?.runs.find((run) => run.moldId === chosen) ?? ready?.runs[0];

  return (
    <Station
      title={ready ? `${countText(ready.pours, 'pour')}, ${minutesText(ready.totalSeconds)}` : 'Plan a run'}
      sub={
        metal ? (
          <>
            {`${countText(heads, 'head')} in ${lotText(metal.name)}`}
            {ready ? (
              <>
                , <Figure working={allPoursWorking(ready, view)}>{proofText(ready)}</Figure>
              </>
            ) : null}
          </>
        ) : undefined
      }
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        <>
          <Segmented<Scope>
            aria-label="What to plan"
            value={scope}
            options={[
              { value: 'ticket', label: 'Ticket in hand' },
              { value: 'all', label: 'All open' },
            ]}
            onChange={setScope}
          />
          <Button onClick={() => setIsPotOpen(true)}>The pot</Button>
        </>
      }
      slip={
        scope === 'ticket' && ticket ? (
          <TicketInHandSlip ticket={ticket} wants={wants} made={view.made} isOpen={ticket.state === 'open'} />
        ) : (
          <AllSlip metalName={metal ? lotText(metal.name) : null} heads={heads} lines={wants.length} />
        )
      }
    >
      <MetalOrder
        metals={metals}
        wants={scoped}
        chosen={metal?.id ?? null}
        onChoose={(metalInHand) => setPreferences({ metalInHand })}
      />
      <FreeHeadsNote wants={wants} />
      {metal && isPressedCold(metal) ? (
        <p role="note" className="wrong">
          {lotText(metal.name)} goes into no pot: it is mixed with its resin, pressed into the block cold and
          cured by the sheet of the resin. Fine powder and resin: mask, gloves, no flame.
        </p>
      ) : null}
      {planned.state === 'planning' ? (
        <PlanSearch progress={planned.progress} onCancel={planned.cancel} />
      ) : null}
      {planned.state === 'called-off' ? (
        <div className={row(0, search.search)}>
          <p>The search was canceled. Nothing was changed.</p>
          <Button onClick={planned.again}>Plan again</Button>
        </div>
      ) : null}
      <JobFailure job={planned.job} />
      {planned.problem ? (
        <p role="alert" className={styles.refusal}>
          {sentence(planned.problem)}
        </p>
      ) : null}
      {planned.state === 'idle' ? <NothingToPour isAsked={heads > 0} /> : null}
      {ready && shownRun && session && metal ? (
        <>
          {evening ? <SessionStrip evening={evening} chosen={shownRun.moldId} onChoose={setChosen} /> : null}
          {ready.optimal ? null : (
            <p className={row(0, styles.unproven)}>
              There may be a plan up to {minutesText(ready.totalSeconds - ready.boundSeconds)} shorter.{' '}
              <Button size="small" onClick={planned.searchOn}>
                Search on
              </Button>
            </p>
          )}
          {ready.runs.length > 1 ? <BlocksInHand /> : null}
          <PlannedBlock moldId={shownRun.moldId} plan={ready} session={session} />
          {takes ? (
            <ChargeForm key={metal.id} metal={metal} session={session} plan={ready} takes={takes} />
          ) : null}
          <PullList
            items={pull}
            onCalendar={() => evening && saveCalendar(workshop.now(), metal.name, ready.runs, evening)}
            onSheet={saveSheet}
          />
        </>
      ) : null}
      <RunsBook />
      {isPotOpen ? <PotForm onClose={() => setIsPotOpen(false)} /> : null}
    </Station>
  );
}

function proofText({ optimal, totalSeconds, boundSeconds }: PourPlan): string {
  if (optimal) return 'the shortest possible';
  const gap = totalSeconds > 0 ? (1 - boundSeconds / totalSeconds) * 100 : 0;
  return `at most ${Math.max(0.1, gap).toFixed(1)} % longer than the shortest`;
}

/** Each mold's beat from the maker's own pours. */
function useBeats() {
  const { workshop } = useBench();
  const pours = useLiveQuery(() => workshop.runs.allPours(), [workshop]);
  return useMemo(() => learnBeats(pours ?? []), [pours]);
}

function saveCalendar(now: number, metalName: string, runs: PourPlan['runs'], evening: Evening): void {
  const startsAt = Math.ceil(now / QUARTER_MS) * QUARTER_MS;
  const file = calendarFile({
    title: `Pour, ${lotText(metalName)}`,
    startsAt,
    endsAt: startsAt + evening.totalS * 1000,
    notes: [
      countText(
        runs.reduce((total, { pours }) => total + pours, 0),
        'pour',
      ),
      `First good pour after ${minutesText(evening.firstGoodS ?? 0)}`,
    ],
    uid: `ruvek-pour-${startsAt}`,
    savedAt: now,
  });
  saveFile('ruvek-session.ics', file, 'text/calendar');
}

const QUARTER_MS = 900_000;

function AllSlip({ metalName, heads, lines }: { metalName: string | null; heads: number; lines: number }) {
  return (
    <>
      <SlipTitle over="All open tickets">
        {metalName ? `${countText(heads, 'head')} in ${metalName}` : 'Nothing to pour'}
      </SlipTitle>
      <p className="quiet">
        {lines} {lines === 1 ? 'line' : 'lines'} still to cast, first due first. One metal at a time: choose
        another above.
      </p>
      <PourCautions />
    </>
  );
}
