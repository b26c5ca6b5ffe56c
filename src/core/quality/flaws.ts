/** What can be wrong with a casting, in the order in which it is looked for. */
export const FLAW_KINDS = [
  'wrinkled',
  'short',
  'frosty',
  'flash',
  'shifted',
  'porous',
  'bent-hook',
  'metal-in-eye',
] as const;

export type FlawKind = (typeof FLAW_KINDS)[number];

export interface Flaw {
  readonly kind: FlawKind;
  readonly name: string;
  /** How it looks, so that a newcomer can tell. */
  readonly looks: string;
}

/** Every flaw with what it looks like. */
export const FLAWS: readonly Flaw[] = [
  {
    kind: 'wrinkled',
    name: 'Wrinkled',
    looks: 'rounded folds in the skin, as if the metal had come in layers',
  },
  { kind: 'short', name: 'Short', looks: 'the nose, a collar or a fin is missing; the edge is rounded' },
  { kind: 'frosty', name: 'Frosty', looks: 'a dull gray, grainy skin' },
  { kind: 'flash', name: 'Flash', looks: 'a thin sheet of metal along the parting line' },
  { kind: 'shifted', name: 'Shifted', looks: 'the two halves stand off each other by a step' },
  { kind: 'porous', name: 'Porous', looks: 'pits or holes, mostly by the gate' },
  { kind: 'bent-hook', name: 'Bent hook', looks: 'the hook leans out of the middle or was pinched' },
  { kind: 'metal-in-eye', name: 'Metal in the eye', looks: 'the eye is filled or half closed' },
];

/**
 * The flaw of a kind.
 *
 * @example findFlaw('short').name // 'Short'
 */
export function findFlaw(kind: FlawKind): Flaw {
  const flaw = FLAWS.find((each) => each.kind === kind);
  if (!flaw) throw new RangeError(`findFlaw requires a kind of flaw, not '${kind}'`);
  return flaw;
}
