import { bagLabelsPdf, type BagLabel } from '@/data/exchange/sheet/bag-labels';
import { numberText } from '@/text/number-text';
import type { Bin } from '@/records/bin';
import { amountText, lengthText, temperatureText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import { slug } from '@/text/slug';
import type { Sheet } from '../use-print';
import { stuffOf } from '@/model/stock/cabinet';

const BESIDE: Readonly<Record<string, string>> = {
  'soft-plastic': 'Soft plastic: keep from stretchy and hard plastic and from paint.',
  'stretch-plastic': 'Stretchy plastic: keep from soft plastic.',
  'hard-plastic': 'Hard plastic: keep from soft plastic.',
  painted: 'Painted: keep from soft plastic.',
  lead: 'Lead: wash hands after. Keep zinc away.',
  zinc: 'Zinc: keep from lead, it spoils the pour.',
};

function sizeLine(bin: Bin, { length, temperature }: ScreenUnits): string[] {
  if (bin.kind === 'hook') return [`${bin.size}, gape ${lengthText(bin.gapeMm, length)}`];
  if (bin.kind === 'metal') return [`${numberText(bin.densityGcm3, 4)} g/cm³`];
  if (bin.kind === 'powder')
    return bin.cures.map(({ cureC, cureMin }) => `${temperatureText(cureC, temperature)}, ${cureMin} min`);
  return bin.kind === 'part' && bin.sort ? [bin.sort] : [];
}

/** What the label of each bin says. */
export function drawerLabels(bins: readonly Bin[], drawer: string, units: ScreenUnits): BagLabel[] {
  return bins.map((bin) => {
    const stuff = stuffOf(bin);
    return {
      title: bin.name,
      lines: [
        ...sizeLine(bin, units),
        drawer,
        ...(bin.lowAt === null ? [] : [`low at ${amountText(bin.lowAt, bin, units.mass)}`]),
      ],
      code: `ruvek:bin/${bin.id}`,
      caution: stuff === null ? '' : (BESIDE[stuff] ?? ''),
    };
  });
}

/** A label for every bin of a drawer, to print. */
export const drawerSheet = (bins: readonly Bin[], drawer: string, units: ScreenUnits): Sheet => ({
  file: `ruvek-labels-${slug(drawer)}`,
  make: (fonts) => bagLabelsPdf(drawerLabels(bins, drawer, units), fonts),
});
