import type { TypicalSize } from './thing-kind';

interface SizeFigures {
  readonly sizes?: TypicalSize['sizes'];
  readonly massG?: number | null;
  /** Where the trade writes it in another way by mm, or by inches. */
  readonly metric?: string;
  readonly inch?: string;
}

/** To so many digits as a maker could measure. */
export function round(value: number, digits = 3): number {
  return Number(value.toPrecision(digits));
}

/** What is sold by its length: to five millimeters, and in inches as the trade writes it. */
export const byLength = (lengthMm: number, inches: string) => ({
  metric: `${Math.round(lengthMm / 5) * 5} mm`,
  inch: `${inches} in`,
});

/** A size with its figures: written alike in both systems unless said. */
export function size(
  key: string,
  { sizes = {}, massG = null, metric = key, inch = key }: SizeFigures = {},
): TypicalSize {
  return { key, metric, inch, sizes, massG };
}
