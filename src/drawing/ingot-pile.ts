/** One ingot of a pile: its outline and where its left foot stands. */
export interface PiledIngot {
  readonly path: string;
  /** 1 for a whole ingot, less for what is left of the last. */
  readonly share: number;
}

export interface IngotPile {
  readonly ingots: readonly PiledIngot[];
  readonly width: number;
  readonly height: number;
}

const LONG = 30;
const HIGH = 11;
const LEAN = 4;
const GAP = 2;
/** Rows wider than this would not fit a card. */
const WIDEST = 4;

const round = (value: number) => Number(value.toFixed(2));

/**
 * A lot as ingots piled like bricks, bottom row first: one ingot for every `ingotG`, the last as long as what is left
 * of it. Very large lots are drawn with as many as `most`.
 *
 * @example pileIngots(1250, 500, 12).ingots.map(({ share }) => share) // [1, 1, 0.5]
 */
export function pileIngots(massG: number, ingotG: number, most: number): IngotPile {
  const count = Math.min(most, Math.ceil(Number((massG / ingotG).toFixed(6))));
  const base = Math.min(WIDEST, Math.max(1, Math.ceil(Math.sqrt(count * 1.3))));
  const rows: number[] = [];
  for (let left = count, row = base; left > 0; row = Math.max(1, row - 1)) {
    rows.push(Math.min(left, row));
    left -= Math.min(left, row);
  }
  const width = base * (LONG + GAP) - GAP;
  const height = Math.max(HIGH, rows.length * (HIGH + 1) - 1);
  let index = 0;
  const ingots = rows.flatMap((length, row) => {
    const start = row * ((LONG + GAP) / 2);
    return Array.from({ length }, (_, column): PiledIngot => {
      index += 1;
      const share = index === count ? Math.min(1, massG / ingotG - (count - 1)) : 1;
      const x = start + column * (LONG + GAP);
      const foot = height - row * (HIGH + 1);
      const long = Math.max(LEAN * 3, LONG * share);
      return {
        share,
        path: `M${round(x)} ${foot}L${round(x + long)} ${foot}L${round(x + long - LEAN)} ${foot - HIGH}L${round(x + LEAN)} ${foot - HIGH}Z`,
      };
    });
  });
  return { ingots, width, height };
}
