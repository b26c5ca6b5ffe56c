import { normalZ } from '../numeric/normal-z';
import { studentT } from '../numeric/student-t';
import { sum } from '../numeric/sum';
import { done, type Outcome } from '../problems/problem';
import { calibrateCavity, type CastingSample } from './calibrate-cavity';
import { castGramsPerCm3, type CastMetal } from './cast-grams-per-cm3';
import type { EmbeddedPart } from './embedded-part';
import { predictCasting } from './predict-casting';

export interface CavityBandQuestion {
  readonly samples: readonly CastingSample[];
  /** Of the casting that is foretold. */
  readonly metal: CastMetal;
  readonly embedded: readonly EmbeddedPart[];
  /** How far the metal's density lies off, one standard deviation as a share; 0 where nobody doubts it. */
  readonly densityShareSd?: number | undefined;
  /** How far what is cast in lies off, one standard deviation, g. */
  readonly hardwareSdG?: number | undefined;
  readonly confidence?: number | undefined;
  /** How many castings are weighed together, a piece of which is foretold; one where left out. */
  readonly pieces?: number | undefined;
}

export interface CavityBand {
  readonly finishedG: number;
  /** To either side, g; null where one weighing alone says nothing of the spread. */
  readonly bandG: number | null;
}

const USUAL_CONFIDENCE = 0.95;

/**
 * Where the next single casting of a cavity lies: the spread of one piece and the doubt of the mean by Student's t, the
 * doubt of the metal's density and of the hardware by the normal. A piece scatters wider than the mean of them does.
 *
 * Problems: those of `calibrateCavity` and `predictCasting`.
 *
 * Source: prediction interval of a normal sample, sqrt((t f s sqrt(1 + 1/n))^2 + z^2 ((metal x density)^2 + hardware^2)).
 *
 * @example cavityBand({ samples, metal, embedded: [] }).value // { finishedG: 9.98, bandG: 0.11 }
 */
export function cavityBand(question: CavityBandQuestion): Outcome<CavityBand> {
  const {
    samples,
    metal,
    embedded,
    densityShareSd = 0,
    hardwareSdG = 0,
    confidence = USUAL_CONFIDENCE,
    pieces = 1,
  } = question;
  const found = calibrateCavity(samples);
  if (!found.ok) return found;
  const { cavityVolumeCm3, samples: read } = found.value;
  const cast = predictCasting(cavityVolumeCm3, metal, embedded);
  if (!cast.ok) return cast;
  const { metalG, finishedG } = cast.value;
  if (samples.length === 1) return done({ finishedG, bandG: null });
  const weighed = sum(samples.map(({ count }) => count));
  const squares = sum(
    samples.map(({ count }, at) => count * ((read[at]?.volumeCm3 ?? 0) - cavityVolumeCm3) ** 2),
  );
  const degrees = samples.length - 1;
  const spreadG = castGramsPerCm3(metal) * Math.sqrt(squares / degrees);
  const ofOneG = studentT(confidence, degrees) * spreadG * Math.sqrt(1 / pieces + 1 / weighed);
  const ofFactsG = normalZ(confidence) * Math.hypot(metalG * densityShareSd, hardwareSdG);
  return done({ finishedG, bandG: Math.hypot(ofOneG, ofFactsG) });
}
