import { headText } from '@/text/words';
import { headsToDress, type CastHeads } from '@/core/dress/heads-to-dress';
import { sum } from '@/core/numeric/sum';
import type { Cavity } from '@/records/mold';
import type { MassUnit } from '@/core/units/write-mass';
import type { HeadOf } from '../heads/head-facts';
import type { Batch } from '@/records/batch';
import type { Rack } from '@/records/rack';
import type { BuildRecord } from '@/records/build';
import type { RigRecord } from '@/records/rig';
import type { Run } from '@/records/run';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { headsFor } from '../baits/bait-facts';
import type { DraftLine } from '../tickets/ticket-draft';
import type { BenchView } from '../bench/bench-view';
import { newestByFamily } from '../versions/newest-by-family';

/** What is taken in hand on the way: heads of a run to the dressing bench, or a new ticket that begins with so much. */
export type TakenUp =
  | { readonly is: 'cast'; readonly cast: CastHeads }
  | { readonly is: 'ticket'; readonly line: Partial<DraftLine> };

/** Where what was just booked goes on, with that in hand. */
export interface NextStep {
  readonly says: string;
  readonly href: string;
  readonly takes?: TakenUp;
}

/** More baits than this of one head would be a list of their own. */
const MOST_BAITS = 2;

const buildIt = ({ id, name }: BuildRecord): NextStep => ({
  says: `Build ${name}`,
  href: `/build?part=board&bait=${id}`,
});

/** Heads that lie there: into their color, into their skirt, into a bait; where they lie if nothing waits for them. */
export function nextForHeads(headBinIds: ReadonlySet<string>, view: BenchView): NextStep[] {
  const waiting = (rows: readonly { readonly headBinId: string; readonly count: number }[]) =>
    sum(rows.filter(({ headBinId }) => headBinIds.has(headBinId)).map(({ count }) => count));
  const [toCoat, toTie] = [waiting(view.toCoat), waiting(view.toTie)];
  const baits = newestByFamily(view.builds).filter((build) =>
    headsFor(build, view).some(({ id }) => headBinIds.has(id)),
  );
  const steps = [
    ...(toCoat > 0 ? [{ says: `Hang ${toCoat} for their color`, href: '/coat?part=rack' }] : []),
    ...(toTie > 0 ? [{ says: `Tie skirts on ${toTie}`, href: '/skirt?part=tie' }] : []),
    ...baits.slice(0, MOST_BAITS).map(buildIt),
  ];
  const [first] = headBinIds;
  return steps.length > 0 || first === undefined
    ? steps
    : [{ says: 'See where they lie', href: `/shelf?bin=${first}` }];
}

/** The heads of a booked run: to the dressing bench, where they wait or a batch of them lies, then on as any heads. */
export function afterPour(run: Run, view: BenchView, mass: MassUnit): NextStep[] {
  const batches = view.batches.filter(({ runId, endedAt }) => runId === run.id && endedAt === null);
  const cast = new Set(
    view.bins.flatMap((bin) =>
      bin.kind === 'head' &&
      bin.metalBinId === run.metalBinId &&
      bin.coatId === null &&
      (view.levels.get(bin.id) ?? 0) > 0 &&
      run.heads.some(
        ({ style, nominalG, hookBinId }) =>
          style === bin.style && nominalG === bin.nominalG && hookBinId === bin.hookBinId,
      )
        ? [bin.id]
        : [],
    ),
  );
  const fresh = headsToDress([run], view.madeEntries, view.levels, view.batches, run.endedAt ?? 0);
  const dress = (count: number, head: HeadOf) => `Dress ${count} × ${headText(head, view.binById, mass)}`;
  return [
    ...fresh.flatMap((cast): NextStep[] => {
      const bin = view.binById.get(cast.headBinId);
      return bin?.kind === 'head'
        ? [{ says: dress(cast.count, bin), href: '/dress', takes: { is: 'cast', cast } }]
        : [];
    }),
    ...batches.map((batch) => ({ says: dress(batch.count, batch), href: `/dress?batch=${batch.id}` })),
    ...nextForHeads(cast, view),
  ];
}

/** Heads off the dressing bench: on as any heads that lie there. */
export function afterDressing({ headBinId }: Pick<Batch, 'headBinId'>, view: BenchView): NextStep[] {
  return headBinId === null ? [] : nextForHeads(new Set([headBinId]), view);
}

/** Heads that came out of the oven in their color. */
export function afterCoating({ hung }: Pick<Rack, 'hung'>, view: BenchView): NextStep[] {
  const coated = view.bins.filter((bin) => {
    if (bin.kind !== 'head' || bin.skirtId !== null || (view.levels.get(bin.id) ?? 0) <= 0) return false;
    return hung.some(({ headBinId, coatId }) => {
      const bare = view.binById.get(headBinId);
      return (
        coatId === bin.coatId &&
        bare?.kind === 'head' &&
        bare.style === bin.style &&
        bare.nominalG === bin.nominalG &&
        bare.hookBinId === bin.hookBinId
      );
    });
  });
  return nextForHeads(new Set(coated.map(({ id }) => id)), view);
}

/** Skirts that were tied: into a bait, to the ticket that they are for, and what one costs. */
export function afterTying(skirt: Skirt, { ticketId }: Pick<Tying, 'ticketId'>, view: BenchView): NextStep[] {
  const ticket = view.tickets.find(({ id, state }) => id === ticketId && state === 'open');
  return [
    ...newestByFamily(view.builds)
      .filter(({ skirtId }) => skirtId === skirt.id)
      .slice(0, MOST_BAITS)
      .map(buildIt),
    ...(ticket ? [{ says: `To ticket ${ticket.no}, ${ticket.title}`, href: '/ticket' }] : []),
    { says: 'What one costs', href: `/cost?piece=skirt:${skirt.family}` },
  ];
}

const onTheWater: NextStep = { says: 'Note it on the water', href: '/water?part=note' };

/** Baits that were built: what one costs, and the water. */
export const afterBuilding = (build: BuildRecord): NextStep[] => [
  { says: 'What one costs', href: `/cost?piece=build:${build.family}` },
  onTheWater,
];

/** Rigs that were made: what one costs, a kit for the water. */
export const afterRigging = (rig: RigRecord): NextStep[] => [
  { says: 'What one costs', href: `/cost?piece=rig:${rig.family}` },
  { says: 'Pack a trip kit', href: '/rig?part=kit' },
];

/** A lot that came out of the pot: a ticket for heads of it. */
export const afterMelt = (binId: string): NextStep[] => [
  { says: 'Write a ticket in it', href: '/ticket', takes: { is: 'ticket', line: { metalBinId: binId } } },
];

/** A block of which castings were weighed: what is wanted is planned with what it truly gives, else it is asked for. */
export function afterWeighing(
  { style, nominalG }: Pick<Cavity, 'style' | 'nominalG'>,
  { wants }: Pick<BenchView, 'wants'>,
): NextStep[] {
  return wants.length > 0
    ? [{ says: 'Plan a run', href: '/pour' }]
    : [
        {
          says: 'Write a ticket for it',
          href: '/ticket',
          takes: { is: 'ticket', line: { style, nominalG } },
        },
      ];
}
