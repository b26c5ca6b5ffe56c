/** What can be wrong with a coat, in the order in which it is looked for. */
export const COAT_FAULT_IDS = [
  'bare',
  'dry',
  'clumps',
  'blisters',
  'pinholes',
  'runs',
  'dull',
  'dark',
  'chips',
  'slumped',
] as const;

export type CoatFaultId = (typeof COAT_FAULT_IDS)[number];

export const COAT_CAUSE_IDS = [
  'too-cool',
  'too-hot',
  'cold-spots',
  'moisture',
  'too-thick',
  'greasy',
  'caked',
  'short-cure',
  'over-cure',
] as const;

export type CoatCauseId = (typeof COAT_CAUSE_IDS)[number];

export interface CoatCause {
  readonly id: CoatCauseId;
  readonly name: string;
  readonly mend: string;
}

export interface CoatFault {
  readonly id: CoatFaultId;
  readonly name: string;
  readonly looks: string;
  /** Of ten heads that look so, how many come of what (common practice). What is not named is rare. */
  readonly odds: Partial<Record<CoatCauseId, number>>;
}

/** Every cause with what mends it. */
export const COAT_CAUSES: readonly CoatCause[] = [
  { id: 'too-cool', name: 'Not hot enough at the dip', mend: 'Heat a few seconds longer, dip sooner.' },
  {
    id: 'too-hot',
    name: 'Too hot at the dip',
    mend: 'Heat shorter, or wait a breath before the dip. Overheated coating fumes: vent.',
  },
  { id: 'cold-spots', name: 'Cold spots', mend: 'Turn it in the heat; the thick side wants more of it.' },
  {
    id: 'moisture',
    name: 'Moisture',
    mend: 'Dry the heads warm before coating; keep jars closed, with a drying bag.',
  },
  {
    id: 'too-thick',
    name: 'Too thick',
    mend: 'One quick dip, tap hard; a thin second coat beats a thick one.',
  },
  { id: 'greasy', name: 'Grease or release on the metal', mend: 'Wash the heads, then touch hooks alone.' },
  { id: 'caked', name: 'Caked powder', mend: 'Sift it, shake the jar, give the bed more air.' },
  {
    id: 'short-cure',
    name: 'Cured too short or too cool',
    mend: 'Count from when the heads are hot, by the card.',
  },
  {
    id: 'over-cure',
    name: 'Cured too long or too hot',
    mend: 'Take the oven down; check it with a thermometer.',
  },
];

/** Every fault with how it looks and what it comes of. */
export const COAT_FAULTS: readonly CoatFault[] = [
  {
    id: 'bare',
    name: 'Bare spots',
    looks: 'metal shows through, mostly on the thick side',
    odds: { 'cold-spots': 4, 'too-cool': 3, greasy: 3 },
  },
  {
    id: 'dry',
    name: 'Dry powder',
    looks: 'powder sits loose and wipes off',
    odds: { 'too-cool': 8, 'cold-spots': 2 },
  },
  {
    id: 'clumps',
    name: 'Clumps',
    looks: 'lumps in the coat, like sand under paint',
    odds: { caked: 7, 'too-hot': 2, moisture: 1 },
  },
  {
    id: 'blisters',
    name: 'Blisters',
    looks: 'bubbles that stand up, some burst',
    odds: { 'too-hot': 5, moisture: 3, 'too-thick': 2 },
  },
  {
    id: 'pinholes',
    name: 'Pinholes',
    looks: 'fine holes down to the metal',
    odds: { moisture: 5, greasy: 2, 'too-thick': 3 },
  },
  {
    id: 'runs',
    name: 'Runs and drips',
    looks: 'a drop at the nose, the eye filled',
    odds: { 'too-thick': 7, 'too-hot': 3 },
  },
  {
    id: 'dull',
    name: 'Dull or rough',
    looks: 'no gloss, a skin like an orange',
    odds: { 'short-cure': 6, 'too-thick': 2, 'too-cool': 2 },
  },
  {
    id: 'dark',
    name: 'Dark or yellow',
    looks: 'light colors have turned',
    odds: { 'over-cure': 8, 'too-hot': 2 },
  },
  {
    id: 'chips',
    name: 'Chips',
    looks: 'flakes off at a tap or along the cuts',
    odds: { 'short-cure': 5, greasy: 3, 'too-thick': 2 },
  },
  {
    id: 'slumped',
    name: 'Slumped metal',
    looks: 'keeper or collar has sagged',
    odds: { 'over-cure': 5, 'too-hot': 5 },
  },
];

/**
 * The fault of an id.
 *
 * @example findCoatFault('runs').name // 'Runs and drips'
 */
export function findCoatFault(id: CoatFaultId): CoatFault {
  const fault = COAT_FAULTS.find((each) => each.id === id);
  if (!fault) throw new RangeError(`findCoatFault requires a fault, not '${id}'`);
  return fault;
}

/**
 * The cause of an id.
 *
 * @example findCoatCause('caked').mend // 'Sift it, ...'
 */
export function findCoatCause(id: CoatCauseId): CoatCause {
  const cause = COAT_CAUSES.find((each) => each.id === id);
  if (!cause) throw new RangeError(`findCoatCause requires a cause, not '${id}'`);
  return cause;
}
