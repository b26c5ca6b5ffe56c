import styles from './layout.module.css';

/** How far apart things stand, px: the steps of the scale of `tokens.css`; 0 also where a part's style sheet says it. */
export type Gap = 0 | 2 | 4 | 6 | 8 | 10 | 12 | 14 | 16 | 20 | 24 | 28;

type ClassName = string | undefined;

const laid = (way: ClassName, gap: Gap, more: readonly ClassName[]): string =>
  [way, styles[`gap${gap}`], ...more].filter(Boolean).join(' ');

/** One under the other, each as wide as there is room. What else it looks like comes after the gap. */
export const stack = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.stack, gap, more);

/** One under the other as a column of a page: it gives way where there is little room, and begins at the top. */
export const column = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.column, gap, more);

/** Side by side, in lines as long as there is room. */
export const wrap = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.wrap, gap, more);

/** Side by side on one middle, in lines as long as there is room. */
export const row = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.row, gap, more);

/** Side by side on one middle, the first at one end and the last at the other. */
export const spread = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.spread, gap, more);

/** Side by side on one middle, in one line. */
export const line = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.line, gap, more);

/** Fields and their buttons side by side, on one foot. */
export const fields = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.fields, gap, more);

/** Side by side in columns, whose widths a style sheet gives as `--apart`; on a narrow page one under the other. */
export const apart = (gap: Gap, ...more: readonly ClassName[]): string => laid(styles.apart, gap, more);
