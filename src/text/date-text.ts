import dayjs from 'dayjs';

/** A moment, ms since 1970, or a day as it is kept, `2026-11-28`. */
type Day = number | string;

/** How a day is written in a field where one is picked. */
export const PICKED_DAY = 'ddd MMM D';

/**
 * A day of about now.
 *
 * @example dayText('2026-11-28') // 'Nov 28'
 */
export function dayText(day: Day): string {
  return dayjs(day).format('MMM D');
}

/**
 * A day of about now, by its name too.
 *
 * @example weekdayText('2026-11-28') // 'Sat Nov 28'
 */
export function weekdayText(day: Day): string {
  return dayjs(day).format(PICKED_DAY);
}

/**
 * A day of whatever year.
 *
 * @example dateText('2026-11-28') // 'Nov 28, 2026'
 */
export function dateText(day: Day): string {
  return dayjs(day).format('MMM D, YYYY');
}

/**
 * A day as it stands in a letter.
 *
 * @example letterDateText('2026-11-28') // 'November 28, 2026'
 */
export function letterDateText(day: Day): string {
  return dayjs(day).format('MMMM D, YYYY');
}

/**
 * A moment of about now, in the time of the device.
 *
 * @example momentText(new Date(2026, 10, 28, 14, 5).getTime()) // 'Nov 28, 14:05'
 */
export function momentText(at: number): string {
  return dayjs(at).format('MMM D, HH:mm');
}
