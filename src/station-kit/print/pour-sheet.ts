import { forecastPours } from '@/core/pours/forecast-pours';
import type { Evening, Leg } from '@/core/pours/lay-out-evening';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { PullItem } from '@/core/pours/pull-list';
import { SAFETY_ITEMS } from '@/core/pours/safety';
import type { Session } from '@/core/tickets/lay-out-session';
import type { JobSheet } from '@/data/exchange/sheet/job-sheet';
import type { MetalBin } from '@/records/bin';
import { pressureText } from '@/text/quantity-text';
import type { ScreenUnits } from '@/text/written-in';
import { headText, lotText, massText, minutesText, temperatureText } from '@/text/words';
import { refusalsOfLine } from '../coats/refusals';
import type { BenchView } from '@/model/bench/bench-view';
import type { Takes } from '@/model/tickets/session-takes';
import { cavityWords } from '@/text/cavity-words';
import { stretches } from '@/model/schedule/run-lengths';

interface PlannedSession {
  readonly metal: MetalBin;
  readonly session: Session;
  readonly plan: PourPlan;
  readonly takes: Takes;
  readonly evening: Evening;
  readonly pull: readonly PullItem[];
}

/** A planned session as it goes on paper. */
export function composeSheet(
  { metal, session, plan, takes, evening, pull }: PlannedSession,
  view: BenchView,
  units: ScreenUnits,
): JobSheet {
  const { mass, length } = units;
  const nameOf = (moldId: string | null) => view.moldById.get(moldId ?? '')?.name ?? 'a block';
  const says: Record<Leg['kind'], (leg: Leg) => string> = {
    melt: () => `Light the pot: ${massText(takes.budget.chargeG, mass)} of ${metal.name}`,
    'warm-up': ({ moldId }) => `Warm ${nameOf(moldId)}`,
    pours: ({ moldId, pours }) => `${nameOf(moldId)}: ${pours} ${pours === 1 ? 'pour' : 'pours'}`,
    refill: () => 'Refill the pot, and let it heat',
    rest: () => 'Rest',
  };
  const heads = session.demand.map(({ key, count }) => {
    const head = session.heads.find((each) => each.key === key);
    return `${count} ${head ? headText(head, view.binById, mass) : key}`;
  });
  return {
    title: `Pour, ${lotText(metal.name)}`,
    subtitle: `${view.bench.name}. Minutes count from lighting the pot.`,
    facts: [
      ['To cast', heads.join('; ')],
      ['Pours', `${plan.pours}${plan.optimal ? ', the shortest possible' : ''}`],
      [
        'Charge',
        `${massText(takes.budget.chargeG, mass)}, ${takes.budget.potFills} ${takes.budget.potFills === 1 ? 'pot fill' : 'pot fills'}`,
      ],
      ['First good pour', `after ${minutesText(evening.firstGoodS ?? 0)}`],
      ['All done', `after ${minutesText(evening.totalS)}`],
    ],
    evening: evening.legs.map((leg) => [minutesText(leg.startS), says[leg.kind](leg)] as const),
    pull: pull.map(({ place, name, count, short, instead }) => ({
      place,
      what: `${count} ${name}`,
      note:
        short === 0
          ? ''
          : `${short} short${instead.map((bin) => `, ${bin.free} ${bin.name} in ${bin.place}`).join('')}`,
    })),
    blocks: plan.runs.flatMap(({ moldId, pours, fills }) => {
      const mold = view.moldById.get(moldId);
      if (!mold) return [];
      const { spin } = mold;
      const settings = spin
        ? [
            `${spin.mark === '' ? '' : `${spin.mark}; `}clamp at ${pressureText(spin.clampBar, length)}, hold ${spin.holdSeconds} s, ${spin.rpm} rpm for ${spin.spinSeconds} s, cool ${spin.coolSeconds} s.`,
          ]
        : [];
      const warming =
        mold.warmUpPours > 0 ? [`First ${mold.warmUpPours} to warm the block: back into the pot.`] : [];
      const filled = stretches(forecastPours(fills, [], mold.kind === 'spun', mold.copies)).map(
        ({ from, to, cavities }) =>
          `${from === to ? `Pour ${from}` : `Pours ${from} to ${to}`}: ${cavityWords(mold, cavities, mass)}.`,
      );
      const lines = [...settings, ...warming, ...filled];
      return [{ name: mold.name, place: mold.place, boxes: pours, each: 'pour', lines }];
    }),
    held: heldColors(session, view, units),
    before: 'Before the pot goes on',
    cautions: [
      ...SAFETY_ITEMS.map(({ asks }) => asks),
      'The makers’ sheets are read and my local rules are kept.',
    ],
  };
}

/** Colors that an oven would ruin these castings for, each with why: better known before the pot is lit. */
function heldColors(session: Session, view: BenchView, { mass, temperature }: ScreenUnits): string[] {
  const asked = new Set(session.wants.map(({ lineId }) => lineId));
  return view.tickets
    .flatMap(({ lines }) => lines)
    .filter(({ id }) => asked.has(id))
    .flatMap((line) => {
      const coat = view.coatById.get(line.coatId ?? '');
      const [why] = refusalsOfLine(line, view, (celsius) => temperatureText(celsius, temperature));
      return coat && why ? [`${headText(line, view.binById, mass)} in ${coat.name}: ${why}`] : [];
    });
}
