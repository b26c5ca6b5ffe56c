'use client';

import { weekdayText } from '@/text/date-text';
import { Progress } from 'antd';
import Link from 'next/link';
import { Fragment, useMemo, type ReactNode } from 'react';
import { castInOf } from '@/core/pours/cast-in';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { LineWant } from '@/core/tickets/facts';
import type { Session } from '@/core/tickets/lay-out-session';
import type { MetalBin } from '@/records/bin';
import { Figure } from '@/ui/figure/Figure';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { BoughtHeadsPart } from './BoughtHeadsPart';
import { CountButton } from './put-down/CountButton';
import { useBench } from './BenchProvider';
import { promiseOf } from '@/model/bills/cast-promises';
import { RuleNotes } from './RuleNotes';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { sessionOf, takesOf, type Takes } from '@/model/tickets/session-takes';
import { StandInRows } from './stand-ins/StandInRows';
import { JobFailure } from './JobFailure';
import { usePlan } from './use-plan';
import { amountText, headText, lotText, markText, massText, minutesText, verdictText } from '@/text/words';
import { poursWorking } from './figures/pours-working';
import { chargeWorking, minutesWorking } from './workings';

export interface SlipLine {
  readonly id: string;
  readonly text: string;
  readonly made: number;
  readonly count: number;
}

interface TicketSlipProps {
  readonly over: string;
  readonly title: string;
  readonly lines: readonly SlipLine[];
  readonly due: string | null;
  readonly wants: readonly LineWant[];
  /** Whether these lines are promised stock already: a ticket on the rail is, a draft is not. */
  readonly isWritten: boolean;
  readonly children?: ReactNode;
}

/** The slip of a ticket: its lines, what casting the rest takes, what is short, what to mind. */
export function TicketSlip({ over, title, lines, due, wants, isWritten, children }: TicketSlipProps) {
  const { view } = useBench();
  const metals = view.metals.filter((metal) =>
    wants.some((want) => want.metalBinId === metal.id && want.left > 0),
  );
  return (
    <>
      <SlipTitle over={over}>{title}</SlipTitle>
      <SlipPart label="Lines">
        {lines.map((line) => (
          <SlipRow key={line.id} name={line.text}>
            {line.made > 0 ? `${line.made} of ${line.count}` : line.count}
          </SlipRow>
        ))}
        <SlipRow name="Due">{due ? weekdayText(due) : 'no day set'}</SlipRow>
      </SlipPart>
      <RuleNotes wants={wants} />
      <BoughtHeadsPart wants={wants} isWritten={isWritten} />
      {metals.map((metal) => (
        <MetalTakes
          key={metal.id}
          metal={metal}
          wants={wants}
          isWritten={isWritten}
          isAlone={metals.length === 1}
        />
      ))}
      {children}
    </>
  );
}

interface MetalTakesProps {
  readonly metal: MetalBin;
  readonly wants: readonly LineWant[];
  readonly isWritten: boolean;
  readonly isAlone: boolean;
}

function MetalTakes({ metal, wants, isWritten, isAlone }: MetalTakesProps) {
  const { view } = useBench();
  const sentence = useSentence();
  const { mass } = useUnits();
  const session = useMemo(() => sessionOf(view, wants, metal), [view, wants, metal]);
  const planned = usePlan(session);
  const own = useMemo(
    () =>
      isWritten
        ? promiseOf(
            view,
            wants.filter((want) => want.left > 0),
          )
        : new Map<string, number>(),
    [view, wants, isWritten],
  );
  const takes =
    planned.plan && planned.planned ? takesOf(view, planned.planned, planned.plan, metal, own) : null;
  return (
    <>
      <SlipPart label={`What it takes in ${metal.name}`}>
        {isAlone ? null : <strong className="narrow">{lotText(metal.name)}</strong>}
        {planned.state === 'planning' && !planned.plan ? (
          <Progress
            percent={100}
            status="active"
            showInfo={false}
            size="small"
            aria-label="Planning the pours"
          />
        ) : null}
        {planned.plan && takes ? (
          <>
            <SlipRow name={isAlone ? `Metal to charge, ${lotText(metal.name)}` : 'Metal to charge'}>
              <Figure working={chargeWorking(view, metal, takes.budget, mass)}>
                {massText(takes.budget.chargeG, mass)}
              </Figure>
            </SlipRow>
            {planned.plan.runs.map((run) => (
              <SlipRow
                key={run.moldId}
                name={`Pours of ${view.moldById.get(run.moldId)?.name ?? run.moldId}`}
              >
                <Figure working={poursWorking(run, planned.planned ?? session, view, mass)}>
                  {run.pours}
                </Figure>
              </SlipRow>
            ))}
            <SlipRow name="At your pace">
              <Figure working={minutesWorking(view, planned.plan)}>
                {minutesText(planned.plan.totalSeconds)}
              </Figure>
            </SlipRow>
            <HookRows takes={takes} own={own} />
          </>
        ) : null}
      </SlipPart>
      <JobFailure job={planned.job} />
      {planned.problem ? <SlipNote tone="stop">{sentence(planned.problem)}</SlipNote> : null}
      {planned.plan && planned.planned ? <Surplus session={planned.planned} plan={planned.plan} /> : null}
      {planned.plan ? (
        <>
          <UnweighedNote moldIds={planned.plan.runs.map(({ moldId }) => moldId)} wants={wants} />
          <WirelessNote runs={planned.plan.runs} />
        </>
      ) : null}
      <HoldUps session={session} takes={takes} />
    </>
  );
}

/** What a mold that fills all gives besides. */
function Surplus({ session, plan }: { session: Session; plan: PourPlan }) {
  const { view } = useBench();
  const { mass } = useUnits();
  if (plan.overPour.length === 0) return null;
  const given = plan.overPour.map(({ key, count }) => {
    const head = session.heads.find((each) => each.key === key);
    return `${count} ${head ? headText(head, view.binById, mass) : key}`;
  });
  return <SlipNote tone="mind">Every cavity fills: {given.join(', ')} come over, for stock.</SlipNote>;
}

function HookRows({ takes, own }: { takes: Takes; own: ReadonlyMap<string, number> }) {
  const { view } = useBench();
  return [...takes.budget.hooks].map(([binId, qty]) => {
    const bin = view.binById.get(binId);
    if (!bin) return null;
    const free = Math.max(
      0,
      (view.levels.get(binId) ?? 0) - Math.max(0, (view.promised.get(binId) ?? 0) - (own.get(binId) ?? 0)),
    );
    const isShort = free < qty;
    return (
      <SlipRow key={binId} name={bin.kind === 'hook' ? `Hooks ${bin.size}` : bin.name}>
        <Figure
          tone={isShort ? 'ember' : 'ink'}
          working={{
            title: `${bin.name} for this`,
            steps: [
              `${qty} to lay out, misfills included; ${free} free of ${view.levels.get(binId) ?? 0} on the shelf`,
            ],
            inputs: [
              { name: 'on the shelf', value: String(view.levels.get(binId) ?? 0), basis: 'counted' },
              {
                name: 'promised to others',
                value: String((view.levels.get(binId) ?? 0) - free),
                basis: 'computed',
              },
              {
                name: 'misfills',
                value: `${(view.pot.scrapShare * 100).toFixed(1)} %`,
                basis: view.isScrapMeasured ? 'counted' : 'guess',
              },
            ],
          }}
        >
          {`${Math.min(free, qty)} of ${qty}`}
        </Figure>
      </SlipRow>
    );
  });
}

/** Blocks of the plan whose cavities nobody weighed: their marks stand for what they give. */
function UnweighedNote({
  moldIds,
  wants,
}: {
  readonly moldIds: readonly string[];
  readonly wants: readonly LineWant[];
}) {
  const { view } = useBench();
  const isAsked = ({ style, nominalG }: Pick<LineWant, 'style' | 'nominalG'>) =>
    wants.some((want) => want.style === style && Math.abs(want.nominalG / nominalG - 1) < 0.1);
  const names = moldIds.flatMap((id) => {
    const mold = view.moldById.get(id);
    const isGuessed = mold?.cavities.some((each) => each.volumeBasis === 'guess' && isAsked(each));
    return mold && isGuessed ? [mold.name] : [];
  });
  if (names.length === 0) return null;
  return (
    <SlipNote tone="mind">
      Nobody weighed a casting of {names.join(' or ')} yet: it counts as on its mark.{' '}
      <Link href="/molds">Weigh three in</Link>
    </SlipNote>
  );
}

/** A frame block of which nobody said what wire lies in it: no wires are counted for its castings, and that is said. */
function WirelessNote({ runs }: Pick<PourPlan, 'runs'>) {
  const { view } = useBench();
  const names = runs.flatMap(({ moldId, fills }) => {
    const mold = view.moldById.get(moldId);
    const used = fills.flatMap(({ cavities }) => cavities);
    const isUnsaid = used.some((at) => castInOf(mold?.cavities[at]?.inserts ?? []).length === 0);
    return mold?.kind === 'frame' && isUnsaid ? [mold.name] : [];
  });
  if (names.length === 0) return null;
  return (
    <SlipNote tone="mind">
      Which wire {names.join(' and ')} {names.length === 1 ? 'takes' : 'take'} was not said: none are counted.{' '}
      <Link href="/molds">Say it there</Link>
    </SlipNote>
  );
}

function HoldUps({ session, takes }: { session: ReturnType<typeof sessionOf>; takes: Takes | null }) {
  const { view } = useBench();
  const { mass } = useUnits();
  return (
    <>
      {session.unmade.map(({ want, nearest }) => (
        <SlipNote key={want.lineId} tone="stop">
          No block makes {headText(want, view.binById, mass)} here.{' '}
          {nearest
            ? `Nearest: ${view.moldById.get(nearest.moldId)?.name ?? nearest.moldId} ${verdictText(nearest.verdict, markText(want.nominalG, mass), mass)}.`
            : 'Add a block that does, or buy them in.'}{' '}
          {nearest && !nearest.verdict.fits && nearest.verdict.why === 'weight'
            ? `The ticket allows ${(want.toleranceShare * 100).toFixed(0)} %.`
            : ''}
        </SlipNote>
      ))}
      {takes?.short.map((short) => {
        const bin = view.binById.get(short.item);
        if (!bin) return null;
        return (
          <Fragment key={short.item}>
            <SlipNote tone="stop">
              {bin.name}: {amountText(short.short, bin, mass)} short ({amountText(short.free, bin, mass)}{' '}
              free, {amountText(short.needed, bin, mass)} needed).{' '}
              <CountButton bin={bin} label={`Count ${bin.name}`} />
            </SlipNote>
            <StandInRows bin={bin} lacks={short.short} />
          </Fragment>
        );
      })}
    </>
  );
}

/** The usual cautions where metal is poured. Never a promise of safety. */
export function PourCautions() {
  return (
    <SlipPart label="Cautions">
      <SlipNote tone="care">
        Hot metal and damp never meet: warm the block, hooks and ladle dry. Goggles, gloves, vent on; no food
        or smoke; wash after; children and pregnant people stay away. Follow the makers&apos; sheets and your
        local rules.
      </SlipNote>
    </SlipPart>
  );
}
