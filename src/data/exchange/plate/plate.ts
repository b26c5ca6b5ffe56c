/** A drawing of true size with what belongs on its sheet. */
export interface Plate {
  readonly title: string;
  readonly subtitle: string;
  /** Views side by side, each its paths in mm, y down, from its own corner. */
  readonly views: readonly PlateView[];
  readonly facts: readonly (readonly [name: string, value: string])[];
  readonly steps: readonly string[];
  readonly caution: string;
}

export interface PlateView {
  readonly caption: string;
  /** SVG paths, mm. */
  readonly paths: readonly string[];
  /** x, y, width and height that hold them, mm. */
  readonly boxMm: readonly [number, number, number, number];
}

/** How long the bar is by which a print is checked. */
export const CHECK_BAR_MM = 100;

/** What stands beside it. */
export const CHECK_BAR_WORDS = `This bar is ${CHECK_BAR_MM} mm. If it is not, print at 100 %, without fitting.`;
