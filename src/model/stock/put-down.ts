import type { SizeId } from '@/core/parts/part-roles';
import type { NewBin } from '@/records/plain-bin';
import type { HeadBin, PartBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import { listedByKey } from '../metals/listed-metal';
import { findTypicalSize } from '@/reference/typical';
import { SCRAP_KEY } from '@/reference/typical/kinds/metal';
import type {
  HeadKind,
  HookKind,
  MetalKind,
  PartKind,
  PowderKind,
  StrandKind,
  ThingKind,
} from '@/reference/typical/thing-kind';

/** What a bought head has besides its weight. */
export interface HeadSaid extends NonNullable<HeadBin['bought']> {
  /** Whether it is marked in grams, not in ounces. */
  readonly isByGram: boolean;
}

/** What the maker says of a thing that is put down: its kind and size are enough. */
export interface ThingSaid {
  readonly kind: ThingKind;
  /** One of its kind's sizes. */
  readonly size: string;
  readonly name: string;
  readonly place: string;
  /** What was measured of it; typical figures stand for the rest. */
  readonly sizes: Readonly<Partial<Record<SizeId, number>>>;
  readonly massG: number | null;
  readonly hex: string | null;
  /** Of a bought head; null for all else. */
  readonly head: HeadSaid | null;
  /** What one costs in what it is kept by: a piece, a gram, a millimeter; null where nobody said. */
  readonly costEach: number | null;
}

type Common = Pick<NewBin, 'name' | 'place' | 'lowAt' | 'note'>;

/** Between soft and hard lead: what most scrap is. A guess, and shown as one. */
const SCRAP = { densityGcm3: 11.1, shrinkLinear: 0.008 };
const GRAMS_PER_KG = 1000;
/** A color for what has one, where nobody said which. */
const USUAL_HEX = { strand: '#5f6f35', powder: '#7d8f8c' } as const;

/** What a kind is kept by. */
export function unitOf(kind: ThingKind): 'pieces' | 'g' | 'mm' {
  switch (kind.makes) {
    case 'metal':
    case 'powder':
      return 'g';
    case 'hook':
    case 'head':
      return 'pieces';
    default:
      return kind.unit;
  }
}

/** What things of a kind are filed under: `Willow blades`. */
const sortOf = ({ many }: Pick<ThingKind, 'many'>): string =>
  many.split(/[,:(]/)[0]?.trim().toLowerCase() ?? many;

function metalOf(_kind: MetalKind, said: ThingSaid, common: Common): NewBin {
  const listed = said.size === SCRAP_KEY ? undefined : listedByKey(said.size);
  return {
    ...common,
    kind: 'metal',
    unit: 'g',
    composition: listed ? { ...listed.composition } : null,
    compositionBasis: listed ? 'known' : 'guess',
    costPerKg: said.costEach === null ? null : said.costEach * GRAMS_PER_KG,
    densityGcm3: listed?.densityGcm3 ?? SCRAP.densityGcm3,
    densityBasis: listed?.isPoured ? 'reference' : 'guess',
    shrinkLinear: listed?.shrinkLinear ?? SCRAP.shrinkLinear,
    shrinkBasis: listed?.isPoured ? 'reference' : 'guess',
  };
}

function hookOf(kind: HookKind, said: ThingSaid, common: Common): NewBin {
  const typical = findTypicalSize(kind, said.size);
  const { wireMm = 1, lengthMm = 28, gapeMm = 11 } = { ...typical.sizes, ...said.sizes };
  return {
    ...common,
    kind: 'hook',
    unit: 'pieces',
    size: typical.key,
    massG: said.massG ?? typical.massG ?? 0.3,
    massBasis: said.massG === null ? 'guess' : 'weighed',
    wireMm,
    shankMm: lengthMm,
    gapeMm,
    costEach: said.costEach,
  };
}

/** What a bought head usually is, until its maker says otherwise: of lead, bare, with a hole for a guard or none. */
export const usualHead = (
  { hookBySize }: Pick<HeadKind, 'hookBySize'>,
  size: string,
  isByGram: boolean,
): HeadSaid => ({
  metal: null,
  hookSize: hookBySize[size] ?? null,
  hex: null,
  guard: 'none',
  hasKeeper: true,
  isByGram,
});

function headOf(kind: HeadKind, said: ThingSaid, common: Common): NewBin {
  const typical = findTypicalSize(kind, said.size);
  const { isByGram, ...bought } = said.head ?? usualHead(kind, typical.key, false);
  const grams = isByGram ? kind.gramsBySize[typical.key] : typical.massG;
  return {
    ...common,
    kind: 'head',
    unit: 'pieces',
    style: kind.style,
    nominalG: grams ?? 7,
    hookBinId: null,
    metalBinId: null,
    coatId: null,
    skirtId: null,
    bought: { ...bought, hex: said.hex ?? bought.hex },
    costEach: said.costEach,
  };
}

function partOf(kind: PartKind, said: ThingSaid, common: Common): NewBin {
  const typical = findTypicalSize(kind, said.size);
  const isMeasured = Object.keys(typical.sizes).every((id) => said.sizes[id as SizeId] !== undefined);
  const { as, form, plastic, shape, bend, line } = kind;
  return {
    ...PLAIN_PART,
    ...common,
    kind: 'part',
    unit: kind.unit,
    sort: sortOf(kind),
    // What is kept by its weight weighs what is taken of it.
    massG: kind.unit === 'g' ? null : (said.massG ?? typical.massG),
    hex: said.hex,
    costEach: said.costEach,
    gauge: {
      as,
      form,
      plastic,
      shape,
      bend,
      line,
      sizes: { ...typical.sizes, ...said.sizes },
      basis: isMeasured ? 'measured' : 'guess',
    },
  };
}

/**
 * A part of the shelf as one of another kind: typical figures stand for its measures until it is measured. What it weighs
 * stays where that was said, and so do its name, its price and where it lies.
 */
export function partAs(kind: PartKind, bin: PartBin): Partial<PartBin> {
  const said = { kind, size: kind.usual, sizes: {}, massG: bin.massG, hex: bin.hex, head: null };
  const { name, place, lowAt, note, costEach } = bin;
  const made = partOf(kind, { ...said, name, place, costEach }, { name, place, lowAt, note });
  return made.kind === 'part' ? { gauge: made.gauge, sort: made.sort, massG: made.massG } : {};
}

function strandOf(kind: StrandKind, said: ThingSaid, common: Common): NewBin {
  const { form, unit, strandWidthMm, strandsPerTab, longMm } = kind;
  return {
    ...common,
    kind: 'strand',
    unit,
    form,
    hex: said.hex ?? USUAL_HEX.strand,
    flakes: [],
    translucency: 0,
    strandWidthMm,
    strandsPerTab,
    longMm: said.sizes.lengthMm ?? longMm,
    massG: said.massG,
    costEach: said.costEach,
  };
}

function powderOf(kind: PowderKind, said: ThingSaid, common: Common): NewBin {
  const { cureC, cureMin, maxC, fuseC, densityGcm3, pack } = kind;
  return {
    ...common,
    kind: 'powder',
    unit: 'g',
    hex: said.hex ?? USUAL_HEX.powder,
    finish: 'solid',
    secondHex: null,
    cures: [{ cureC, cureMin }],
    maxC,
    fuseC,
    cardBasis: 'guess',
    densityGcm3,
    utilization: null,
    jarG: pack,
    costEach: said.costEach,
  };
}

/**
 * The bin of a thing that is put down: what the maker measured of it, and typical figures, marked as guesses, for the rest.
 *
 * @example binOfThing({ kind: findThingKind('barrel-swivel'), size: '#7', name: 'Barrel swivel #7', ... })
 * // { kind: 'part', gauge: { as: 'swivel', sizes: { lengthMm: 15, ... }, basis: 'guess', ... }, ... }
 */
export function binOfThing(said: ThingSaid): NewBin {
  const common: Common = { name: said.name.trim(), place: said.place.trim(), lowAt: null, note: '' };
  const { kind } = said;
  switch (kind.makes) {
    case 'metal':
      return metalOf(kind, said, common);
    case 'hook':
      return hookOf(kind, said, common);
    case 'head':
      return headOf(kind, said, common);
    case 'part':
      return partOf(kind, said, common);
    case 'strand':
      return strandOf(kind, said, common);
    case 'powder':
      return powderOf(kind, said, common);
  }
}
