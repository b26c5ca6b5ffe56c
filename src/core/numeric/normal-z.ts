import jstat from 'jstat';

/**
 * How many standard deviations to either side hold a normal value with a confidence over 0 and under 1.
 *
 * @example normalZ(0.95) // 1.96
 */
export const normalZ = (confidence: number): number => jstat.normal.inv((1 + confidence) / 2, 0, 1);
