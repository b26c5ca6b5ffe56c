/** How sure a value of the reference list is: `exact` from handbooks of pure elements, `typical` of the sort. */
export type Sureness = 'exact' | 'typical';

/** A value as the list knows it. */
export interface Told<T> {
  readonly value: T;
  readonly sure: Sureness;
  readonly source: string;
}

/** A pouring metal as the reference list knows it. Its density follows from the composition (`metal.density`). */
export interface ReferenceMetal {
  readonly key: string;
  readonly name: string;
  /** Mass shares by element. */
  readonly composition: Readonly<Record<string, number>>;
  /** All solid below, C. */
  readonly solidusC: Told<number>;
  /** All melted above, C. */
  readonly liquidusC: Told<number>;
  /** What the pot usually stands at, C: from thick sections to thin ones. */
  readonly potC: Told<readonly [thick: number, thin: number]>;
  /** Linear shrink from cavity to cold casting, a share; below 0 it swells. */
  readonly shrinkLinear: Told<number>;
  /** Brinell hardness. */
  readonly brinell: Told<number>;
  /** What it does to fine detail, to pins and eyes, and under paint. */
  readonly detail: string;
  readonly pins: string;
  readonly paint: string;
  readonly cautions: readonly string[];
  readonly isLead: boolean;
}

const typical = <T>(value: T, source: string): Told<T> => ({ value, sure: 'typical', source });
const exact = <T>(value: T, source: string): Told<T> => ({ value, sure: 'exact', source });

const PURE = 'melting point of the element, handbooks';
const LEAD_ANTIMONY = 'lead-antimony phase diagram: eutectic 252 C at 11.1 % antimony';
const LEAD_SOLIDUS =
  'lead-antimony phase diagram: a straight line from 327.5 C to 252 C at the 3.5 % that solid lead holds';
const COMMON_POTS = 'common practice at the bench';
const LEAD_CAUTIONS = [
  'Lead fume and dust: vent the bench, no food or smoking, wash after, separate clothes.',
  'Keep children and pregnant people away. Dross is hazardous waste.',
];

/** Metals that makers pour, as they are told of on the Metal station. A new one is one entry here. */
export const REFERENCE_METALS: readonly ReferenceMetal[] = [
  {
    key: 'soft-lead',
    name: 'Soft lead',
    composition: { Pb: 1 },
    solidusC: exact(327.5, PURE),
    liquidusC: exact(327.5, PURE),
    potC: typical([360, 420], COMMON_POTS),
    shrinkLinear: typical(0.0089, '29e-6 per K from 327 C'),
    brinell: typical(4.5, 'handbooks of lead alloys'),
    detail: 'Fills the finest detail.',
    pins: 'Grips pins and eyes weakly, and bends in the mouth.',
    paint: 'Stands any powder cure under 300 C.',
    cautions: LEAD_CAUTIONS,
    isLead: true,
  },
  {
    key: 'lead-2',
    name: 'Lead with 2 % antimony',
    composition: { Pb: 0.98, Sb: 0.02 },
    solidusC: typical(284.4, LEAD_SOLIDUS),
    liquidusC: typical(314, LEAD_ANTIMONY),
    potC: typical([360, 420], COMMON_POTS),
    shrinkLinear: typical(0.0079, '28.5e-6 per K from about 297 C'),
    brinell: typical(7.5, 'handbooks of lead alloys'),
    detail: 'Fills well.',
    pins: 'Holds eyes; still gives a little.',
    paint: 'Stands any usual powder cure.',
    cautions: LEAD_CAUTIONS,
    isLead: true,
  },
  {
    key: 'lead-4',
    name: 'Lead with 4 % antimony',
    composition: { Pb: 0.96, Sb: 0.04 },
    solidusC: typical(252, LEAD_ANTIMONY),
    liquidusC: typical(300, LEAD_ANTIMONY),
    potC: typical([350, 410], COMMON_POTS),
    shrinkLinear: typical(0.0065, '28e-6 per K from 252 C'),
    brinell: typical(10, 'handbooks of lead alloys'),
    detail: 'Fills well in a warm mold.',
    pins: 'Holds pins and eyes firmly.',
    paint: 'Keep the cure under 227 C.',
    cautions: LEAD_CAUTIONS,
    isLead: true,
  },
  {
    key: 'lead-6',
    name: 'Lead with 6 % antimony',
    composition: { Pb: 0.94, Sb: 0.06 },
    solidusC: typical(252, LEAD_ANTIMONY),
    liquidusC: typical(287, LEAD_ANTIMONY),
    potC: typical([345, 405], COMMON_POTS),
    shrinkLinear: typical(0.0064, '27.5e-6 per K from 252 C'),
    brinell: typical(12, 'handbooks of lead alloys'),
    detail: 'Sharp, but thin collars want a hot mold.',
    pins: 'Holds hard; eyes snap when opened cold.',
    paint: 'Keep the cure under 227 C.',
    cautions: LEAD_CAUTIONS,
    isLead: true,
  },
  {
    key: 'type-metal',
    name: 'Type metal',
    composition: { Pb: 0.78, Sb: 0.15, Sn: 0.07 },
    solidusC: typical(239, 'lead-antimony-tin phase diagram'),
    liquidusC: typical(281, 'lead-antimony-tin phase diagram'),
    potC: typical([330, 380], COMMON_POTS),
    shrinkLinear: typical(0.005, '22e-6 per K from about 240 C'),
    brinell: typical(23, 'handbooks of type casting'),
    detail: 'The sharpest of the lead metals.',
    pins: 'Brittle: for hardening soft lots rather than for heads.',
    paint: 'Keep the cure under 214 C.',
    cautions: LEAD_CAUTIONS,
    isLead: true,
  },
  {
    key: 'tin',
    name: 'Tin',
    composition: { Sn: 1 },
    solidusC: exact(231.9, PURE),
    liquidusC: exact(231.9, PURE),
    potC: typical([270, 320], COMMON_POTS),
    shrinkLinear: typical(0.0046, '22e-6 per K from 232 C'),
    brinell: typical(4, 'handbooks'),
    detail: 'Fills well and stays bright.',
    pins: 'Soft, yet holds eyes.',
    paint: 'Keep the cure under 206 C.',
    cautions: ['A third lighter than lead: the marked weight does not hold.'],
    isLead: false,
  },
  {
    key: 'pewter',
    name: 'Lead-free pewter',
    composition: { Sn: 0.92, Sb: 0.06, Cu: 0.02 },
    solidusC: typical(227, 'tin-copper phase diagram: the safe side of handbooks’ 227 to 244 C'),
    liquidusC: typical(295, 'handbooks of tin alloys'),
    potC: typical([310, 360], COMMON_POTS),
    shrinkLinear: typical(0.0048, '21.5e-6 per K from about 244 C'),
    brinell: typical(23, 'handbooks of tin alloys'),
    detail: 'Fine detail; hard skin.',
    pins: 'Holds pins hard.',
    paint: 'Keep the cure under 202 C.',
    cautions: ['Own pot and ladle: a little lead makes it lead.'],
    isLead: false,
  },
  {
    key: 'bismuth-tin',
    name: 'Bismuth-tin 58/42',
    composition: { Bi: 0.58, Sn: 0.42 },
    solidusC: exact(138.5, 'eutectic of bismuth and tin, handbooks'),
    liquidusC: exact(138.5, 'eutectic of bismuth and tin, handbooks'),
    potC: typical([180, 230], COMMON_POTS),
    shrinkLinear: typical(-0.0005, 'bismuth swells on freezing and outweighs the cooling'),
    brinell: typical(22, 'handbooks of fusible alloys'),
    detail: 'Swells into every corner; wants force out of deep molds.',
    pins: 'Grips pins hard: pull them warm. Brittle when struck.',
    paint: 'Melts below usual cures: air-dry paint, or a cure under 113 C.',
    cautions: [
      'Melts at 138 C: never in the powder oven.',
      'Own pot and ladle: a little lead makes it melt at 96 C.',
    ],
    isLead: false,
  },
  {
    key: 'zinc',
    name: 'Zinc',
    composition: { Zn: 1 },
    solidusC: exact(419.5, PURE),
    liquidusC: exact(419.5, PURE),
    potC: typical([440, 480], COMMON_POTS),
    shrinkLinear: typical(0.0119, '29.7e-6 per K from 419 C'),
    brinell: typical(30, 'handbooks'),
    detail: 'Stiff to pour; wants a hot mold.',
    pins: 'Shrinks hard onto pins: draft and a release are needed.',
    paint: 'Stands any powder cure.',
    cautions: [
      'Never near a lead or tin pot: a tenth of a percent makes lead lumpy and ruins the pour.',
      'Eats thin steel pots. Zinc fume above 500 C gives metal fume fever: vent, and keep it cool.',
    ],
    isLead: false,
  },
];

/** A metal that is bought or bound and never poured. */
export interface UnpouredMetal {
  readonly key: string;
  readonly name: string;
  /** From lightest to heaviest sold, g/cm3. */
  readonly densityGcm3: Told<readonly [low: number, high: number]>;
  /** Mass shares by element; what binds it is left out. */
  readonly composition: Readonly<Record<string, number>>;
  /** All solid below, C; null where heat harms it long before. */
  readonly solidusC: Told<number> | null;
  /** Whether a density points to it; what is mixed to any density is told by its look. */
  readonly isToldByDensity: boolean;
  /** Pressed into a mold by the maker; else bought as finished heads. */
  readonly isMolded: boolean;
  readonly note: string;
}

/** Tungsten melts at 3422 C: nobody pours it. */
export const UNPOURED_METALS: readonly UnpouredMetal[] = [
  {
    key: 'tungsten-resin',
    name: 'Tungsten powder in resin',
    densityGcm3: typical([7, 11.5], 'metal.composite: 30 to 57 % of the volume in resin of 1.15 g/cm3'),
    composition: { W: 1 },
    solidusC: null,
    isToldByDensity: false,
    isMolded: true,
    note: 'Mixed and pressed cold. Fine powder: mask, no flame.',
  },
  {
    key: 'tungsten-sintered',
    name: 'Sintered tungsten',
    densityGcm3: typical([17, 18.5], 'makers of sintered heads'),
    composition: { W: 1 },
    solidusC: typical(1400, 'the nickel and iron that bind it melt together at some 1440 C'),
    isToldByDensity: true,
    isMolded: false,
    note: 'Bought as finished heads. Never poured: it melts at 3422 C.',
  },
];
