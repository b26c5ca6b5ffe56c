import dayjs from 'dayjs';

/** A moment, ms since 1970, or a day as it is kept, `2026-11-28`. */
type Day = number | string;

/** How a screen writes days and hours. */
export interface DateWay {
  readonly dates: 'month-first' | 'day-first';
  readonly clock: '24' | '12';
}

/**
 * One screen writes its dates in one way, whoever writes them: so it is set once, where the screen's choices are read, as a
 * locale is.
 */
let way: DateWay = { dates: 'month-first', clock: '24' };

/** Sets how days and hours are written from now on. */
export function writeDatesIn(next: DateWay): void {
  way = next;
}

const FORMATS = {
  'month-first': { day: 'MMM D', weekday: 'ddd MMM D', date: 'MMM D, YYYY', letter: 'MMMM D, YYYY' },
  'day-first': { day: 'D MMM', weekday: 'ddd D MMM', date: 'D MMM YYYY', letter: 'D MMMM YYYY' },
} as const;
const CLOCKS = { '24': 'HH:mm', '12': 'h:mm a' } as const;

/** How a day is written in a field where one is picked. */
export const pickedDay = (): string => FORMATS[way.dates].weekday;

/** How an hour is written in a field where one is picked. */
export const pickedHour = (): string => CLOCKS[way.clock];

/** How a day of whatever year is written in a field where one is picked. */
export const pickedDate = (): string => FORMATS[way.dates].date;

/**
 * A day of about now.
 *
 * @example dayText('2026-11-28') // 'Nov 28'
 */
export function dayText(day: Day): string {
  return dayjs(day).format(FORMATS[way.dates].day);
}

/**
 * A day of about now, by its name too.
 *
 * @example weekdayText('2026-11-28') // 'Sat Nov 28'
 */
export function weekdayText(day: Day): string {
  return dayjs(day).format(FORMATS[way.dates].weekday);
}

/**
 * A day of whatever year.
 *
 * @example dateText('2026-11-28') // 'Nov 28, 2026'
 */
export function dateText(day: Day): string {
  return dayjs(day).format(FORMATS[way.dates].date);
}

/**
 * A day as it stands in a letter.
 *
 * @example letterDateText('2026-11-28') // 'November 28, 2026'
 */
export function letterDateText(day: Day): string {
  return dayjs(day).format(FORMATS[way.dates].letter);
}

/**
 * An hour of the day, in the time of the device.
 *
 * @example hourText(new Date(2026, 10, 28, 14, 5).getTime()) // '14:05'
 */
export function hourText(at: number): string {
  return dayjs(at).format(CLOCKS[way.clock]);
}

/**
 * A moment of about now, in the time of the device.
 *
 * @example momentText(new Date(2026, 10, 28, 14, 5).getTime()) // 'Nov 28, 14:05'
 */
export function momentText(at: number): string {
  return `${dayText(at)}, ${hourText(at)}`;
}
