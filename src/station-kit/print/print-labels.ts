import { countText } from '@/text/count-text';
import { dateText } from '@/text/date-text';
import { bagsOf } from '@/core/builds/bag-baits';
import type { BagLabel } from '@/data/exchange/sheet/bag-labels';
import { bagLabelsPdf } from '@/data/exchange/sheet/bag-labels';
import type { BuildRecord, Building } from '@/records/build';
import { massText } from '@/text/words';
import type { Sheet } from '../use-print';
import { slug } from '@/text/slug';
import type { BenchView } from '@/model/bench/bench-view';
import { finishedOf, pieceOf, weightLines } from '@/model/baits/bait-facts';
import { versionText } from '@/model/versions/version-text';

/** What a bag's code says: which version of which build is in it. */
export function buildCode({ id }: Pick<BuildRecord, 'id'>): string {
  return `ruvek:build/${id}`;
}

/** Labels for the bags of a run: six to a bag, each with what it is, what it weighs, and when it was built. */
export function labelsOf(
  build: BuildRecord,
  run: Pick<Building, 'passed' | 'no'>,
  view: BenchView,
  mass: Parameters<typeof massText>[1],
  at: number,
): BagLabel[] {
  const { finishedG } = finishedOf(weightLines(build, view));
  const trailer = pieceOf(build.slots.find(({ slot }) => slot === 'trailer')?.binId ?? null, view);
  const bags = bagsOf(run.passed);
  return bags.map((count, index) => ({
    title: versionText(build),
    lines: [
      `${countText(count, 'piece')}, ${massText(finishedG, mass)} each`,
      `Run ${run.no}, bag ${index + 1} of ${bags.length}`,
      dateText(at),
    ],
    code: buildCode(build),
    caution:
      trailer?.gauge.plastic === 'stretch'
        ? 'Stretchy plastic: keep from soft plastic.'
        : trailer?.gauge.plastic === 'soft'
          ? 'Soft plastic: keep from stretchy plastic.'
          : '',
  }));
}

/** The same, to print. */
export const labelsSheet = (
  build: BuildRecord,
  run: Pick<Building, 'passed' | 'no' | 'endedAt'>,
  view: BenchView,
  mass: Parameters<typeof massText>[1],
  now: number,
): Sheet => ({
  file: `labels-${slug(versionText(build))}-run-${run.no}`,
  make: (fonts) => bagLabelsPdf(labelsOf(build, run, view, mass, run.endedAt ?? now), fonts),
});
