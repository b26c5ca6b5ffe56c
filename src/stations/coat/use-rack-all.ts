'use client';

import { countText } from '@/text/count-text';
import type { Heater } from '@/records/heater';
import { powdersOf } from '@/model/coats/coat-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { useJob } from '@/station-kit/use-job';
import { usePreferences } from '@/station-kit/preferences-store';
import { schoolOf } from '@/model/coats/rack-facts';
import { rackRequest, slotsOf, type Waiting } from '@/station-kit/coats/waiting';

/** The planner shows what it has after so long, s. */
const TIME_LIMIT_S = 10;

/** Hangs all that waits in as few loads as can be, worked out in a worker. */
export function useRackAll(
  oven: Heater | null,
  onHung: (rackIds: readonly string[], hung: readonly Waiting[]) => void,
) {
  const { view, workshop } = useBench();
  const { shedC } = usePreferences();
  const job = useJob<string>();

  const plan = (waiting: readonly Waiting[]) => {
    if (!oven?.oven) return;
    const { rods, slots } = oven.oven;
    const facts = oven.oven;
    const { groups, cures } = rackRequest(waiting, facts, view);
    job.start(async ({ ask }) => {
      const planned = await ask('rackLoads', {
        groups,
        cureMinutes: cures.map(({ minutes }) => minutes),
        rack: { rods, slots },
        timeLimitS: TIME_LIMIT_S,
      });
      const byKey = new Map(waiting.map((each) => [each.key, each]));
      const loads = planned.loads.flatMap(({ cure, hung }) => {
        const time = cures[cure];
        const first = byKey.get(hung[0]?.key ?? '');
        if (!time || !first) return [];
        return [
          {
            ovenId: oven.id,
            school: schoolOf(time, powdersOf(first.coat, view)[0]),
            ...time,
            startC: shedC,
            hung: hung.flatMap(({ key, rod, slot }) => {
              const from = byKey.get(key);
              if (!from) return [];
              const { headBinId, coatId, ticketId, lineId } = from;
              return [
                { rod, slot, slotsEach: slotsOf(from.bin, facts, view), headBinId, coatId, ticketId, lineId },
              ];
            }),
          },
        ];
      });
      const refused = new Set(planned.refused);
      if (loads.length > 0) {
        const ids = await workshop.racks.hang(loads);
        onHung(
          ids,
          waiting.filter(({ key }) => !refused.has(key)),
        );
      }
      const left = planned.refused.map((key) => byKey.get(key)?.bin.name ?? 'a head');
      return `${countText(loads.length, 'load')}, ${planned.optimal ? 'the fewest possible' : 'the best found in time'}, light before dark.${
        left.length > 0 ? ` Not hung: ${left.join(', ')}; they do not hang free on this rack.` : ''
      }`;
    });
  };
  return { plan, job };
}
