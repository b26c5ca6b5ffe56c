import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';

export interface CalendarSession {
  readonly title: string;
  readonly startsAt: number;
  readonly endsAt: number;
  /** A line each: what is done when. */
  readonly notes: readonly string[];
  /** Stays the same when the session is saved again, so that a calendar moves it instead of doubling it. */
  readonly uid: string;
  readonly savedAt: number;
}

/** Warned so long before, s: time to lay out and to look for what is missing. */
const ALARM_BEFORE_S = 1800;

/**
 * A session as a calendar file (RFC 5545). Instants in ms, written in UTC.
 *
 * @example calendarFile({ title: 'Pour', startsAt: 0, endsAt: 3_600_000, notes: [], uid: 'a', savedAt: 0 })
 * // 'BEGIN:VCALENDAR...'
 */
export function calendarFile(session: CalendarSession): string {
  return sessionsFile(session.title, [session]);
}

/**
 * Several sessions as one calendar file, each with its alarm.
 *
 * @example sessionsFile('The week', evenings) // 'BEGIN:VCALENDAR...'
 */
export function sessionsFile(name: string, sessions: readonly CalendarSession[]): string {
  const calendar = ical({ name, method: ICalCalendarMethod.PUBLISH });
  calendar.prodId({ company: 'Ruvek', product: 'Ruvek' });
  for (const { uid, title, startsAt, endsAt, notes, savedAt } of sessions) {
    const event = calendar.createEvent({
      id: uid,
      start: new Date(startsAt),
      end: new Date(endsAt),
      stamp: new Date(savedAt),
      summary: title,
      description: notes.join('\n'),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE_S, description: title });
  }
  return calendar.toString();
}

export interface CalendarDelivery {
  readonly uid: string;
  readonly title: string;
  /** The day it is due, `2026-11-30`. */
  readonly day: string;
  readonly notes: readonly string[];
}

/**
 * What is on its way as a calendar file (RFC 5545), a whole day each.
 *
 * @example deliveriesFile([{ uid: 'order-3', title: 'Order 3', day: '2026-11-30', notes: [] }], 0)
 * // '...DTSTART;VALUE=DATE:20261130...'
 */
export function deliveriesFile(deliveries: readonly CalendarDelivery[], savedAt: number): string {
  const calendar = ical({ name: 'Deliveries', method: ICalCalendarMethod.PUBLISH });
  calendar.prodId({ company: 'Ruvek', product: 'Ruvek' });
  for (const { uid, title, day, notes } of deliveries) {
    calendar.createEvent({
      id: uid,
      summary: title,
      description: notes.join('\n'),
      stamp: new Date(savedAt),
      start: new Date(`${day}T00:00:00Z`),
      allDay: true,
    });
  }
  return calendar.toString();
}
