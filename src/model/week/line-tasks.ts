import { countText } from '@/text/count-text';
import { paceSpread } from '@/core/pace/pace-spread';
import { sum } from '@/core/numeric/sum';
import { tellingRuns } from '@/core/pace/learn-pace';
import type { TicketLine } from '@/records/ticket';
import type { MassUnit } from '@/core/units/write-mass';
import { headText } from '@/text/words';
import type { BenchView } from '../bench/bench-view';
import { cardRuns, paceOf, type Handmade } from '../pace/pace-of';
import { sittings, type WeekTask } from './week-task';

/** Minutes a head until the maker's own times say (typical). */
const [USUAL_DRESS_MIN, USUAL_COAT_MIN] = [0.4, 1.2];
/** Beside the time on the powder's card an oven full of heads has to get hot (typical). */
const WARM_UP_MIN = 15;
/** Where no card says how long a powder is cured (typical). */
const USUAL_CURE_MIN = 20;
/** What is dipped and dries in the air, and head cement, want a night (typical), min. */
const [AIR_DRY_MIN, CEMENT_MIN] = [480, 480];
const COOL_MIN = 20;
/** An oven of which nobody said what it holds. */
const USUAL_LOAD = 40;
const DRESS_SPREAD = 0.35;

/** What is said of the bench and the evening to lay out tasks by. */
export interface TaskFacts {
  readonly view: BenchView;
  readonly mass: MassUnit;
  /** The longest evening, min. */
  readonly mostMin: number;
}

type After = WeekTask['after'];

/** How long a good one takes, min; how far that lies, whose figure it is, and how many of those begun fail. */
export interface HandPace {
  readonly minutesEach: number;
  readonly spread: number;
  readonly isOwn: boolean;
  readonly scrap: number;
}

/** Where nearly all failed, the log says little. */
const MOST_SCRAP = 0.5;

/** How long one takes at a card, those that fail on the way included. */
export function handPace(of: Handmade, view: BenchView): HandPace {
  const { secondsEach, isOwn } = paceOf(of, view);
  const runs = isOwn ? tellingRuns({ family: of.family ?? '', kind: of.kind }, cardRuns(of.stage, view)) : [];
  const begun = sum(runs.map((run) => run.begun));
  const scrap = begun > 0 ? Math.min(MOST_SCRAP, sum(runs.map(({ failed }) => failed)) / begun) : 0;
  return { minutesEach: secondsEach / 60 / (1 - scrap), isOwn, spread: paceSpread(runs), scrap };
}

/** How long a head takes at the dressing bench, by batches that were ended. */
function dressPace({ batches }: BenchView): HandPace {
  const runs = batches.flatMap(({ endedAt, steps, count }) => {
    const seconds = sum(steps.map((step) => step.seconds));
    return endedAt !== null && seconds > 0 && count > 0 ? [{ begun: count, seconds }] : [];
  });
  const begun = sum(runs.map((run) => run.begun));
  return begun >= 5
    ? {
        minutesEach: sum(runs.map(({ seconds }) => seconds)) / begun / 60,
        isOwn: true,
        spread: paceSpread(runs),
        scrap: 0,
      }
    : { minutesEach: USUAL_DRESS_MIN, isOwn: false, spread: DRESS_SPREAD, scrap: 0 };
}

/** Hand work on some pieces in sittings, one after another, all after what is given. */
export function handTasks(
  task: Pick<WeekTask, 'id' | 'kind' | 'place' | 'ticketIds' | 'href' | 'after'>,
  count: number,
  what: string,
  pace: HandPace,
  mostMin: number,
): WeekTask[] {
  return sittings(count, pace.minutesEach, mostMin).map((pieces, nth) => ({
    ...task,
    id: `${task.id}:${nth}`,
    what: `${pieces} × ${what}`,
    minutes: Math.min(mostMin, Math.max(1, pieces * pace.minutesEach)),
    hands: true,
    // How many have to be begun for so many good ones is chance too.
    spread: Math.sqrt(pace.spread ** 2 + pace.scrap / pieces),
    isOwn: pace.isOwn,
    metalId: null,
    lacks: [],
  }));
}

const afterAll = (tasks: readonly WeekTask[], waitMin = 0): After => tasks.map(({ id }) => ({ id, waitMin }));

/**
 * What a line of heads still wants, from the dressing bench on: what was cast already does not wait for the pot, what
 * hangs or wears its color is not coated again.
 *
 * @example lineTasks(line, ticket, pours, racks, facts).map(({ kind }) => kind) // ['dress', 'coat', 'cure', 'tie']
 */
export function lineTasks(
  line: TicketLine,
  ticketId: string,
  pours: readonly { readonly id: string }[],
  racks: readonly WeekTask[],
  { view, mass, mostMin }: TaskFacts,
): WeekTask[] {
  const what = headText(line, view.binById, mass);
  const base = { ticketIds: [ticketId] };
  const toCast = Math.max(0, line.count - (view.made.get(line.id) ?? 0));
  const dress = handTasks(
    {
      ...base,
      id: `dress:${line.id}`,
      kind: 'dress',
      place: null,
      href: '/dress',
      after: pours.map(({ id }) => ({ id, waitMin: COOL_MIN })),
    },
    line.metalBinId === null ? 0 : toCast,
    what,
    dressPace(view),
    mostMin,
  );
  const coats = coatTasks(line, ticketId, what, dress, { view, mass, mostMin });
  const cures = [...racks, ...coats.filter(({ kind }) => kind === 'cure')];
  const before = cures.length > 0 ? cures : dress;
  return [...dress, ...coats, ...tieTasks(line, ticketId, what, before, { view, mass, mostMin })];
}

function coatTasks(
  line: TicketLine,
  ticketId: string,
  what: string,
  dress: readonly WeekTask[],
  { view, mostMin }: TaskFacts,
): WeekTask[] {
  const coat = line.coatId === null ? undefined : view.coatById.get(line.coatId);
  const worn = (view.coated.get(line.id) ?? 0) + (view.usedBare.get(line.id) ?? 0);
  const hung = view.racks
    .filter(({ state }) => state === 'hanging' || state === 'curing')
    .flatMap((rack) => rack.hung)
    .filter(({ lineId }) => lineId === line.id).length;
  const toCoat = coat ? Math.max(0, line.count - worn - hung) : 0;
  if (!coat || toCoat === 0) return [];
  const base = { ticketIds: [ticketId] };
  // What was cast already waits for nothing; what is still to be cast comes after its dressing.
  const there = Math.min(
    toCoat,
    view.toCoat.reduce((so, { lineId, count }) => so + (lineId === line.id ? count : 0), 0),
  );
  const oven = view.heaters.find(({ kind, oven: facts }) => kind === 'oven' && facts && !facts.isForFood);
  const load = oven?.oven ? oven.oven.rods * oven.oven.slots : USUAL_LOAD;
  const powder = coat.base.kind === 'powder' ? view.binById.get(coat.base.powderBinId) : undefined;
  const cureMin = powder?.kind === 'powder' ? (powder.cures[0]?.cureMin ?? USUAL_CURE_MIN) : USUAL_CURE_MIN;
  const isPowder = coat.base.kind === 'powder';
  const group = (id: string, count: number, after: After, more: string): WeekTask[] => {
    const colored = `${what}, ${coat.name}${more}`;
    const coated = handTasks(
      { ...base, id: `coat:${line.id}:${id}`, kind: 'coat', place: null, href: '/coat?part=rack', after },
      count,
      colored,
      { minutesEach: USUAL_COAT_MIN, isOwn: false, spread: DRESS_SPREAD, scrap: 0 },
      mostMin,
    );
    const loads = Math.ceil(count / load);
    return [
      ...coated,
      ...Array.from({ length: loads }, (_, nth): WeekTask => ({
        ...base,
        id: `cure:${line.id}:${id}:${nth}`,
        kind: 'cure',
        what: loads === 1 ? colored : `${colored}, load ${nth + 1} of ${loads}`,
        minutes: isPowder ? cureMin + WARM_UP_MIN : AIR_DRY_MIN,
        hands: false,
        place: isPowder ? 'oven' : null,
        after: afterAll(coated),
        spread: 0.05,
        isOwn: false,
        href: '/coat?part=rack',
        metalId: null,
        lacks: [],
      })),
    ];
  };
  return [
    ...group('cast', there, [], ''),
    ...group('new', toCoat - there, afterAll(dress), there > 0 ? ', once cast' : ''),
  ];
}

/** A load that hangs or is in the oven, with the lines whose heads are on it. */
export type RackTask = WeekTask & { readonly lineIds: ReadonlySet<string> };

/**
 * What hangs on racks for tickets: what is in the oven takes as long as it still has to, the rest a whole cure.
 *
 * @example rackTasks(view, now)[0]?.what // 'Rack 7'
 */
export function rackTasks({ racks, tickets }: BenchView, now: number): RackTask[] {
  return racks.flatMap((rack): RackTask[] => {
    const open = new Set(tickets.filter(({ state }) => state === 'open').map(({ id }) => id));
    const own = rack.hung.filter(({ ticketId }) => ticketId !== null && open.has(ticketId));
    if ((rack.state !== 'hanging' && rack.state !== 'curing') || own.length === 0) return [];
    const whole = rack.ovenId === null ? AIR_DRY_MIN : rack.minutes + WARM_UP_MIN;
    const left = rack.state === 'curing' && rack.outAt !== null ? (rack.outAt - now) / 60_000 : whole;
    return [
      {
        id: `cure:rack:${rack.id}`,
        kind: 'cure',
        what: `rack ${rack.no}, ${countText(own.length, 'head')}`,
        minutes: Math.max(1, left),
        hands: false,
        place: rack.ovenId === null ? null : 'oven',
        after: [],
        ticketIds: [...new Set(own.flatMap(({ ticketId }) => ticketId ?? []))],
        lineIds: new Set(own.flatMap(({ lineId }) => lineId ?? [])),
        spread: 0.05,
        isOwn: rack.state === 'curing',
        href: `/coat?part=rack&rack=${rack.id}`,
        metalId: null,
        lacks: [],
      },
    ];
  });
}

function tieTasks(
  line: TicketLine,
  ticketId: string,
  what: string,
  before: readonly WeekTask[],
  { view, mostMin }: TaskFacts,
): WeekTask[] {
  const skirt = line.skirtId === null ? undefined : view.skirtById.get(line.skirtId);
  const toTie = skirt ? Math.max(0, line.count - (view.tied.get(line.id) ?? 0)) : 0;
  if (!skirt || toTie === 0) return [];
  const tied = handTasks(
    {
      ticketIds: [ticketId],
      id: `tie:${line.id}`,
      kind: 'tie',
      place: 'vise',
      href: '/skirt?part=tie',
      after: afterAll(before, COOL_MIN),
    },
    toTie,
    `${skirt.name} on ${what}`,
    handPace({ stage: 'skirt', family: skirt.family, kind: skirt.hold }, view),
    mostMin,
  );
  return [...tied, ...cementTasks(line.id, skirt.name, skirt.hold, ticketId, tied)];
}

const CEMENTED: ReadonlySet<string> = new Set(['thread', 'two-bunches']);

/** What is tied with thread is cemented, and dries over night, by itself. */
export function cementTasks(
  id: string,
  what: string,
  hold: string,
  ticketId: string,
  tied: readonly WeekTask[],
): WeekTask[] {
  if (!CEMENTED.has(hold) || tied.length === 0) return [];
  return [
    {
      id: `cement:${id}`,
      kind: 'cement',
      what,
      minutes: CEMENT_MIN,
      hands: false,
      place: null,
      after: afterAll(tied),
      ticketIds: [ticketId],
      spread: 0.05,
      isOwn: false,
      href: '/skirt?part=tie',
      metalId: null,
      lacks: [],
    },
  ];
}
