import { isLine, isThreaded, runOf, type Rig, type RigItem } from './rig';

/** Where an item lies along its run, mm from the run's top. */
export interface LaidItem {
  readonly item: RigItem;
  readonly fromMm: number;
  readonly toMm: number;
  /** The line it is threaded on. */
  readonly lineId: string | null;
}

/** A run laid out, and what branches off it. */
export interface LaidRun {
  /** The item it hangs from; null for the main run. */
  readonly on: string | null;
  /** Where its top is along the run it hangs from, mm. */
  readonly startMm: number;
  readonly items: readonly LaidItem[];
  readonly lengthMm: number;
  readonly branches: readonly LaidRun[];
}

/** Of a tube over an eye, so much lies on the line above; the rest goes down the shank. */
export const TUBE_ABOVE = 0.35;

/**
 * How long an item is in its run, mm: a line as long as it is wished, a part by its own measure.
 *
 * @example lengthInRun(hook) // 28
 */
function lengthInRun({ part, lengthMm, count }: RigItem): number {
  const { as, sizes } = part.gauge;
  // Floss is wound round what is before it.
  if (part.gauge.line === 'floss') return 0;
  if (as === 'line' || as === 'tube' || as === 'hair') return lengthMm ?? 0;
  const own =
    as === 'bead' || as === 'shot' || as === 'ring' || as === 'solid'
      ? (sizes.diameterMm ?? 4)
      : (sizes.lengthMm ?? sizes.diameterMm ?? 6);
  return own * (isThreaded(part.gauge) ? count : 1);
}

/**
 * A rig laid out along its runs: lines and what ends them one after the other, what is threaded at its place or, where it
 * slides, down against what stops it; a tube over the eye below it.
 *
 * @example layRig(rig).lengthMm // 640
 */
export function layRig({ items }: Pick<Rig, 'items'>): LaidRun {
  return layRun(items, null, 0);
}

/**
 * Whether a part lies on another instead of hanging from it: a cast plate on a feeder, a bulb over its head, a second hair
 * with the first.
 */
export function liesOn({ on, part }: RigItem, host: RigItem): boolean {
  if (on !== host.id) return false;
  const [as, under] = [part.gauge.as, host.part.gauge.as];
  return (
    (as === 'weight' && under === 'feeder') ||
    (as === 'hair' && under === 'hair') ||
    ((as === 'skirt' || as === 'trailer') && (under === 'weight' || under === 'hook'))
  );
}

function layRun(all: readonly RigItem[], on: string | null, startMm: number): LaidRun {
  const run = runOf(all, on);
  const laid: LaidItem[] = [];
  let [at, reachMm] = [0, 0];
  let eyeMm: number | null = null;
  let line: { readonly id: string; readonly fromMm: number; readonly toMm: number } | null = null;
  let waiting: RigItem[] = [];
  const hang = () => {
    if (!line) return;
    // From the stop upward, in the order in which they stand.
    let foot = line.toMm;
    for (const item of [...waiting].reverse()) {
      const long = lengthInRun(item);
      const isTube = item.part.gauge.as === 'tube';
      const below = isTube ? long * (1 - TUBE_ABOVE) : 0;
      const toMm = item.atMm === null ? (isTube ? line.toMm + below : foot) : line.fromMm + item.atMm + long;
      laid.push({ item, fromMm: toMm - long, toMm, lineId: line.id });
      if (item.atMm === null && !isTube) foot = toMm - long;
    }
    waiting = [];
  };
  for (const item of run) {
    if (isThreaded(item.part.gauge) && line) {
      waiting.push(item);
      continue;
    }
    hang();
    const long = lengthInRun(item);
    // A line behind a hook starts at its eye again: distances between hooks are from eye to eye.
    const fromMm: number = isLine(item.part.gauge) && eyeMm !== null ? eyeMm : at;
    laid.push({ item, fromMm, toMm: fromMm + long, lineId: null });
    line = isLine(item.part.gauge) ? { id: item.id, fromMm, toMm: fromMm + long } : null;
    eyeMm = item.part.gauge.as === 'hook' ? fromMm : null;
    at = fromMm + long;
    reachMm = Math.max(reachMm, at);
  }
  hang();
  // What lies on another begins where that does.
  laid.push(
    ...laid.flatMap(({ item: host, fromMm, lineId }) =>
      all
        .filter((item) => liesOn(item, host))
        .map((item): LaidItem => {
          const long = item.part.gauge.as === 'weight' ? lengthInRun(host) : lengthInRun(item);
          return { item, fromMm, toMm: fromMm + long, lineId };
        }),
    ),
  );
  const order = new Map(run.map(({ id }, index) => [id, index]));
  const nth = ({ item: { id, on: host } }: LaidItem) =>
    order.get(id) ?? (host === null ? 0 : (order.get(host) ?? 0) + 0.5);
  laid.sort((a, b) => nth(a) - nth(b));
  const branches = laid
    .filter(({ item }) => all.some((each) => each.on === item.id && !liesOn(each, item)))
    .map(({ item, fromMm, toMm }) => layRun(all, item.id, (fromMm + toMm) / 2));
  return { on, startMm, items: laid, lengthMm: reachMm, branches };
}
