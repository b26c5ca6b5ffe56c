import { armLength, bladesOf } from '@/core/builds/build';
import { depthTendency } from '@/core/builds/depth-tendency';
import { findKind } from '@/core/builds/kinds';
import { buildableOf, buildOf, costOf, finishedOf, runOf, weightLines } from '@/model/baits/bait-facts';
import type { BenchView } from '@/model/bench/bench-view';
import { moneyText } from '@/model/cost/cost-slices';
import { paceOf } from '@/model/pace/pace-of';
import type { BuildRecord } from '@/records/build';
import { massText, minutesText, sizeText } from '@/text/words';
import { areaText } from '@/text/writer';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';
import type { Told } from './told';
import { givesWorking } from './gives-working';
import { moneyWorking } from './money-working';
import { paceWorking } from './pace-working';
import { bladeRunWorking } from './run-working';
import { weightWorking } from './weight-working';

/** What tells baits apart, row by row: what it is called, then one cell for each bait. */
export function tellBuilds(
  builds: readonly BuildRecord[],
  view: BenchView,
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): readonly (readonly [string, readonly Told[]])[] {
  const { sign } = view.bench.money;
  const runs = builds.map((build) => runOf(build, view));
  const fastest = Math.max(...runs.map((run) => run?.slowestMs ?? 0));
  const figure = (text: string, working: Working): Told => ({ text, working });
  return [
    ['Kind', builds.map(({ kind }) => ({ text: findKind(kind).name }))],
    [
      'Finished',
      builds.map((build) => {
        const lines = weightLines(build, view);
        const { finishedG } = finishedOf(lines);
        return figure(massText(finishedG, mass), weightWorking(lines, finishedG, mass));
      }),
    ],
    [
      'Arm',
      builds.map((build) => ({
        text: findKind(build.kind).arm ? sizeText(armLength(buildOf(build, view)), length) : 'none',
      })),
    ],
    [
      'Blades',
      builds.map((build) => {
        const blades = bladesOf(buildOf(build, view));
        return { text: blades.map(({ name }) => name).join('; ') || 'none' };
      }),
    ],
    [
      'Blade area',
      runs.map((run) =>
        run
          ? figure(areaText(run.areaCm2, length), bladeRunWorking('Blade area', run.isSeen))
          : { text: 'none' },
      ),
    ],
    [
      'Speed, of the fastest',
      runs.map((run) =>
        run
          ? figure(
              `${Math.round((run.slowestMs / fastest) * 100)} %${run.isSeen ? ', seen' : ''}`,
              bladeRunWorking('Slowest speed', run.isSeen),
            )
          : { text: 'no blade' },
      ),
    ],
    ['Depth', runs.map((run) => ({ text: run ? depthTendency(run.slowestMs) : 'as it is fished' }))],
    [
      'Thump',
      runs.map((run) =>
        run ? figure(sizeText(run.thumpMm, length), bladeRunWorking('Thump', run.isSeen)) : { text: 'none' },
      ),
    ],
    [
      'Parts cost',
      builds.map((build) => {
        const { each: cost, lines, unpriced } = costOf(build, view);
        return figure(
          `${unpriced.length > 0 ? 'over ' : ''}${moneyText(cost, sign)}`,
          moneyWorking('Parts cost', lines, cost, sign, unpriced),
        );
      }),
    ],
    [
      'Takes',
      builds.map((build) => {
        const pace = paceOf({ stage: 'build', family: build.family, kind: build.kind }, view);
        return figure(minutesText(pace.secondsEach), paceWorking(pace));
      }),
    ],
    [
      'From the shelf',
      builds.map((build) => {
        const gives = buildableOf(build, view);
        return figure(String(gives.count), givesWorking(gives, view, mass));
      }),
    ],
  ];
}
