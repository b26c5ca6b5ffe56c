import { lotText } from '@/text/words';
import { baitVolume } from '@/core/builds/bait-volume';
import { bladesOf, type Build, type BuildPiece } from '@/core/builds/build';
import { stingerReach } from '@/core/builds/stinger-lengths';
import { runBlades, type BladeRun } from '@/core/builds/run-blades';
import { weighBuild } from '@/core/builds/weigh-build';
import { rollUpCost } from '@/core/cost/roll-up-cost';
import { sum } from '@/core/numeric/sum';
import { tallyByItem } from '@/core/stock/tally-by-item';
import type { HeadBin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import { hasWiredHead, looseSkirt, usesOf } from '../bills/build-uses';
import type { BenchFacts } from '../bench/bench-facts';
import type { BenchView } from '../bench/bench-view';
import { baitPartOf } from './measured-parts';
import { freeOf } from '../stock/free-of';
import { givesOf, type Gives } from '../stock/gives';
import { headWeight, bodyRadiusMm } from '../heads/head-facts';
import { skirtMassOf } from '../skirts/skirt-facts';
import { headsThere } from '../heads/heads-there';
import { versionText } from '../versions/version-text';

/** A build as it is kept, or as it lies half made on the bench. */
export type BuildLike = Pick<
  BuildRecord,
  | 'kind'
  | 'head'
  | 'skirtId'
  | 'frameBinId'
  | 'armMm'
  | 'arm'
  | 'end'
  | 'slots'
  | 'minFreeMm'
  | 'pattern'
  | 'dip'
>;

/** A measured part of the shelf as the sums take it; null where it is gone or nobody measured it. */
export function pieceOf(binId: string | null, { binById }: Pick<BenchFacts, 'binById'>): BuildPiece | null {
  const part = baitPartOf(binId === null ? undefined : binById.get(binId));
  return part?.gauge ? { binId: part.id, name: part.name, gauge: part.gauge, massG: part.massG } : null;
}

/** Plastic and plaited lines, g/cm3 (typical: nylon 1.1, polyethylene braid 0.97). */
const LINE_GCM3 = 1.05;

/** What is cut of a line for a slot, as a piece of its own: as long as it is worked, as heavy as it was cut. */
function cutPiece(piece: BuildPiece, slot: string, cutMm: number): BuildPiece {
  const { wireMm = 0.3 } = piece.gauge.sizes;
  const lengthMm = slot === 'cord' ? stingerReach(cutMm) : cutMm;
  return {
    ...piece,
    massG: (LINE_GCM3 * Math.PI * (wireMm / 2) ** 2 * cutMm) / 1000,
    gauge: { ...piece.gauge, sizes: { ...piece.gauge.sizes, lengthMm } },
  };
}

/** A build as the core takes it. Parts that are gone are left out. */
export function buildOf(record: BuildLike, view: BenchFacts): Build {
  const frame = pieceOf(record.frameBinId, view);
  return {
    kind: record.kind,
    frame,
    armMm: record.armMm,
    arm: record.arm.flatMap(({ id, binId, bladeBinId }) => {
      const part = pieceOf(binId, view);
      return part ? [{ id, part, blade: pieceOf(bladeBinId, view) }] : [];
    }),
    end: { hanger: pieceOf(record.end.binId, view), blade: pieceOf(record.end.bladeBinId, view) },
    slots: record.slots.flatMap(({ slot, binId, cutMm }) => {
      const part = pieceOf(binId, view);
      return part ? [{ slot, part: cutMm === undefined ? part : cutPiece(part, slot, cutMm) }] : [];
    }),
    head: headOf(record, frame, view),
    minFreeMm: record.minFreeMm,
    isSkirted: record.skirtId !== null,
  };
}

function headOf({ head }: BuildLike, frame: BuildPiece | null, view: BenchFacts): Build['head'] {
  const { headG, bodyMm, gapeMm } = frame?.gauge.sizes ?? {};
  if (headG !== undefined) {
    return { massG: headG, radiusMm: (bodyMm ?? 12) / 2, gapeMm: gapeMm ?? null };
  }
  if (!head) return null;
  const hook = head.hookBinId === null ? null : (view.hooks.get(head.hookBinId) ?? null);
  return {
    massG: head.nominalG,
    radiusMm: bodyRadiusMm({ ...head, metalBinId: null }, view) ?? 6,
    gapeMm: hook?.gapeMm ?? null,
  };
}

export interface WeightLine {
  readonly name: string;
  /** Null where nobody weighed it. */
  readonly massG: number | null;
  readonly count: number;
  readonly is: 'head' | 'part' | 'soft';
  /** Of a head: how it is marked, g. */
  readonly markG?: number;
  /** Of a head: its metal, g/cm3. */
  readonly densityGcm3?: number;
  /** Nobody measured it: typical figures stand for it. */
  readonly isTypical?: boolean;
}

/** A head on a wire, of which nobody says the metal: lead and its like. */
const ABOUT_GCM3 = 10.8;

/** A head by what it weighs in its metal, which its mark tells in lead alone; one on a wire by its mark. */
function headLine(record: BuildLike, markG: number, view: BenchFacts): WeightLine {
  const { head } = record;
  if (!head || hasWiredHead(record, view)) {
    return { name: 'Head, marked', massG: markG, count: 1, is: 'head', markG, densityGcm3: ABOUT_GCM3 };
  }
  const [there] = headsFor(record, view);
  const { massG, metal, densityGcm3 } = headWeight(there ?? { ...head, metalBinId: null }, view);
  const name = metal === null ? 'Head, marked' : `Head, in ${lotText(metal)}`;
  return { name, massG, count: 1, is: 'head', markG, densityGcm3 };
}

/** What a finished bait weighs, part by part. A wire with its head counts as the marked head, and wire and hook. */
export function weightLines(record: BuildLike, view: BenchFacts): WeightLine[] {
  const build = buildOf(record, view);
  const skirt = record.skirtId === null ? null : (view.skirtById.get(record.skirtId) ?? null);
  const headG = build.frame?.gauge.sizes.headG;
  const pieces = [
    ...build.arm.flatMap(({ part, blade }) => [part, blade]),
    build.end.hanger,
    build.end.blade,
    ...build.slots.map(({ part }) => part),
  ].filter((piece): piece is BuildPiece => piece !== null);
  const unlike = [...new Map(pieces.map((piece) => [piece.binId, piece])).values()];
  return [
    ...(build.head ? [headLine(record, build.head.massG, view)] : []),
    ...(build.frame
      ? [
          {
            name: headG === undefined ? 'Wire' : 'Its wire and hook',
            massG: build.frame.massG === null ? null : build.frame.massG - (headG ?? 0),
            count: 1,
            is: 'part' as const,
          },
        ]
      : []),
    ...unlike.map(({ binId, name, massG, gauge }) => ({
      name,
      massG,
      count: pieces.filter((piece) => piece.binId === binId).length,
      is: gauge.as === 'trailer' || gauge.as === 'skirt' ? ('soft' as const) : ('part' as const),
      isTypical: gauge.basis === 'guess',
    })),
    ...(skirt
      ? [
          {
            name: `Skirt, ${versionText(skirt)}`,
            massG: skirtMassOf(skirt, view),
            count: 1,
            is: 'soft' as const,
          },
        ]
      : []),
  ];
}

/** What it weighs in all; parts nobody weighed count nothing and are named. */
export function finishedOf(lines: readonly WeightLine[], targetG?: number, toleranceShare?: number) {
  const parts = lines.map(({ name, massG, count }) => ({ name, massG: massG ?? 0, count }));
  return {
    ...(parts.length === 0
      ? { finishedG: 0, offShare: null, within: null }
      : weighBuild(parts, targetG, toleranceShare)),
    unweighed: lines.filter(({ massG }) => massG === null).map(({ name }) => name),
  };
}

/** How the blades run, as an estimate; null without a blade. */
export function runOf(
  record: BuildLike & Pick<BuildRecord, 'seenMs'>,
  view: BenchFacts,
): (BladeRun & { readonly isSeen: boolean }) | null {
  const lines = weightLines(record, view);
  const of = (is: WeightLine['is']) =>
    sum(lines.filter((line) => line.is === is).map(({ massG, count }) => (massG ?? 0) * count));
  const massG = sum([of('head'), of('part'), of('soft')]);
  const blades = bladesOf(buildOf(record, view)).flatMap(({ gauge: { form, sizes } }) =>
    form && sizes.lengthMm && sizes.widthMm
      ? [{ form, lengthMm: sizes.lengthMm, widthMm: sizes.widthMm }]
      : [],
  );
  if (blades.length === 0) return null;
  const headGcm3 = lines.find(({ is }) => is === 'head')?.densityGcm3 ?? ABOUT_GCM3;
  const volumeCm3 = baitVolume({ headG: of('head'), headGcm3, partsG: of('part'), softG: of('soft') });
  const bait = { blades, massG, volumeCm3 };
  const plain = runBlades(bait);
  if (!plain.ok) return null;
  if (record.seenMs === null) return { ...plain.value, isSeen: false };
  const seen = runBlades({ ...bait, seenFactor: record.seenMs / plain.value.slowestMs });
  return seen.ok ? { ...seen.value, isSeen: true } : null;
}

/** Heads on the shelf that a build could take: of its style, weight and hook, in its color first. What hangs in the oven is none. */
export function headsFor(record: BuildLike, view: BenchFacts): HeadBin[] {
  const { head } = record;
  if (!head || hasWiredHead(record, view)) return [];
  const there = headsThere(view);
  return view.bins
    .filter(
      (bin): bin is HeadBin =>
        bin.kind === 'head' &&
        bin.style === head.style &&
        bin.nominalG === head.nominalG &&
        (head.hookBinId === null || bin.hookBinId === head.hookBinId) &&
        (bin.skirtId === null || bin.skirtId === record.skirtId) &&
        (bin.frameBinId === undefined || bin.frameBinId === record.frameBinId) &&
        there(bin.id) > 0,
    )
    .sort(
      (a, b) =>
        Number(b.coatId === head.coatId) - Number(a.coatId === head.coatId) || there(b.id) - there(a.id),
    );
}

/** The free shelf as the sums take it, with what all its bins are worth of one another. */
export function shelfOf(view: BenchView): { item: string; onHand: number; reserved: number }[] {
  return view.bins.map(({ id }) => ({ item: id, onHand: freeOf(view, id), reserved: 0 }));
}

/** How many of a build the free shelf gives now, and what runs out first. Heads of any color count. */
export function buildableOf(record: BuildLike, view: BenchView): Gives {
  const heads = record.head && !hasWiredHead(record, view) ? headsFor(record, view) : null;
  // Where all heads have their wire already, none of the shelf is wanted.
  const isFramed = heads !== null && heads.length > 0 && heads.every(({ frameBinId }) => frameBinId);
  const recipe = usesOf(record).filter(({ item }) => !isFramed || item !== record.frameBinId);
  const parts = [...tallyByItem(recipe)].map(([item, qty]) => ({
    item,
    qty,
    name: view.binById.get(item)?.name ?? skirtName(item, view),
    free: freeOf(view, item),
  }));
  const head = heads
    ? [{ item: 'head', qty: 1, name: 'the head', free: sum(heads.map(({ id }) => freeOf(view, id))) }]
    : [];
  return givesOf([...parts, ...head]);
}

function skirtName(binId: string, view: BenchFacts): string {
  const skirt = view.skirts.find(({ id }) => looseSkirt(id) === binId);
  return skirt ? `loose skirts, ${versionText(skirt)}` : 'a part gone';
}

/** What a bait costs in parts: each priced part, with what nobody priced named. */
export function costOf(
  record: BuildLike,
  view: BenchFacts,
): { each: number; lines: { name: string; each: number; count: number }[]; unpriced: string[] } {
  const priced = usesOf(record).map(({ item, qty }) => {
    const bin = view.binById.get(item);
    const cost = bin?.kind === 'part' || bin?.kind === 'strand' || bin?.kind === 'hook' ? bin.costEach : null;
    return { name: bin?.name ?? skirtName(item, view), qty, unitCost: cost };
  });
  const parts = priced.flatMap(({ unitCost, ...part }) => (unitCost === null ? [] : [{ ...part, unitCost }]));
  const each =
    parts.length === 0 ? 0 : rollUpCost({ parts, labour: [], tooling: [], energy: [], batch: 1 }).perPiece;
  const lines = parts.map(({ name, qty, unitCost }) => ({ name, each: unitCost, count: qty }));
  return {
    each,
    lines,
    unpriced: priced.filter(({ unitCost }) => unitCost === null).map(({ name }) => name),
  };
}
