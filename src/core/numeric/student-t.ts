import jstat from 'jstat';

/**
 * How many standard errors to either side hold the truth with a confidence, from so many degrees of freedom: two-sided
 * Student's t. Confidence over 0 and under 1, degrees 1 or more.
 *
 * @example studentT(0.95, 9) // 2.262
 */
export const studentT = (confidence: number, degrees: number): number =>
  jstat.studentt.inv((1 + confidence) / 2, degrees);
