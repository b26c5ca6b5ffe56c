import { firstBench } from './001-first-bench';
import { trueWeights } from './002-true-weights';
import { beatAndDress } from './003-beat-and-dress';
import { dressingBench } from './004-dressing-bench';
import { coatStation } from './005-coat-station';
import { skirtStation } from './006-skirt-station';
import { buildStation } from './007-build-station';
import { rigStation } from './008-rig-station';
import { books } from './009-books';
import { packedLedger } from './010-packed-ledger';
import { cardRuns } from './011-card-runs';
import { deeds } from './012-deeds';
import { boughtThings } from './013-bought-things';
import { anyHeads } from './014-any-heads';
import { shapes } from './015-shapes';
import { saidSince } from './016-said-since';
import { askedByName } from './017-asked-by-name';
import { pulls } from './018-pulls';
import { week } from './019-week';
import { cups } from './020-cups';
import { mat } from './021-mat';
import { gates } from './022-gates';
import type { Migration } from './migration';

/** Every version of the database, oldest first. */
export const MIGRATIONS: readonly Migration[] = [
  firstBench,
  trueWeights,
  beatAndDress,
  dressingBench,
  coatStation,
  skirtStation,
  buildStation,
  rigStation,
  books,
  packedLedger,
  cardRuns,
  deeds,
  boughtThings,
  anyHeads,
  shapes,
  saidSince,
  askedByName,
  pulls,
  week,
  cups,
  mat,
  gates,
];
