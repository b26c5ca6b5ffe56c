/** Something of the shelf that stays in a casting besides its hook: a wire frame, an eye. */
export interface CastInPart {
  readonly binId: string;
  readonly count: number;
}

/** What a cavity takes of the shelf for each casting. */
export type CastIn = (moldId: string, cavity: number) => readonly CastInPart[];

interface InsertOf {
  readonly binId?: string | null | undefined;
  readonly count?: number | undefined;
  readonly removed?: boolean | undefined;
}

/**
 * What of the shelf a cavity's inserts are. Pins come out again, and what nobody said which bin it is of is of none.
 *
 * @example castInOf([{ binId: 'wire', count: 1, removed: false }]) // [{ binId: 'wire', count: 1 }]
 */
export function castInOf(inserts: readonly InsertOf[]): CastInPart[] {
  return inserts.flatMap(({ binId, count = 1, removed = false }) =>
    binId === undefined || binId === null || removed ? [] : [{ binId, count }],
  );
}

/**
 * What castings take of the shelf besides hooks, by bin; of warm-up pours nothing, since nothing was in.
 *
 * @example tallyCastIn([{ moldId: 'a', isWarmUp: false, castings: [{ cavity: 0 }] }], wires).get('wire') // 1
 */
export function tallyCastIn(
  pours: readonly {
    readonly moldId: string;
    readonly isWarmUp: boolean;
    readonly castings: readonly { readonly cavity: number }[];
  }[],
  castIn: CastIn,
): Map<string, number> {
  const taken = new Map<string, number>();
  for (const { moldId, isWarmUp, castings } of pours) {
    for (const { cavity } of isWarmUp ? [] : castings) {
      for (const { binId, count } of castIn(moldId, cavity)) {
        taken.set(binId, (taken.get(binId) ?? 0) + count);
      }
    }
  }
  return taken;
}

/**
 * The one thing that all good castings of a key stand on, of those that may be; null where they have none, or not the same.
 *
 * @example oneCastIn('a', pours, wires, (binId) => binId.startsWith('wire')) // 'wire-long'
 */
export function oneCastIn(
  key: string,
  pours: readonly {
    readonly moldId: string;
    readonly castings: readonly { readonly cavity: number; readonly key: string; readonly good: boolean }[];
  }[],
  castIn: CastIn,
  isOne: (binId: string) => boolean,
): string | null {
  const found = new Set(
    pours.flatMap(({ moldId, castings }) =>
      castings
        .filter((casting) => casting.key === key && casting.good)
        .map(({ cavity }) => castIn(moldId, cavity).find(({ binId }) => isOne(binId))?.binId ?? null),
    ),
  );
  const [only = null] = found;
  return found.size === 1 ? only : null;
}
