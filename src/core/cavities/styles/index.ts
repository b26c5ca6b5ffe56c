import { bullet } from './bullet';
import { dart } from './dart';
import type { HeadStyle } from './definition';
import { egg } from './egg';
import { football } from './football';
import { pear } from './pear';
import { round } from './round';

/** Every style a ticket can ask for. */
export const HEAD_STYLES: readonly HeadStyle[] = [round, football, dart, bullet, egg, pear];

/** The style of this key, if there is one. */
export function findStyle(key: string): HeadStyle | undefined {
  return HEAD_STYLES.find((style) => style.key === key);
}
