import { bagsOf } from '@/core/builds/bag-baits';
import { judgeRig } from '@/core/rigs/judge-rig';
import { bagLabelsPdf, type BagLabel } from '@/data/exchange/sheet/bag-labels';
import { numberText } from '@/messages/number-text';
import type { Kit, Rigging, RigRecord } from '@/records/rig';
import { type BenchView, loadFonts, matchLines, rigOf, saveFile, slug } from '../shared';
import { rigShelf, rigText } from './facts';

/** Labels for the wallets of a run: what is in them, what it holds, when it was made. */
export function walletLabels(
  rig: RigRecord,
  run: Pick<Rigging, 'no' | 'passed' | 'endedAt' | 'startedAt'>,
  view: BenchView,
): BagLabel[] {
  const { strength } = judgeRig(rigOf(rig, view), rigShelf(view), matchLines(view));
  const bags = bagsOf(run.passed);
  return bags.map((count, index) => ({
    title: rigText(rig),
    lines: [
      strength ? `${count} pieces, hold ${numberText(strength.kgf, 3)} kg` : `${count} pieces`,
      `Run ${run.no}, wallet ${index + 1} of ${bags.length}`,
      dayText(run.endedAt ?? run.startedAt),
    ],
    code: `ruvek:rig/${rig.id}`,
    caution: 'Sharp hooks.',
  }));
}

/** One label for each thing in a kit. */
export function kitLabels(kit: Kit, view: Pick<BenchView, 'binById'>): BagLabel[] {
  return kit.lines.map(({ binId, qty }) => ({
    title: view.binById.get(binId)?.name ?? 'a bin gone',
    lines: [`${numberText(qty, 5)} for ${kit.name}`, `Kit ${kit.no}`, dayText(kit.packedAt)],
    code: `ruvek:kit/${kit.id}`,
    caution: '',
  }));
}

const dayText = (at: number) =>
  new Date(at).toLocaleDateString('en-US', { day: 'numeric', month: 'short', year: 'numeric' });

export async function printWallet(rig: RigRecord, run: Rigging, view: BenchView): Promise<void> {
  const pdf = await bagLabelsPdf(walletLabels(rig, run, view), await loadFonts());
  saveFile(`labels-${slug(rigText(rig))}-run-${run.no}.pdf`, pdf, 'application/pdf');
}

export async function printKit(kit: Kit, view: BenchView): Promise<void> {
  const pdf = await bagLabelsPdf(kitLabels(kit, view), await loadFonts());
  saveFile(`labels-kit-${kit.no}.pdf`, pdf, 'application/pdf');
}
