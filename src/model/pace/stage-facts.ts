import type { StageFacts } from '@/core/cost/bill';
import { sum } from '@/core/numeric/sum';
import { LEAST_PIECES, tellingRuns } from '@/core/pace/learn-pace';
import type { Stage } from '@/records/outlay';
import type { BenchFacts } from '../bench/bench-facts';
import { newestOfFamily } from '../versions/newest-by-family';
import { cardRuns, usualSeconds, type CardRun, type Handmade } from './pace-of';

/** Until the maker's own runs say: minutes a piece, of whatever kind (typical). */
const USUAL_MINUTES: Readonly<Record<Stage, number>> = { pour: 0.6, coat: 1.2, skirt: 4, build: 5, rig: 6 };
/** Where nearly all failed, so few came out that the log says little. */
const MOST_SCRAP = 0.5;
const MS_PER_MINUTE = 60_000;
/** A run longer than this was left lying. */
const LONGEST_MINUTES = 300;

interface Logged {
  readonly begun: number;
  readonly minutes: number;
  readonly failed: number;
}

type Logs = Pick<BenchFacts, 'runs' | 'tyings' | 'buildings' | 'riggings' | 'racks'> &
  Pick<BenchFacts, 'skirts' | 'builds' | 'rigs' | 'skirtById' | 'buildById' | 'rigById'>;

const together = (runs: readonly CardRun[]): Logged => ({
  begun: sum(runs.map(({ begun }) => begun)),
  minutes: sum(runs.map(({ seconds }) => seconds)) / 60,
  failed: sum(runs.map(({ failed }) => failed)),
});

/** What of a family is made at a stage; null where it is no work of cards, or the family is gone. */
function handmade(stage: Stage, family: string, view: Logs): Handmade | null {
  switch (stage) {
    case 'skirt': {
      const skirt = newestOfFamily(family, view.skirts);
      return skirt && { stage, family, kind: skirt.hold };
    }
    case 'build': {
      const build = newestOfFamily(family, view.builds);
      return build && { stage, family, kind: build.kind };
    }
    case 'rig': {
      const rig = newestOfFamily(family, view.rigs);
      return rig && { stage, family, kind: rig.kind };
    }
    default:
      return null;
  }
}

/** What was logged of a stage as a whole. */
function logOf(stage: Stage, view: Logs): Logged {
  switch (stage) {
    case 'pour': {
      const done = view.runs.flatMap(({ booking, startedAt, endedAt }) => {
        const minutes = endedAt === null ? 0 : (endedAt - startedAt) / MS_PER_MINUTE;
        return booking && minutes > 0 && minutes <= LONGEST_MINUTES ? [{ ...booking, minutes }] : [];
      });
      return {
        begun: sum(done.map(({ good, misfilled }) => good + misfilled)),
        minutes: sum(done.map(({ minutes }) => minutes)),
        failed: sum(done.map(({ misfilled }) => misfilled)),
      };
    }
    case 'coat': {
      const out = view.racks.filter(({ state }) => state === 'out');
      const begun = sum(out.map(({ hung }) => hung.length));
      return { begun, minutes: begun * USUAL_MINUTES.coat, failed: 0 };
    }
    default:
      return together(cardRuns(stage, view).filter(({ seconds }) => seconds > 0));
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

/**
 * What a stage takes for one piece: of a skirt, build or rig by the one pace that its station says too, of a stage as a
 * whole by all that was made there, else as is usual.
 *
 * @param family of the skirt, build or rig that is made; null for the stage as a whole
 * @example stageFacts('build', view, build.family).minutesEach
 */
export function stageFacts(
  stage: Stage,
  view: BenchFacts,
  family: string | null = null,
): StageFacts & { readonly isOwn: boolean } {
  const made = family === null ? null : handmade(stage, family, view);
  const log = made
    ? together(tellingRuns({ ...made, family: made.family ?? '' }, cardRuns(made.stage, view)))
    : logOf(stage, view);
  const isOwn = log.begun >= LEAST_PIECES && stage !== 'coat';
  const usual = made ? usualSeconds(made) / 60 : USUAL_MINUTES[stage];
  // What failed took hands too: by all that was begun, or the rollup would count its time twice.
  const minutesEach = isOwn ? log.minutes / log.begun : usual;
  const { ratePerHour, pricePerKWh, potKW, ovenKW } = view.bench.money;
  const kW = stage === 'pour' ? potKW : stage === 'coat' ? ovenKW : 0;
  return {
    isOwn,
    minutesEach,
    ratePerHour,
    pricePerKWh,
    kWhEach: kW * powerHours(stage, minutesEach, view),
    scrapShare:
      stage === 'pour' ? view.pot.scrapShare : isOwn ? Math.min(MOST_SCRAP, log.failed / log.begun) : 0,
    // A misfilled head goes back into the pot, its hook cut out; a bait that failed is stripped at best.
    losesParts: stage !== 'pour',
    tooling: view.outlays
      .filter(({ serves, retired }) => !retired && serves.includes(stage))
      .map(({ name, cost, lifePieces, serves }) => ({ name, cost: cost / serves.length, lifePieces })),
  };
}
