import { countText } from '@/text/count-text';
import { numberText } from '@/text/number-text';
import { dateText } from '@/text/date-text';
import { bagsOf } from '@/core/builds/bag-baits';
import { judgeRig } from '@/core/rigs/judge-rig';
import { bagLabelsPdf, type BagLabel } from '@/data/exchange/sheet/bag-labels';
import { strengthText } from '@/text/quantity-text';
import type { Kit, Rigging, RigRecord } from '@/records/rig';
import type { BenchView } from '@/model/bench/bench-view';
import { matchLines } from '@/model/rigs/match-lines';
import { rigOf } from '@/model/bills/rig-uses';
import type { Sheet } from '../use-print';
import { slug } from '@/text/slug';
import { rigShelf } from '@/model/rigs/rig-facts';
import type { WrittenIn } from '@/text/written-in';
import { versionText } from '@/model/versions/version-text';

/** Labels for the wallets of a run: what is in them, what it holds, when it was made. */
export function walletLabels(
  rig: RigRecord,
  run: Pick<Rigging, 'no' | 'passed' | 'endedAt' | 'startedAt'>,
  view: BenchView,
  unit: WrittenIn['strength'] = 'kg',
): BagLabel[] {
  const { strength } = judgeRig(rigOf(rig, view), rigShelf(view), matchLines(view));
  const bags = bagsOf(run.passed);
  return bags.map((count, index) => ({
    title: versionText(rig),
    lines: [
      strength
        ? `${countText(count, 'piece')}, hold ${strengthText(strength.kgf, unit)}`
        : countText(count, 'piece'),
      `Run ${run.no}, wallet ${index + 1} of ${bags.length}`,
      dateText(run.endedAt ?? run.startedAt),
    ],
    code: `ruvek:rig/${rig.id}`,
    caution: 'Sharp hooks.',
  }));
}

/** One label for each thing in a kit. */
export function kitLabels(kit: Kit, view: Pick<BenchView, 'binById'>): BagLabel[] {
  return kit.lines.map(({ binId, qty }) => ({
    title: view.binById.get(binId)?.name ?? 'a bin gone',
    lines: [`${numberText(qty, 5)} for ${kit.name}`, `Kit ${kit.no}`, dateText(kit.packedAt)],
    code: `ruvek:kit/${kit.id}`,
    caution: '',
  }));
}

/** The labels of a run's wallets, to print. */
export const walletSheet = (
  rig: RigRecord,
  run: Rigging,
  view: BenchView,
  unit: WrittenIn['strength'],
): Sheet => ({
  file: `labels-${slug(versionText(rig))}-run-${run.no}`,
  make: (fonts) => bagLabelsPdf(walletLabels(rig, run, view, unit), fonts),
});

/** The labels of a kit, to print. */
export const kitSheet = (kit: Kit, view: BenchView): Sheet => ({
  file: `labels-kit-${kit.no}`,
  make: (fonts) => bagLabelsPdf(kitLabels(kit, view), fonts),
});
