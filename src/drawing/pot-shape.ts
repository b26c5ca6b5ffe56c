/** A pot from the side: a bowl with sloping walls, in units of its own box of `width` by `height`. */
export interface PotBox {
  readonly width: number;
  readonly height: number;
  /** How much narrower the floor is than the rim, each side. */
  readonly slope: number;
}

/** A layer of metal in the pot, from one share of its height to another. */
export interface PotLayer {
  readonly path: string;
  readonly middle: number;
  readonly height: number;
}

const round = (value: number) => Number(value.toFixed(2));

/**
 * The wall of a pot, open above.
 *
 * @example potWall({ width: 100, height: 80, slope: 10 }) // 'M0 0L10 80L90 80L100 0'
 */
export function potWall({ width, height, slope }: PotBox): string {
  return `M0 0L${slope} ${height}L${width - slope} ${height}L${width} 0`;
}

/**
 * A layer between two fillings, each a share of the pot's height. The wall slopes, so a layer higher up is wider.
 *
 * @example potLayer({ width: 100, height: 100, slope: 0 }, 0, 0.5).height // 50
 */
export function potLayer(box: PotBox, from: number, to: number): PotLayer {
  const y = (share: number) => box.height * (1 - share);
  const inset = (share: number) => box.slope * (1 - share);
  const left = (share: number) => round(inset(share));
  const right = (share: number) => round(box.width - inset(share));
  return {
    path: `M${left(from)} ${round(y(from))}L${right(from)} ${round(y(from))}L${right(to)} ${round(y(to))}L${left(to)} ${round(y(to))}Z`,
    middle: round((y(from) + y(to)) / 2),
    height: round(y(from) - y(to)),
  };
}
