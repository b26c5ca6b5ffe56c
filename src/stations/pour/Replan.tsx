'use client';

import { Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useMemo, useState } from 'react';
import { countRun, type RunCount } from '@/core/pours/count-run';
import { sessionLeft } from '@/core/pours/session-left';
import type { Run } from '@/records/run';
import { headText, massText, minutesText } from '@/text/words';
import { sessionOf } from '@/model/tickets/session-takes';
import { useBench } from '@/station-kit/BenchProvider';
import { JobFailure } from '@/station-kit/JobFailure';
import { usePlan } from '@/station-kit/use-plan';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { aheadWorking, potGivesWorking } from '@/station-kit/figures/pot-working';
import { minutesWorking } from '@/station-kit/workings';
import { Figure } from '@/ui/figure/Figure';
import { PlanSearch } from '@/ui/pour-drawing/PlanSearch';
import { metalAhead, NOTHING_LEFT, replanned, wantsFor } from '@/model/schedule/replan-run';
import styles from './pour.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ReplanProps {
  readonly run: Run;
  readonly count: RunCount;
  readonly onClose: () => void;
}

/** A run planned anew from where it stands: blocks that fail are laid aside, tickets that came are taken in. */
export function Replan({ run, count, onClose }: ReplanProps) {
  const sentence = useSentence();
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const [isAll, setAll] = useState(false);
  const [aside, setAside] = useState<ReadonlySet<string>>(new Set());
  const metal = view.metals.find(({ id }) => id === run.metalBinId);
  const left = useMemo(() => {
    const whole = metal ? sessionOf(view, wantsFor(run, view, isAll), metal) : null;
    return whole && sessionLeft(whole, view.pours, aside);
  }, [view, run, metal, isAll, aside]);
  const session = left?.session ?? null;
  const planned = usePlan(session);
  const isNothing = session !== null && session.demand.length === 0;
  const plan = isNothing ? NOTHING_LEFT : planned.state === 'done' ? planned.plan : null;
  const stranded = [
    ...(left?.stranded ?? []).map(({ key, count: pieces }) => {
      const head = left?.session.heads.find((each) => each.key === key);
      return { name: head ? headText(head, view.binById, mass) : key, count: pieces };
    }),
    ...(session?.unmade ?? []).map(({ want }) => ({
      name: headText(want, view.binById, mass),
      count: want.left,
    })),
  ];
  const next = useMemo(
    () => (session && plan ? replanned(run, view, session, plan) : null),
    [run, view, session, plan],
  );
  const after = next && countRun({ ...run, ...next }, view.pours);
  const takesG = next && after ? metalAhead(next, after.blocks) : 0;
  const inPotG = Math.max(0, count.potG - view.pot.heelG);
  const isInRun = (moldId: string) => run.blocks.some((block) => block.moldId === moldId);
  const shown = [
    ...run.blocks.map(({ moldId }) => moldId),
    ...[...(plan?.runs ?? []).map(({ moldId }) => moldId), ...aside].filter((moldId) => !isInRun(moldId)),
  ];
  const aheadOf = (blocksOf: RunCount['blocks'], moldId: string) =>
    blocksOf.find((each) => each.moldId === moldId)?.ahead.length ?? 0;
  const take = async () => {
    if (!next) return;
    if (await carryOut(workshop.runs.replan(run.id, next))) onClose();
  };
  return (
    <Dialog
      open
      title={`Plan run ${run.no} anew`}
      okText="Go on by this plan"
      okButtonProps={{ disabled: next === null || next.blocks.length === 0 }}
      onCancel={onClose}
      onOk={() => inBackground(take())}
    >
      <p className="quiet">
        What is cast stays cast: {count.good} good in {count.poured} pours. Only what is left is planned.
      </p>
      <Segmented<'own' | 'all'>
        aria-label="What it is for"
        block
        value={isAll ? 'all' : 'own'}
        options={[
          { value: 'own', label: 'Its own tickets' },
          { value: 'all', label: 'All open in this metal' },
        ]}
        onChange={(value) => setAll(value === 'all')}
      />
      <table className={styles.replan}>
        <caption className="unseen">Pours to come, block by block</caption>
        <thead>
          <tr>
            <th scope="col">Goes on</th>
            <th scope="col">as it was</th>
            <th scope="col">by the new plan</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((moldId) => (
            <tr key={moldId}>
              <th scope="row">
                <Checkbox
                  checked={!aside.has(moldId)}
                  onChange={({ target }) =>
                    setAside(
                      new Set(target.checked ? [...aside].filter((id) => id !== moldId) : [...aside, moldId]),
                    )
                  }
                >
                  {view.moldById.get(moldId)?.name ?? 'a block that is gone'}
                </Checkbox>
              </th>
              <td>{isInRun(moldId) ? poursText(aheadOf(count.blocks, moldId)) : 'not in it'}</td>
              <td>
                <b>
                  {aside.has(moldId) ? 'laid aside' : after ? poursText(aheadOf(after.blocks, moldId)) : ''}
                </b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div role="status" className={styles.replanTold}>
        {planned.state === 'planning' && !isNothing ? (
          <PlanSearch progress={planned.progress} onCancel={planned.cancel} />
        ) : null}
        {isNothing ? null : <JobFailure job={planned.job} />}
        {planned.problem && !isNothing ? <p role="alert">{sentence(planned.problem)}</p> : null}
        {stranded.map(({ name, count: pieces }) => (
          <p key={name}>
            No block that goes on makes {name}: {pieces} stay on their ticket.
          </p>
        ))}
        {next && after ? (
          <p>
            <b>
              {poursText(after.ahead)},{' '}
              {plan ? (
                <Figure working={minutesWorking(view, plan)}>{minutesText(plan.totalSeconds)}</Figure>
              ) : null}
            </b>{' '}
            for {session?.demand.reduce((so, each) => so + each.count, 0) ?? 0} heads
            {plan?.optimal ? ', and none is shorter' : ''}. They take{' '}
            <Figure working={aheadWorking(takesG, after.ahead, mass)}>{massText(takesG, mass)}</Figure>; the
            pot gives{' '}
            <Figure working={potGivesWorking(count.potG, view.pot.heelG, mass)}>
              {massText(inPotG, mass)}
            </Figure>
            {takesG > inPotG ? ` over its heel: top it up by ${massText(takesG - inPotG, mass)}.` : '.'}
          </p>
        ) : null}
      </div>
    </Dialog>
  );
}

function poursText(pours: number): string {
  return pours === 0 ? 'no more' : `${pours} ${pours === 1 ? 'pour' : 'pours'}`;
}
