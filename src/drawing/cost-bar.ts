/** What is drawn of a cost: a share of the bar above it. */
export interface BarShare {
  readonly id: string;
  readonly each: number;
}

export interface BarSegment {
  readonly id: string;
  /** From the left and across, each 0 to 1 of the bar. */
  readonly from: number;
  readonly wide: number;
}

/**
 * A bar cut by what each part costs, dearest first; what costs nothing has no segment.
 *
 * @example cutBar([{ id: 'hook', each: 3 }, { id: 'bead', each: 1 }])[1] // { id: 'bead', from: 0.75, wide: 0.25 }
 */
export function cutBar(shares: readonly BarShare[]): BarSegment[] {
  const total = shares.reduce((so, { each }) => so + Math.max(0, each), 0);
  if (!(total > 0)) return [];
  let from = 0;
  return [...shares]
    .filter(({ each }) => each > 0)
    .sort((a, b) => b.each - a.each)
    .map(({ id, each }) => {
      const segment = { id, from, wide: each / total };
      from += segment.wide;
      return segment;
    });
}

/**
 * The sheet that opens from a segment of one bar to the whole of the bar below: its outline in a box of 100 by `high`.
 *
 * @example openSheet({ id: 'a', from: 0.2, wide: 0.3 }, 10) // 'M20 0H50L100 10H0Z'
 */
export function openSheet({ from, wide }: BarSegment, high: number): string {
  const round = (share: number) => Math.round(share * 10_000) / 100;
  return `M${round(from)} 0H${round(from + wide)}L100 ${high}H0Z`;
}
