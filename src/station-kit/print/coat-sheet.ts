import { countText } from '@/text/count-text';
import type { CureEvening } from '@/core/coats/lay-out-cures';
import { findCoatWay } from '@/core/coats/ways';
import { TRAY_CHECKS } from '@/core/coats/tray-checks';
import type { JobSheet } from '@/data/exchange/sheet/job-sheet';
import { cureSentences } from '@/text/cure-sentence';
import type { Rack } from '@/records/rack';
import { massText, minutesText, temperatureText } from '@/text/words';
import { nameIn } from '../coats/refusals';
import type { BenchView } from '@/model/bench/bench-view';
import type { usePreferences } from '../preferences-store';
import { hungKinds, judgeRack, usedBy } from '@/model/coats/rack-facts';
import type { Waiting } from '../coats/waiting';

type Units = Pick<ReturnType<typeof usePreferences>, 'mass' | 'temperature' | 'coatWay'>;

/** An evening of coating as it goes on paper. What an oven would ruin stands first, with why. */
export function composeCoatSheet(
  racks: readonly Rack[],
  waiting: readonly Waiting[],
  evening: CureEvening,
  view: BenchView,
  { mass, temperature, coatWay }: Units,
): JobSheet {
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const noOf = (id: string) => racks.find((rack) => rack.id === id)?.no ?? '';
  const says = { prep: 'heat, dip and hang', warm: 'into the oven', cure: 'at heat' } as const;
  const way = findCoatWay(coatWay);
  const heads = racks.reduce((so, { hung }) => so + hung.length, 0);
  const used = usedBy(
    racks.flatMap(({ hung }) => hungKinds(hung)),
    coatWay,
    view,
  );
  return {
    title: 'Coat',
    subtitle: `${view.bench.name}. Minutes count from lighting the oven.`,
    facts: [
      ['To coat', `${countText(heads, 'head')} on ${countText(racks.length, 'rack')}`],
      ['Way', `${way.name}: ${way.how}`],
      ['All done', `after ${minutesText(evening.totalS)}`],
    ],
    held: [
      ...waiting.flatMap(({ count, bin, coat, refusals }) =>
        refusals.map((why) => `${count} ${bin.name} in ${coat.name}: ${why}`),
      ),
      ...racks.flatMap((rack) =>
        cureSentences(judgeRack(rack, view), nameIn(view), text).map((why) => `Rack ${rack.no}: ${why}`),
      ),
    ],
    evening: [...evening.legs]
      .sort((a, b) => a.startS - b.startS)
      .map((leg) => [minutesText(leg.startS), `Rack ${noOf(leg.loadId)}: ${says[leg.kind]}`] as const),
    pull: [...used].map(([id, g]) => {
      const bin = view.binById.get(id);
      const there = view.levels.get(id) ?? 0;
      return {
        place: bin?.place ?? '',
        what: `${massText(g, mass)} of ${bin?.name ?? 'a powder gone'}`,
        note: g > there ? `${massText(there, mass)} in the jar: short` : '',
      };
    }),
    blocks: racks.map((rack) => ({
      name: `Rack ${rack.no}, ${text(rack.partC)} for ${rack.minutes} min at heat`,
      place: view.heaters.find(({ id }) => id === rack.ovenId)?.name ?? '',
      boxes: rack.hung.length,
      each: 'head',
      lines: hungKinds(rack.hung).map(
        ({ headBinId, coatId, count }) =>
          `${count} ${view.binById.get(headBinId)?.name ?? 'heads'} in ${view.coatById.get(coatId)?.name ?? 'a color'}.`,
      ),
    })),
    before: 'Before the cure',
    cautions: [
      ...TRAY_CHECKS.filter(({ when }) => when === 'before').map(({ name, how }) => `${name}: ${how}`),
      'Mask on, no flame or spark near the powder, vent running. Food is never made in this oven.',
      'The makers’ sheets are read and my local rules are kept.',
    ],
  };
}
