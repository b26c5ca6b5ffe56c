import type { StageFacts } from '@/core/cost/bill';
import { sum } from '@/core/numeric/sum';
import type { Stage } from '@/records/outlay';
import type { BenchView } from '../bench-view';

/** Until the maker's own runs say: minutes a piece. */
const USUAL_MINUTES: Readonly<Record<Stage, number>> = { pour: 0.6, coat: 1.2, skirt: 4, build: 5, rig: 6 };
/** From so few pieces on the log is believed. */
const LEAST_PIECES = 10;
/** Where nearly all failed, so few came out that the log says little. */
const MOST_SCRAP = 0.5;
const MS_PER_MINUTE = 60_000;
/** A run longer than this was left lying. */
const LONGEST_MINUTES = 300;

interface Logged {
  readonly pieces: number;
  readonly minutes: number;
  readonly failed: number;
}

type Logs = Pick<BenchView, 'runs' | 'tyings' | 'buildings' | 'riggings' | 'racks'> &
  Pick<BenchView, 'skirtById' | 'buildById' | 'rigById'>;

const carded = (runs: Logs['buildings'] | Logs['riggings']): Logged => {
  const done = runs.filter(({ endedAt, seconds }) => endedAt !== null && seconds > 0);
  return {
    pieces: sum(done.map(({ passed }) => passed)),
    minutes: sum(done.map(({ seconds }) => seconds)) / 60,
    failed: sum(done.flatMap(({ failed }) => failed.map(({ count }) => count))),
  };
};

/** What was logged of a stage; of one family of skirts, builds or rigs alone where it is named. */
function logOf(stage: Stage, view: Logs, family: string | null): Logged {
  const isOf = (made: { readonly family: string } | undefined) => family === null || made?.family === family;
  switch (stage) {
    case 'pour': {
      const done = view.runs.flatMap(({ booking, startedAt, endedAt }) => {
        const minutes = endedAt === null ? 0 : (endedAt - startedAt) / MS_PER_MINUTE;
        return booking && minutes > 0 && minutes <= LONGEST_MINUTES ? [{ ...booking, minutes }] : [];
      });
      return {
        pieces: sum(done.map(({ good }) => good)),
        minutes: sum(done.map(({ minutes }) => minutes)),
        failed: sum(done.map(({ misfilled }) => misfilled)),
      };
    }
    case 'coat': {
      const out = view.racks.filter(({ state }) => state === 'out');
      const pieces = sum(out.map(({ hung }) => hung.length));
      return { pieces, minutes: pieces * USUAL_MINUTES.coat, failed: 0 };
    }
    case 'skirt': {
      const done = view.tyings.filter(
        ({ endedAt, seconds, skirtId }) =>
          endedAt !== null && seconds > 0 && isOf(view.skirtById.get(skirtId)),
      );
      return {
        pieces: sum(done.map((tying) => tying.done)),
        minutes: sum(done.map(({ seconds }) => seconds)) / 60,
        failed: 0,
      };
    }
    case 'build':
      return carded(view.buildings.filter(({ buildId }) => isOf(view.buildById.get(buildId))));
    case 'rig':
      return carded(view.riggings.filter(({ rigId }) => isOf(view.rigById.get(rigId))));
  }
}

/** Hours of pot or oven for one piece. */
function powerHours(stage: Stage, minutesEach: number, view: Logs): number {
  if (stage === 'pour') return minutesEach / 60;
  if (stage !== 'coat') return 0;
  const out = view.racks.filter(({ state, hung }) => state === 'out' && hung.length > 0);
  if (out.length === 0) return 0.03;
  const each = out.map(({ minutes, warmS, hung }) => (minutes / 60 + (warmS ?? 600) / 3600) / hung.length);
  return sum(each) / each.length;
}

const begunOf = ({ pieces, failed }: Logged): number => pieces + failed;

/**
 * What a stage takes for one piece: by the maker's own log of that family where it says enough, else of the whole
 * stage, else as is usual.
 *
 * @param family of the skirt, build or rig that is made; null for the stage as a whole
 * @example stageFacts('build', view, build.family).minutesEach
 */
export function stageFacts(
  stage: Stage,
  view: BenchView,
  family: string | null = null,
): StageFacts & { readonly isOwn: boolean } {
  const itsOwn = logOf(stage, view, family);
  const log = begunOf(itsOwn) >= LEAST_PIECES ? itsOwn : logOf(stage, view, null);
  const isOwn = begunOf(log) >= LEAST_PIECES && stage !== 'coat';
  // What failed took hands too: by all that was begun, or the rollup would count its time twice.
  const minutesEach = isOwn ? log.minutes / begunOf(log) : USUAL_MINUTES[stage];
  const { ratePerHour, pricePerKWh, potKW, ovenKW } = view.bench.money;
  const kW = stage === 'pour' ? potKW : stage === 'coat' ? ovenKW : 0;
  return {
    isOwn,
    ...{ minutesEach, ratePerHour, pricePerKWh },
    kWhEach: kW * powerHours(stage, minutesEach, view),
    scrapShare:
      stage === 'pour' ? view.pot.scrapShare : isOwn ? Math.min(MOST_SCRAP, log.failed / begunOf(log)) : 0,
    // A misfilled head goes back into the pot, its hook cut out; a bait that failed is stripped at best.
    losesParts: stage !== 'pour',
    tooling: view.outlays
      .filter(({ serves, retired }) => !retired && serves.includes(stage))
      .map(({ name, cost, lifePieces, serves }) => ({ name, cost: cost / serves.length, lifePieces })),
  };
}
