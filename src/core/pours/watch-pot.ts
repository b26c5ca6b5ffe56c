export interface PotLimits {
  /** Under this castings come short, C. */
  readonly coldUnderC: number;
  /** Over this they frost and the pot fumes, C. */
  readonly hotOverC: number;
}

export interface PotAlarm {
  readonly kind: 'cold' | 'hot';
  readonly at: number;
  readonly tempC: number;
}

export interface PotPoint {
  readonly at: number;
  readonly tempC: number;
}

/** What is remembered of a pot's stream. It never grows past its bounds, however long the stream runs. */
export interface PotWatch {
  readonly latest: PotPoint | null;
  /** The last twenty minutes, a point every two seconds. */
  readonly trace: readonly PotPoint[];
  /** The latest alarms, newest last. */
  readonly alarms: readonly PotAlarm[];
  /** How many there were in all. */
  readonly alarmCount: number;
  /** The one that holds now. */
  readonly sounding: 'cold' | 'hot' | null;
  /** Readings in a row beyond the limit that does not sound yet. */
  readonly beyond: number;
  /** Has stood within the band once: a pot that is still melting is not cold, it is not ready. */
  readonly wasReady: boolean;
}

export const NO_WATCH: PotWatch = {
  latest: null,
  trace: [],
  alarms: [],
  alarmCount: 0,
  sounding: null,
  beyond: 0,
  wasReady: false,
};

const POINT_EVERY_MS = 2000;
const TRACE_MS = 1_200_000;
const KEPT_ALARMS = 40;
/** So many readings in a row make an alarm: one alone is a flicker. */
const IN_A_ROW = 3;
/** Back within the band by so much, the alarm ends, C. */
const BACK_C = 2;

/**
 * The watch after one more reading: the trace, and an alarm each time the pot leaves its band. Three readings in a
 * row beyond a limit sound it once; it ends when the pot is back by 2 C, and the next excursion sounds again.
 *
 * @example watchPot(NO_WATCH, { at: 0, tempC: 391 }, { coldUnderC: 375, hotOverC: 410 }).sounding // null
 */
export function watchPot(watch: PotWatch, reading: PotPoint, limits: PotLimits): PotWatch {
  const { tempC, at } = reading;
  const last = watch.trace.at(-1);
  const isPoint = !last || at - last.at >= POINT_EVERY_MS || at < last.at;
  const trace = isPoint
    ? [...watch.trace.filter((point) => point.at <= at && point.at > at - TRACE_MS), reading]
    : watch.trace;
  const wasReady = watch.wasReady || (tempC >= limits.coldUnderC && tempC <= limits.hotOverC);
  const where: PotAlarm['kind'] | null =
    tempC > limits.hotOverC ? 'hot' : wasReady && tempC < limits.coldUnderC ? 'cold' : null;
  const kept = { ...watch, latest: reading, trace, wasReady };
  if (watch.sounding !== null && where !== (watch.sounding === 'hot' ? 'cold' : 'hot')) {
    const isBack =
      watch.sounding === 'hot' ? tempC <= limits.hotOverC - BACK_C : tempC >= limits.coldUnderC + BACK_C;
    return isBack ? { ...kept, sounding: null, beyond: 0 } : kept;
  }
  if (where === null) return { ...kept, sounding: null, beyond: 0 };
  const beyond = watch.beyond + 1;
  if (beyond < IN_A_ROW) return { ...kept, beyond };
  return {
    ...kept,
    sounding: where,
    beyond: 0,
    alarmCount: watch.alarmCount + 1,
    alarms: [...watch.alarms, { kind: where, at, tempC }].slice(-KEPT_ALARMS),
  };
}
