import { ball } from './ball';
import { bell } from './bell';
import { bullet } from './bullet';
import { buzzFlat } from './buzz-flat';
import { cone } from './cone';
import { dart } from './dart';
import type { HeadStyle } from './definition';
import { disc } from './disc';
import { egg } from './egg';
import { flatBack } from './flat-back';
import { football } from './football';
import { pear } from './pear';
import { plate } from './plate';
import { pyramid } from './pyramid';
import { round } from './round';
import { spinnerPoint } from './spinner-point';
import { spinnerRound } from './spinner-round';
import { walking } from './walking';

/** Every style a ticket can ask for. */
export const HEAD_STYLES: readonly HeadStyle[] = [
  round,
  football,
  dart,
  bullet,
  spinnerPoint,
  spinnerRound,
  buzzFlat,
  egg,
  pear,
  ball,
  disc,
  plate,
  cone,
  pyramid,
  bell,
  walking,
  flatBack,
];

/** The style of this key, if there is one. */
export function findStyle(key: string): HeadStyle | undefined {
  return HEAD_STYLES.find((style) => style.key === key);
}
