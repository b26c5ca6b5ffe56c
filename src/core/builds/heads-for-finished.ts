export interface HeadWeight {
  readonly nominalG: number;
}

/**
 * Which marked head gives a bait of a finished weight, nearest first: what everything but the head weighs is taken off what
 * is wanted. Grams; `offShare` is signed, of what is wanted.
 *
 * @example headsForFinished(14, 4.2, [{ nominalG: 10 }, { nominalG: 7 }])[0] // { nominalG: 10, finishedG: 14.2, offShare: 0.014 }
 */
export function headsForFinished<Head extends HeadWeight>(
  wantedG: number,
  restG: number,
  heads: readonly Head[],
): (Head & { readonly finishedG: number; readonly offShare: number })[] {
  return heads
    .map((head) => {
      const finishedG = head.nominalG + restG;
      return { ...head, finishedG, offShare: (finishedG - wantedG) / wantedG };
    })
    .sort((a, b) => Math.abs(a.offShare) - Math.abs(b.offShare) || a.nominalG - b.nominalG);
}
