import { sectionsOf } from '../sections';
import { median } from '../../numeric/median';
import type { OutlineFeatures } from '../features';
import type { Outline } from '../outline';
import { size, within, type SightKind } from './definition';

const CUTS = 60;
/** A leg narrower than this is a crumb of the edge, mm. */
const CRUMB_MM = 0.25;

/** A number of legs counts where at least this share of the cuts shows it. */
const SHOWN_SHARE = 0.15;

interface Legs {
  readonly count: number;
  readonly widthMm: number;
  /** How many fewer most cuts show: there some lie against each other. */
  readonly fewer: number;
}

/** As many legs as some length of it shows apart, and how wide each is. */
function legsOf(outline: Outline, frame: OutlineFeatures['frame']): Legs {
  const cuts = sectionsOf(outline, frame, CUTS)
    .slice(2, -2)
    .map((cut) => cut.filter(([from, to]) => to - from > CRUMB_MM));
  const times = new Map<number, number>();
  for (const { length } of cuts) if (length > 1) times.set(length, (times.get(length) ?? 0) + 1);
  const shown = [...times].filter(([, often]) => often >= SHOWN_SHARE * cuts.length);
  const count = Math.max(1, ...shown.map(([legs]) => legs));
  const [usual = count] = shown.sort((a, b) => b[1] - a[1])[0] ?? [];
  const widths = cuts
    .filter(({ length }) => length === count)
    .flat()
    .map(([from, to]) => to - from);
  return { count, widthMm: widths.length > 0 ? median(widths) : frame.widthMm, fewer: count - usual };
}

export const strands: SightKind = {
  id: 'strands',
  name: 'Skirt tab or sheet',
  roles: ['skirt', 'hair', 'guard'],
  likely: ({ frame, fill }, outline) =>
    fill < 0.3
      ? 0
      : within(legsOf(outline, frame).count, [5, 200], 2) * within(frame.lengthMm, [20, 220], 10),
  usualHeightMm: () => 1,
  read: (outline, { frame }) => {
    const { count, widthMm, fewer } = legsOf(outline, frame);
    return [
      size('lengthMm', 'Length', frame.lengthMm),
      size('widthMm', 'Width', frame.widthMm),
      ...(count > 1
        ? [
            size('strands', 'Strands', count, { unit: 'pieces', soft: fewer }),
            size('strandWidthMm', 'Strand width', widthMm),
          ]
        : []),
    ];
  },
};
