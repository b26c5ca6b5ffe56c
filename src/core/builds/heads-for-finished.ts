export interface HeadWeight {
  /** As it is marked, g. */
  readonly nominalG: number;
  /** What it weighs, g: in its metal, with its hook. */
  readonly massG: number;
}

/**
 * Which head gives a bait of a finished weight, nearest first: what everything but the head weighs is taken off what
 * is wanted; a head counts what it truly weighs, which its mark tells in lead alone. Grams; `offShare` is signed, of what is wanted.
 *
 * @example headsForFinished(14, 4.2, [{ nominalG: 10, massG: 10 }, { nominalG: 7, massG: 7.1 }])[0] // { nominalG: 10, massG: 10, finishedG: 14.2, offShare: 0.014 }
 */
export function headsForFinished<Head extends HeadWeight>(
  wantedG: number,
  restG: number,
  heads: readonly Head[],
): (Head & { readonly finishedG: number; readonly offShare: number })[] {
  return heads
    .map((head) => {
      const finishedG = head.massG + restG;
      return { ...head, finishedG, offShare: (finishedG - wantedG) / wantedG };
    })
    .sort((a, b) => Math.abs(a.offShare) - Math.abs(b.offShare) || a.nominalG - b.nominalG);
}
