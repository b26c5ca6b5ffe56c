import { ball } from './ball';
import { bell } from './bell';
import { bullet } from './bullet';
import { cone } from './cone';
import type { CavityForm } from './definition';
import { disc } from './disc';
import { egg } from './egg';
import { flatBack } from './flat-back';
import { football } from './football';
import { pyramid } from './pyramid';
import { walking } from './walking';

/** Every form that a new cavity can have from a few sizes. */
export const CAVITY_FORMS: readonly CavityForm[] = [
  disc,
  ball,
  egg,
  football,
  bullet,
  cone,
  pyramid,
  bell,
  walking,
  flatBack,
];
