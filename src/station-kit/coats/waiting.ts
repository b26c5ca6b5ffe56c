import { metalIdOf } from '@/model/metals/listed-metal';
import { lightness } from '@/core/coats/color/lightness';
import type { CureTime } from '@/core/coats/cures/definition';
import { candidateCures } from '@/core/coats/candidate-cures';
import { slotsFor } from '@/core/coats/rack/slots-for';
import type { RackGroup } from '@/core/coats/rack/rack-facts';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import type { Bin, HeadBin, PowderBin } from '@/records/bin';
import type { Coat } from '@/records/coat';
import type { OvenFacts } from '@/records/heater';
import { dipRefusalsOf, refusalsOf } from './refusals';
import { judgeFor, powdersOf } from '@/model/coats/coat-facts';
import { lookOf } from '../looks/coat-look';
import { viewOf } from '../looks/head-view-of';
import type { HeadOf } from '@/model/heads/head-facts';
import type { BenchView } from '@/model/bench/bench-view';

/** Heads that wait for a color, with what the rack must know of them. */
export interface Waiting extends WaitingHeads {
  readonly key: string;
  readonly bin: HeadBin;
  readonly coat: Coat;
  /** Why an oven would ruin them; empty where none would. */
  readonly refusals: readonly string[];
  /** Why they cannot even be dipped and hung. */
  readonly dipRefusals: readonly string[];
  /** Painted by hand and dried in the air: no oven. */
  readonly isAirDried: boolean;
}

/** Margins of a drawn head that are no head, mm. */
const MARGIN_MM = 3;
/** A head without a hook hangs on a wire of so much, mm. */
export const WIRE_MM = 9;

interface HangingSize {
  readonly acrossMm: number;
  readonly longMm: number;
}

/** How much room the heads of a bin take, hanging; null where it holds none, or nobody knows. */
export function hangingSizeOf(bin: Bin | undefined, view: BenchView): HangingSize | null {
  return bin?.kind === 'head' ? hangingSize(bin, view) : null;
}

/** How much room a head takes, hanging, mm. */
function hangingSize(head: HeadOf, view: Pick<BenchView, 'molds' | 'hooks' | 'metals'>): HangingSize | null {
  const drawn = viewOf(head, view);
  if (!drawn) return null;
  const [, , width, height] = drawn.viewBox;
  return { acrossMm: height - MARGIN_MM, longMm: width - MARGIN_MM + (drawn.hook === null ? WIRE_MM : 0) };
}

/** How many slots a head takes on an oven's rack; 0 where it does not hang free. */
export function slotsOf(head: HeadOf, oven: OvenFacts, view: BenchView): number {
  const size = hangingSize(head, view);
  return size ? slotsFor(size, oven) : 0;
}

/** What waits, with what would ruin it. Heads whose bin or color is gone are left out. */
export function waitingOf(
  heads: readonly WaitingHeads[],
  view: BenchView,
  writeC: (celsius: number) => string,
): Waiting[] {
  return heads.flatMap((head): Waiting[] => {
    const bin = view.binById.get(head.headBinId);
    const coat = view.coatById.get(head.coatId);
    if (bin?.kind !== 'head' || !coat) return [];
    return [
      {
        ...head,
        key: [head.headBinId, head.coatId, head.ticketId ?? '', head.lineId ?? ''].join(' '),
        bin,
        coat,
        refusals: refusalsOf(coat, metalIdOf(bin), view, writeC),
        dipRefusals: dipRefusalsOf(coat, metalIdOf(bin), view, writeC),
        isAirDried: powdersOf(coat, view).length === 0,
      },
    ];
  });
}

/** What the rack planner is asked: groups of heads and the cures to choose from. */
export function rackRequest(
  waiting: readonly Waiting[],
  oven: OvenFacts,
  view: BenchView,
): { readonly groups: RackGroup[]; readonly cures: CureTime[] } {
  const cures = candidateCures(
    unique(waiting.flatMap(({ coat }) => powdersOf(coat, view))).map(({ cures: lines, maxC }) => ({
      cures: lines,
      maxC,
    })),
  );
  const byLight = [...waiting].sort((a, b) => lightOf(b, view) - lightOf(a, view));
  const groups = byLight.map((each, order): RackGroup => ({
    key: each.key,
    count: each.count,
    slotsEach: slotsOf(each.bin, oven, view),
    cures: cures.flatMap((cure, index) =>
      each.refusals.length === 0 &&
      judgeFor(cure, powdersOf(each.coat, view), [metalIdOf(each.bin)], view).isGood
        ? [index]
        : [],
    ),
    order,
  }));
  return { groups, cures };
}

function lightOf({ coat }: Waiting, view: BenchView): number {
  return lightness(lookOf(coat, view).base.hex);
}

function unique(powders: readonly PowderBin[]): PowderBin[] {
  return [...new Map(powders.map((powder) => [powder.id, powder])).values()];
}
