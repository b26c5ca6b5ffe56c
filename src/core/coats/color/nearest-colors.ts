import { differenceCiede2000 } from 'culori';

const difference = differenceCiede2000();

export interface ColoredThing {
  readonly id: string;
  readonly hex: string;
}

export interface NearColor {
  readonly id: string;
  /** CIEDE2000: under 1 nobody sees it, over 10 it is another color. */
  readonly deltaE: number;
}

/**
 * The things whose color is nearest to one, nearest first, by CIEDE2000.
 *
 * @example nearestColors('#ff0000', [{ id: 'ember', hex: '#fe0000' }], 3)[0].deltaE // 0.2, nobody sees it
 */
export function nearestColors(hex: string, things: readonly ColoredThing[], most: number): NearColor[] {
  return things
    .map((thing) => ({ id: thing.id, deltaE: difference(hex, thing.hex) }))
    .sort((a, b) => a.deltaE - b.deltaE || a.id.localeCompare(b.id))
    .slice(0, most);
}
