'use client';

import { Button, Segmented, Select } from 'antd';
import { useMemo, useState } from 'react';
import { forecastPours } from '@/core/pours/forecast-pours';
import { sentence } from '@/messages/sentence';
import type { Mold } from '@/records/mold';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { Station } from '@/ui/frame/Station';
import { SlipTitle } from '@/ui/frame/Slip';
import {
  drawMold,
  lotText,
  markText,
  minutesText,
  PourCautions,
  promiseOf,
  sessionOf,
  setPreferences,
  takesOf,
  TicketInHandSlip,
  useBench,
  usePlan,
  usePreferences,
  useTicketInHand,
} from '../shared';
import { ChargeForm } from './ChargeForm';
import { PlanSearch } from './PlanSearch';
import { PotForm } from './PotForm';
import { RunsBook } from './RunsBook';
import { SessionStrip } from './SessionStrip';
import { stretches } from './run-lengths';
import styles from './pour.module.css';

type Scope = 'ticket' | 'all';

/** The plan of a session: which blocks, how many pours, which cavities on each. */
export function PlanView() {
  const { view } = useBench();
  const preferences = usePreferences();
  const ticket = useTicketInHand();
  const [scope, setScope] = useState<Scope>('ticket');
  const [chosen, setChosen] = useState<string | null>(null);
  const [isPotOpen, setIsPotOpen] = useState(false);

  const scoped = useMemo(
    () => (scope === 'all' ? view.wants : view.wants.filter((want) => want.ticketId === ticket?.id)),
    [view.wants, scope, ticket],
  );
  const metals = view.metals.filter((metal) => scoped.some((want) => want.metalBinId === metal.id));
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
  const ready =
    planned.state === 'done' && planned.plan && planned.plan.runs.length > 0 ? planned.plan : null;
  const shownRun = ready?.runs.find((run) => run.moldId === chosen) ?? ready?.runs[0];

  return (
    <Station
      title={ready ? `${ready.pours} pours, ${minutesText(ready.totalSeconds)}` : 'Plan a run'}
      sub={
        metal
          ? `${heads} heads in ${lotText(metal.name)}${ready ? (ready.optimal ? ', proven the shortest' : ', not proven the shortest') : ''}`
          : undefined
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
          {metals.length > 1 ? (
            <Select
              aria-label="Metal"
              value={metal?.id}
              popupMatchSelectWidth={false}
              options={metals.map((each) => ({ value: each.id, label: lotText(each.name) }))}
              onChange={(metalInHand: string) => setPreferences({ metalInHand })}
            />
          ) : null}
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
      {planned.state === 'planning' ? (
        <PlanSearch progress={planned.progress} onCancel={planned.cancel} />
      ) : null}
      {planned.state === 'called-off' ? (
        <div className={styles.search}>
          <p>The search was called off. Nothing was changed.</p>
          <Button onClick={planned.again}>Plan again</Button>
        </div>
      ) : null}
      {planned.state === 'failed' ? (
        <div className={styles.search}>
          <p role="alert">
            The planner stopped. Nothing was changed; plan again, or plan fewer tickets at once.
          </p>
          <Button onClick={planned.again}>Plan again</Button>
        </div>
      ) : null}
      {planned.problem ? (
        <p role="alert" className={styles.refusal}>
          {sentence(planned.problem)}
        </p>
      ) : null}
      {planned.state === 'idle' ? (
        <div className={styles.search}>
          <p>
            {heads > 0
              ? 'No block on the bench makes these as they are asked; the slip says what is nearest.'
              : 'Nothing is left to pour here. Take up another ticket, or write one.'}
          </p>
          <Button href="/ticket">To the tickets</Button>
        </div>
      ) : null}
      {ready && shownRun && session && metal ? (
        <>
          <SessionStrip plan={ready} chosen={shownRun.moldId} onChoose={setChosen} />
          <PlannedBlock moldId={shownRun.moldId} plan={ready} session={session} />
          {takes ? (
            <ChargeForm key={metal.id} metal={metal} session={session} plan={ready} takes={takes} />
          ) : null}
        </>
      ) : null}
      <RunsBook />
      {isPotOpen ? <PotForm onClose={() => setIsPotOpen(false)} /> : null}
    </Station>
  );
}

function AllSlip({ metalName, heads, lines }: { metalName: string | null; heads: number; lines: number }) {
  return (
    <>
      <SlipTitle over="All open tickets">
        {metalName ? `${heads} heads in ${metalName}` : 'Nothing to pour'}
      </SlipTitle>
      <p className="quiet">
        {lines} {lines === 1 ? 'line' : 'lines'} still to cast, first due first. One metal at a time: choose
        another above.
      </p>
      <PourCautions />
    </>
  );
}

interface PlannedBlockProps {
  readonly moldId: string;
  readonly plan: NonNullable<ReturnType<typeof usePlan>['plan']>;
  readonly session: ReturnType<typeof sessionOf>;
}

function PlannedBlock({ moldId, plan, session }: PlannedBlockProps) {
  const { view } = useBench();
  const { mass } = usePreferences();
  const mold = view.moldById.get(moldId);
  const fills = plan.runs.find((run) => run.moldId === moldId)?.fills;
  const pours = useMemo(() => forecastPours(fills ?? [], [], mold?.kind === 'spun'), [fills, mold?.kind]);
  const counts = useMemo(() => countByCavity(pours), [pours]);
  const hooks = useMemo(
    () =>
      mold?.cavities.map((_, index) => {
        const key = session.cells.find((cell) => cell.moldId === moldId && cell.cavity === index)?.key;
        const hookId = session.heads.find((head) => head.key === key)?.hookBinId;
        return hookId ? (view.hooks.get(hookId) ?? null) : null;
      }) ?? [],
    [mold, moldId, session, view.hooks],
  );
  const layout = useMemo(() => (mold ? drawMold(mold, hooks) : null), [mold, hooks]);
  if (!mold || !layout) return null;
  const marks = mold.cavities.map((cavity, index): CavityMark => {
    const asked = counts.get(index) ?? 0;
    const mark = markText(cavity.nominalG, mass);
    return {
      mark,
      state: asked > 0 ? 'lit' : 'empty',
      flag: asked > 0 ? (mold.kind === 'spun' ? `× ${asked}` : `${asked} to cast`) : undefined,
      foot: asked > 0 && hooks[index] ? `hook ${hooks[index].size}` : undefined,
      name: `Cavity ${index + 1}, ${mark}: ${asked > 0 ? `${asked} to cast` : 'stays empty'}`,
    };
  });
  return (
    <section aria-label={`Pours of ${mold.name}`}>
      <MoldBlock
        title={`${mold.name}, to scale`}
        layout={layout}
        marks={marks}
        maxHeightPx={mold.kind === 'spun' ? 360 : 250}
      />
      <ol className={styles.stretches}>
        {stretches(pours).map(({ from, to, cavities }) => (
          <li key={from}>
            <strong>{from === to ? `Pour ${from}` : `Pours ${from} to ${to}`}</strong>{' '}
            {cavityWords(mold, cavities, mass)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function countByCavity(pours: readonly (readonly number[])[]): Map<number, number> {
  const counts = new Map<number, number>();
  for (const index of pours.flat()) counts.set(index, (counts.get(index) ?? 0) + 1);
  return counts;
}

/** Which cavities a pour fills, in words. */
export function cavityWords(
  mold: Mold,
  cavities: readonly number[],
  mass: Parameters<typeof markText>[1],
): string {
  if (cavities.length === mold.cavities.length)
    return cavities.length > 1 ? 'fill every cavity' : 'fill the cavity';
  const marks = cavities.map((index) => {
    const cavity = mold.cavities[index];
    const twins = mold.cavities.filter((each) => each.nominalG === cavity?.nominalG).length;
    return cavity
      ? `${markText(cavity.nominalG, mass)}${twins > 1 ? ` (no. ${index + 1})` : ''}`
      : String(index + 1);
  });
  return `fill ${marks.join(', ')}${marks.length === 1 ? ' alone' : ''}`;
}
