import { bladeFormOf } from '@/core/outline/blade-form';
import { findSightKind } from '@/core/outline/kinds';
import type { SightKindId, ToldId } from '@/core/outline/kinds/definition';
import type { ToldPart, ToldSize } from '@/core/outline/read-part';
import { findRole, PLAIN_GAUGE, SIZE_IDS, type PartRoleId, type SizeId } from '@/core/parts/part-roles';
import type { Bin, PartBin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';

/** A split ring stands two of its wires thick; from above one sees one. */
const RING_TURNS = 2;

/** Whether a part as it was told may be what lies in a bin. */
export function mayBeIn(kind: SightKindId, bin: Bin): boolean {
  if (bin.retired) return false;
  if (bin.kind === 'hook') return kind === 'hook';
  if (bin.kind === 'strand') return kind === 'strands';
  if (bin.kind !== 'part' || bin.unit !== 'pieces' || bin.buildId !== null || bin.rigId !== null)
    return false;
  const { roles } = findSightKind(kind);
  return bin.gauge === null || roles.length === 0 || roles.includes(bin.gauge.as);
}

/** What a bin already knows of its things' sizes, as they would be told. */
export function knownSizes(bin: Bin): Readonly<Partial<Record<ToldId, number>>> {
  if (bin.kind === 'hook') return { wireMm: bin.wireMm, shankMm: bin.shankMm, gapeMm: bin.gapeMm };
  if (bin.kind === 'strand') {
    const { strandWidthMm, strandsPerTab, longMm } = bin;
    return { strandWidthMm, lengthMm: longMm, ...(strandsPerTab === null ? {} : { strands: strandsPerTab }) };
  }
  if (bin.kind !== 'part' || !bin.gauge) return {};
  const { as, sizes } = bin.gauge;
  return as === 'ring' && sizes.ringMm !== undefined
    ? { ...sizes, ringMm: sizes.ringMm / RING_TURNS }
    : sizes;
}

/** A size that a bin knows otherwise than it was measured. */
export interface OtherSize {
  readonly size: ToldSize;
  readonly known: number;
}

/** Sizes that lie farther from what a bin knows than measuring can be off. */
export function otherSizes(told: ToldPart, bin: Bin): OtherSize[] {
  const known = knownSizes(bin);
  return told.sizes.flatMap((size) => {
    const was = known[size.id];
    return was === undefined || Math.abs(was - size.value) <= size.off ? [] : [{ size, known: was }];
  });
}

/** A bin whose things are about as large as a part that was told. */
export interface NearBin {
  readonly bin: Bin;
  /** The size that differs most, and what the bin says of it. */
  readonly farthest: OtherSize;
}

/** A difference under this share of a size says nothing: no two packets are alike. */
const ALIKE_SHARE = 0.02;

const strange = ({ size, known }: OtherSize) =>
  Math.abs(known - size.value) / Math.max(size.off, ALIKE_SHARE * size.value);

/** Which bins it may be of, the most alike first; those that know no size of it are left out. */
export function nearestBins(told: ToldPart, bins: readonly Bin[]): NearBin[] {
  return bins
    .filter((bin) => mayBeIn(told.kind, bin))
    .flatMap((bin): NearBin[] => {
      const known = knownSizes(bin);
      const beside = told.sizes.flatMap((size): OtherSize[] => {
        const was = known[size.id];
        return was === undefined ? [] : [{ size, known: was }];
      });
      const [first, ...rest] = beside;
      if (!first) return [];
      const farthest = rest.reduce((far, each) => (strange(each) > strange(far) ? each : far), first);
      return [{ bin, farthest }];
    })
    .sort((a, b) => strange(a.farthest) - strange(b.farthest));
}

/** Kept to a hundredth of a millimeter: nothing that is measured is known finer. */
const kept = (value: number) => Math.round(value * 100) / 100;

/** A bin with what was measured put onto it; what the picture does not tell stays as it was. Null where it takes none of it. */
export function withMeasured(bin: Bin, told: ToldPart): Bin | null {
  const of = (id: ToldId) => {
    const size = told.sizes.find((each) => each.id === id);
    return size && size.value > 0 ? kept(size.value) : undefined;
  };
  if (bin.kind === 'hook') {
    return {
      ...bin,
      wireMm: of('wireMm') ?? bin.wireMm,
      shankMm: of('shankMm') ?? bin.shankMm,
      gapeMm: of('gapeMm') ?? bin.gapeMm,
    };
  }
  if (bin.kind === 'strand') {
    return {
      ...bin,
      strandWidthMm: of('strandWidthMm') ?? bin.strandWidthMm,
      strandsPerTab: of('strands') ?? bin.strandsPerTab,
      longMm: of('lengthMm') ?? bin.longMm,
    };
  }
  return bin.kind === 'part' ? withGauge(bin, told, of) : null;
}

function withGauge(bin: PartBin, told: ToldPart, of: (id: ToldId) => number | undefined): PartBin | null {
  const as: PartRoleId | undefined = bin.gauge?.as ?? findSightKind(told.kind).roles[0];
  if (!as) return null;
  const allowed = findRole(as).sizes;
  const sizes: Partial<Record<SizeId, number>> = { ...bin.gauge?.sizes };
  for (const id of SIZE_IDS) {
    const size = allowed.find((each) => each.id === id);
    const value = of(id);
    if (!size || value === undefined) continue;
    sizes[id] = Math.min(size.most, id === 'ringMm' && as === 'ring' ? kept(RING_TURNS * value) : value);
  }
  const gauge: Gauge = {
    ...PLAIN_GAUGE,
    form: as === 'blade' ? bladeFormOf(of('lengthMm') ?? 2, of('widthMm') ?? 1) : null,
    ...bin.gauge,
    as,
    sizes,
    basis: 'measured',
  };
  return {
    ...bin,
    gauge: {
      ...gauge,
      bend: as === 'frame' ? (gauge.bend ?? 'bent') : gauge.bend,
      line: as === 'line' ? (gauge.line ?? 'strand') : gauge.line,
    },
  };
}
