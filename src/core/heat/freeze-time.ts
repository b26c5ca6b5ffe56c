/**
 * How long a casting takes to freeze, in s, from one that was timed: Chvorinov's rule, t = t0 (M/M0)^n, with
 * M = volume/area in mm. n is 2 in sand and plaster and 1 to 1.5 in a metal mold.
 *
 * @example freezeTime({ modulusMm: 2, seconds: 10 }, 4, 2) // 40
 */
export function freezeTime(
  trial: { readonly modulusMm: number; readonly seconds: number },
  modulusMm: number,
  exponent: number,
): number {
  return trial.seconds * (modulusMm / trial.modulusMm) ** exponent;
}
